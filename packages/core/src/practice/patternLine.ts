/**
 * Études in single notes, made from the voicings of a round, so that they lie where the chords lie and fit each
 * quality. Broken: the voices of each chord in eighths, one skipped each time, on strings that are no neighbours
 * where the form has them. Enclosed: the top note of each chord on its beat, come to from a half step above and
 * one below. Source: common practice.
 */
import { midi, ticks } from '../base/units';
import { EIGHTH, TICKS_PER_QUARTER } from '../comp/base/time';
import type { SoloNote } from '../comp/solo/types';
import type { Voicing } from '../voicing/base/types';

export const PLAYED = ['chords', 'broken', 'enclosed'] as const;
/** How an étude is played: its chords struck, their notes one by one, or their top notes enclosed. */
export type Played = (typeof PLAYED)[number];

const VELOCITY = 80;

/**
 * The line of a round, from its beginning; none where chords are struck.
 * @param lengths how long each chord lasts, in quarters; at least one
 */
export function patternLine(
  path: readonly Voicing[],
  lengths: readonly number[],
  played: Played,
): SoloNote[] {
  if (played === 'chords') return [];
  const notes: SoloNote[] = [];
  let at = 0;
  path.forEach((voicing, position) => {
    const length = lengths[position]! * TICKS_PER_QUARTER;
    const own =
      played === 'broken'
        ? broken(voicing, length)
        : enclosing(voicing, path[position + 1], length);
    notes.push(...own.map((each) => ({ ...each, at: ticks(at + each.at) })));
    at += length;
  });
  return notes;
}

const note = (pitch: number, at: number, length: number): SoloNote => ({
  midi: midi(pitch),
  at: ticks(at),
  length: ticks(length),
  velocity: VELOCITY,
});

/** Voices 1 3 2 4, and round again while the chord lasts. */
function broken({ notes }: Voicing, length: number): SoloNote[] {
  const order = skipping(notes.length);
  return Array.from({ length: Math.floor(length / EIGHTH) }, (_, at) =>
    note(notes[order[at % order.length]!]!.midi, at * EIGHTH, EIGHTH),
  );
}

/** The order of voices, from 0, in which no neighbours follow each other but where there is no other way: 0 2 1 3. */
function skipping(voices: number): number[] {
  const order = Array.from({ length: voices }, (_, at) => at);
  for (let at = 1; at + 1 < voices; at += 2) {
    [order[at], order[at + 1]] = [order[at + 1]!, order[at]!];
  }
  return order;
}

/** The top note, and on the last beat the next chord's from above and below. */
function enclosing({ notes }: Voicing, next: Voicing | undefined, length: number): SoloNote[] {
  const top = notes.at(-1)!.midi;
  const target = next?.notes.at(-1)?.midi;
  // Too short to be left on a beat of its own.
  if (target === undefined || length <= TICKS_PER_QUARTER) return [note(top, 0, length)];
  const leaves = length - TICKS_PER_QUARTER;
  return [
    note(top, 0, leaves),
    note(target + 1, leaves, EIGHTH),
    note(target - 1, leaves + EIGHTH, EIGHTH),
  ];
}
