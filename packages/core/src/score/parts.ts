/** Parts of a score, each made from what the engine knows: voicings, hits, lines. */
import { midi, quarters, ticks, type Midi, type Ticks } from '../base/units';
import { noteInKey } from '../analysis/base/key';
import type { Timeline } from '../chart/timeline';
import type { SoundingHit } from '../comp/base/sounding';
import { inTicks } from '../comp/base/time';
import type { Degree } from '../chord/degrees';
import { noteOf, plainSpelling, type NoteName } from '../pitch/spelling';
import { FRETTED } from '../voicing/base/instruments';
import { isFretted } from '../voicing/playingOf';
import type { Instrument, Voicing } from '../voicing/base/types';
import { clefOf } from './staff';
import type { Clef, PartMeasure, ScoreMeasure, ScorePart } from './types';
import { writeVoice, type Pitched, type Struck } from './voice';

/** From here up a hand that plays alone is written in the treble. */
const MIDDLE_C = 60;

/** What is played of a chart when nobody writes it out: slashes. */
export const slashPart = (name: string, measures: readonly ScoreMeasure[]): ScorePart => ({
  ...{ name, staves: ['treble'], tuning: [], writtenAbove: 0 },
  measures: measures.map(() => ({ voices: [] })),
});

interface LineNote {
  readonly midi: Midi;
  readonly note: NoteName;
  readonly at: Ticks;
  readonly length: Ticks;
  readonly degree?: Degree;
}

/** A line of single notes, without double flats and sharps: it is read at sight. */
export function linePart(
  name: string,
  line: readonly LineNote[],
  measures: readonly ScoreMeasure[],
): ScorePart {
  const struck = line.map(({ at, length, note, ...rest }) => ({
    ...{ at, length },
    notes: [{ ...rest, note: plainSpelling(note) }],
  }));
  const bars = writeVoice(struck, measures);
  return {
    ...{ name, staves: [clefOf(line)], tuning: [], writtenAbove: 0 },
    measures: bars.map((moments) => ({ voices: [{ staff: 0, moments }] })),
  };
}

interface Chords {
  readonly name: string;
  readonly instrument: Instrument;
  readonly timeline: Timeline;
  readonly measures: readonly ScoreMeasure[];
}

/** Every voicing of a chorus, as long as its chord lasts. */
export function voicingsPart(chords: Chords, path: readonly Voicing[]): ScorePart {
  const start = chords.timeline.bars[0]?.at ?? 0;
  const struck = chords.timeline.events.map(({ at, length }, event) => ({
    at: inTicks(quarters(at - start)),
    length: inTicks(length),
    voicing: path[event],
  }));
  return chordPart(chords, struck);
}

/** The hits of the comp as they are written, each with the voicing it plays. */
export function compPart(
  chords: Chords,
  hits: readonly SoundingHit[],
  path: readonly Voicing[],
): ScorePart {
  const struck = placedHits(chords.timeline, hits).map(({ chord, ...placed }) => ({
    ...placed,
    voicing: path[chord],
  }));
  return chordPart(chords, struck);
}

/** Hits from the beginning of the score. */
function placedHits({ bars }: Timeline, hits: readonly SoundingHit[]) {
  const start = bars[0]?.at ?? 0;
  const barAt = new Map(bars.map(({ number, at }) => [number, at]));
  return hits.map(({ hit, chord }) => ({
    at: ticks(inTicks(quarters((barAt.get(hit.bar) ?? 0) - start)) + hit.at),
    ...{ length: hit.length, chord },
  }));
}

/** Where slashes stand: the middle line of a treble staff, as the key has it, so that they have no sign. */
function middleLine(key: string): Pitched {
  const note = noteInKey('B', key);
  return { midi: midi(71 + noteOf(note).accidental), note };
}

/** The rhythm of the comp in slashes: its player chooses the notes from the symbols. */
export function rhythmPart(
  { name, timeline, measures }: Omit<Chords, 'instrument'>,
  hits: readonly SoundingHit[],
  key: string,
): ScorePart {
  const note = middleLine(key);
  const struck = placedHits(timeline, hits).map(({ at, length }) => ({
    ...{ at, length },
    notes: [note],
  }));
  const bars = writeVoice(struck, measures);
  return {
    ...{ name, staves: ['treble'], tuning: [], writtenAbove: 0 },
    measures: bars.map((moments) => ({
      voices: [
        {
          staff: 0,
          moments: moments.map((each) => (each.notes.length ? { ...each, slashed: true } : each)),
        },
      ],
    })),
  };
}

interface StruckVoicing extends Pick<Struck, 'at' | 'length'> {
  readonly voicing: Voicing | undefined;
}

/** On strings a staff over its tab, on keys two staves. */
function chordPart(
  { name, instrument, measures }: Chords,
  struck: readonly StruckVoicing[],
): ScorePart {
  const sounding = struck.filter(({ voicing }) => voicing?.notes.length);
  const onStaff = (keep: (note: Pitched, all: Voicing) => boolean): Struck[] =>
    sounding.flatMap(({ at, length, voicing }) => {
      const notes = pitchedOf(voicing!).filter((note) => keep(note, voicing!));
      return notes.length ? [{ at, length, notes }] : [];
    });
  if (isFretted(instrument)) {
    const bars = writeVoice(
      onStaff(() => true),
      measures,
    );
    const staves: Clef[] = ['treble', 'tab'];
    const { writtenAbove } = FRETTED[instrument.kind];
    return {
      ...{ name, staves, tuning: instrument.tuning, writtenAbove },
      measures: bars.map((moments): PartMeasure => ({
        voices: staves.map((_, staff) => ({ staff, moments })),
      })),
    };
  }
  const isHigh = (note: Pitched, voicing: Voicing): boolean => {
    const own = voicing.notes.find((each) => each.midi === note.midi);
    const hands = new Set(voicing.notes.map(({ hand }) => hand));
    return hands.size > 1 ? own?.hand === 'right' : note.midi >= MIDDLE_C;
  };
  const [high, low] = [isHigh, (note: Pitched, all: Voicing) => !isHigh(note, all)].map((keep) =>
    writeVoice(onStaff(keep), measures),
  );
  return {
    ...{ name, staves: ['treble', 'bass'], tuning: [], writtenAbove: 0 },
    measures: measures.map((_, at): PartMeasure => ({
      voices: [
        { staff: 0, moments: high![at]! },
        { staff: 1, moments: low![at]! },
      ],
    })),
  };
}

/** The notes of a voicing, without double flats and sharps as in a line. */
const pitchedOf = ({ notes }: Voicing): Pitched[] =>
  notes.map(({ midi: pitch, note, string, fret }) => ({
    ...{ midi: pitch, note: plainSpelling(note) },
    ...(string !== undefined && fret !== undefined && { string, fret }),
  }));
