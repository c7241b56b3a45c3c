import type { PlannedNote } from './types';
import { ticks, type Ticks } from '../base/units';
import type { Voicing } from '../voicing/base/types';
import { HIT_TIMES, HIT_TOUCH } from '../comp/base/data';
import { LOUDNESS } from './data';
import type { SoundingHit } from '../comp/base/sounding';
import { inQuarters } from '../comp/base/time';

/** The notes of a hit, as its touch has them, in order of time. Silence has none. */
export function hitNotes({ hit, at, end }: SoundingHit, { notes }: Voicing): PlannedNote[] {
  const pitches = notes.map((note) => note.midi as number);
  const asLoud = LOUDNESS[(hit.loudness ?? 3) - 1]!;
  const velocity = (hit.accent ? HIT_TOUCH.accent : HIT_TOUCH.plain) * asLoud;
  const chord = (from: Ticks, to: Ticks, struck: number, shift = 0): PlannedNote[] =>
    pitches.map((pitch) => noteOf(pitch + shift, from, to, struck));
  switch (hit.touch) {
    case 'plain':
      return chord(at, end, velocity);
    case 'grace':
      return [
        ...chord(ticks(at - HIT_TIMES.grace), at, HIT_TOUCH.grace * asLoud, -1),
        ...chord(at, end, velocity),
      ];
    case 'rolled': {
      const step = Math.min(HIT_TIMES.roll, (end - at) / 2 / Math.max(1, pitches.length - 1));
      return pitches.map((pitch, voice) =>
        noteOf(pitch, ticks(Math.round(at + voice * step)), end, velocity),
      );
    }
    case 'tremolo': {
      const strokes = Math.max(1, Math.floor((end - at) / HIT_TIMES.tremolo));
      return Array.from({ length: strokes }, (_, stroke) => {
        const from = ticks(at + stroke * HIT_TIMES.tremolo);
        const to = stroke === strokes - 1 ? end : ticks(from + HIT_TIMES.tremolo);
        return chord(from, to, stroke === 0 ? velocity : HIT_TOUCH.tremolo * asLoud);
      }).flat();
    }
  }
}

const noteOf = (midi: number, from: Ticks, to: Ticks, velocity: number): PlannedNote => ({
  part: 'comp',
  midi,
  at: inQuarters(from),
  length: inQuarters(ticks(to - from)),
  velocity: Math.round(velocity),
});
