import type { InstrumentId } from '../voicing/base/instruments';
import { heardLine } from '../score/heardLine';
import type { Score, ScoreMeasure } from '../score/types';
import { partSound } from '../band/sounds';
import type { MidiSong } from './midi/types';

/** What a document holds besides its notes. */
export interface ScoreSound {
  /** Sounds as the soloist, or as the comp of an instrument. */
  readonly part: 'solo' | 'comp';
  readonly instrument: InstrumentId;
}

/**
 * A document as a Standard MIDI File holds it: its notes where they are written, straight, with meters, sections and symbols.
 * Nothing where it has no notes, as a chart in slashes.
 */
export function songOfScore(score: Score, { part, instrument }: ScoreSound): MidiSong | undefined {
  const { title, tempo, key, feel, measures } = score;
  const { notes } = heardLine(score);
  if (!notes.length) return undefined;
  // A line counts from bar 1; a file from its beginning.
  const start = measures.find(({ number }) => number > 0)?.at ?? 0;
  const { channel, program } = partSound(part, instrument);
  return {
    ...{ title, tempo, key, feel, meters: metersOf(measures) },
    sections: measures.flatMap(({ at, section }) =>
      section === undefined ? [] : [{ at, text: section }],
    ),
    chords: measures.flatMap(({ at, chords }) =>
      chords.map(({ at: inBar, chord }) => ({ at: at + inBar, text: chord.symbol })),
    ),
    tracks: [
      {
        ...{ name: score.parts[0]?.name ?? title, channel, program },
        notes: [...notes]
          .sort((a, b) => a.at - b.at || a.midi - b.midi)
          .map(({ midi, at, length, velocity }) => ({
            ...{ midi, at: at + start, length, velocity },
          })),
      },
    ],
  };
}

/** A pickup is a bar of its own length. */
function metersOf(measures: readonly ScoreMeasure[]): MidiSong['meters'] {
  const all = measures.map(({ at, meter, length }) => {
    const beats = Math.max(1, Math.round((length * meter.unit) / 1920));
    return { at: at, meter: { beats, unit: meter.unit } };
  });
  return all.filter(({ meter }, position) => {
    const before = all[position - 1]?.meter;
    return before?.beats !== meter.beats || before.unit !== meter.unit;
  });
}
