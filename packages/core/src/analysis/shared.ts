import { pitchClassOf, type NoteName } from '../pitch/spelling';
import type { PitchedChord } from '../chord/types';
import type { Pool, SharedNote, SharedNotes } from './base/types';

/** A chord with the pool that is played over it. */
export interface ChordWithPool {
  readonly chord: PitchedChord;
  readonly pool?: Pick<Pool, 'notes'> | undefined;
}

/**
 * The notes that two chords have in common: those of the chords themselves, and those of both their pools, the
 * chords' own among them. Each is named as either chord spells it, in the order of the first. Cmaj7 and Dbmaj7
 * share C, and with Lydian pools C and G.
 */
export function sharedNotes(here: ChordWithPool, there: ChordWithPool): SharedNotes {
  const [tones, others] = [notesOf(here.chord), notesOf(there.chord)];
  return {
    tones: inCommon(tones, others),
    pool: inCommon(here.pool?.notes ?? tones, there.pool?.notes ?? others),
  };
}

const notesOf = ({ tones }: PitchedChord): NoteName[] => tones.map(({ note }) => note);

const inCommon = (here: readonly NoteName[], there: readonly NoteName[]): SharedNote[] =>
  here.flatMap((note) => {
    const same = there.find((other) => pitchClassOf(other) === pitchClassOf(note));
    return same ? [{ note, there: same }] : [];
  });

/** A note that goes on through neighbouring chords. */
export interface HeldNote {
  readonly note: NoteName;
  /** Positions of the first and the last chord that have it. */
  readonly from: number;
  readonly to: number;
}

/**
 * The notes that could be held through two chords or more, the longest first, then the earlier. Each is named as
 * the first of its chords spells it.
 * @param rows the notes of each chord, or of its pool, in order of time
 */
export function heldNotes(rows: readonly (readonly NoteName[])[]): HeldNote[] {
  const found: HeldNote[] = [];
  const has = (row: number, pitch: number): boolean =>
    !!rows[row]?.some((note) => pitchClassOf(note) === pitch);
  rows.forEach((notes, from) => {
    for (const note of notes) {
      const pitch = pitchClassOf(note);
      if (has(from - 1, pitch)) continue;
      let to = from;
      while (has(to + 1, pitch)) to += 1;
      if (to > from) found.push({ note, from, to });
    }
  });
  return found.sort((a, b) => b.to - b.from - (a.to - a.from) || a.from - b.from);
}
