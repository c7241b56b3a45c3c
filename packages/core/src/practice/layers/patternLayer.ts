/**
 * A pattern through the changes of a tune: the voicings of the chorus in single notes, each under its chord, so that
 * cells that skip a string and enclosures are practised where the hand lies. A rest breaks the pattern. Source: common
 * practice.
 */
import { quarters, ticks } from '../../base/units';
import type { Timeline } from '../../chart/timeline';
import { inTicks } from '../../comp/base/time';
import type { Degree } from '../../chord/degrees';
import { plainDegree } from '../../chord/scaleDegrees';
import type { PitchedChord } from '../../chord/types';
import { pitchClassOf, plainRoot, spellFrom, type NoteName } from '../../pitch/spelling';
import type { Voicing } from '../../voicing/base/types';
import { patternLine, type Played } from '../patternLine';
import type { LayerNote } from './types';

/** @param path the voicing of each event; as many */
export function patternLayer(
  { events }: Timeline,
  path: readonly Voicing[],
  played: Played,
): LayerNote[] {
  return runsOf(path).flatMap(([first, end]) => {
    const voicings = path.slice(first, end);
    const lengths = events.slice(first, end).map(({ length }) => length);
    const start = inTicks(events[first]!.at);
    return patternLine(voicings, lengths, played).map((note): LayerNote => {
      const at = ticks(start + note.at);
      const event = first + eventAt(lengths, note.at);
      const chord = events[event]?.chord;
      const name = nameOf(note.midi, path[event], path[event + 1]);
      return {
        ...{ midi: note.midi, at, length: note.length, event, note: name },
        degree: chord?.kind === 'chord' ? degreeOn(chord, note.midi) : 'R',
      };
    });
  });
}

/** Stretches of voicings that sound, as first and one past the last position. */
function runsOf(path: readonly Voicing[]): (readonly [number, number])[] {
  const runs: [number, number][] = [];
  path.forEach(({ notes }, at) => {
    const last = runs.at(-1);
    if (!notes.length) return;
    if (last?.[1] === at) last[1] = at + 1;
    else runs.push([at, at + 1]);
  });
  return runs;
}

/** Which of some chords a moment lies in. */
function eventAt(lengths: readonly number[], at: number): number {
  let end = 0;
  const found = lengths.findIndex((length) => at < (end += inTicks(quarters(length))));
  return found < 0 ? lengths.length - 1 : found;
}

/** As the voicing has it; a note that encloses the next top, by the letter above or below that, as players write it. */
function nameOf(pitch: number, own: Voicing | undefined, next: Voicing | undefined): NoteName {
  const sounding = own?.notes.find(({ midi }) => midi === pitch);
  if (sounding) return sounding.note;
  const target = next?.notes.at(-1);
  const way = target && pitch > target.midi ? 1 : -1;
  return plainRoot(spellFrom(target?.note ?? 'C', way, way));
}

/** What a pitch is on a chord: a tone of its own by its own name. */
const degreeOn = ({ root, tones }: PitchedChord, pitch: number): Degree =>
  plainDegree(
    tones.map(({ degree }) => degree),
    pitch - pitchClassOf(root),
  );
