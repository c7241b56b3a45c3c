/** A scale for every chord of a tune, on paper: a bar of eighths each, rising from its first note. */
import { analyzeChart } from '../analysis/analyzeChart';
import type { School } from '../analysis/base/types';
import { scaleHolds } from '../arrangement/stored/scales';
import type { KeptScale } from '../arrangement/stored/types';
import { midi, ticks } from '../base/units';
import { timeline } from '../chart/timeline';
import { degreesOver, openFrom, scaleOver } from '../chord/scaleOver';
import type { OpenScale } from '../chord/openedBy';
import type { PitchedChord } from '../chord/types';
import { pitchClassOf } from '../pitch/spelling';
import { readBy, scoreOf, type SheetNote, type SheetTune } from './documents';
import { linePart } from './parts';
import { READERS, type ReaderId } from './readers';
import type { Score, ScoreMeasure } from './types';

const EIGHTH = 240;
const IN_A_BAR = 8;
const METER = { beats: 4, unit: 4 } as const;
/** The lowest first note, as written: middle C, or the C two octaves under it. */
const LOWEST = { treble: 60, bass: 36, tab: 60 } as const;

/** What is kept for the chords of a tune, and whose first scale the others get. */
export interface SheetScales {
  /** By position among the chords of the chorus. */
  readonly kept: readonly KeptScale[];
  readonly school: School;
}

interface ScaleBar {
  readonly chord: PitchedChord;
  readonly number: string;
  readonly open: OpenScale;
}

/** Every chord once with each scale it gets, in the order of the tune. */
export function scaleSheet(
  tune: SheetTune,
  { kept, school }: SheetScales,
  reader: ReaderId = 'concert',
): Score {
  const { chart, key } = readBy(tune, reader);
  const { sounds, clef } = READERS[reader];
  const bars = barsOf(tune, chart, kept, school);
  const measures = bars.map(({ chord, number, open }, at): ScoreMeasure => ({
    ...{ number: at + 1, meter: METER },
    ...{ at: ticks(at * IN_A_BAR * EIGHTH), length: ticks(IN_A_BAR * EIGHTH) },
    chords: [{ at: ticks(0), chord, number }],
    words: [scaleOver(chord, open).name],
    ...{ directions: [], repeatStart: false, repeatEnd: false },
  }));
  const line = bars.flatMap(({ chord, open }, at) => rising(chord, open, at, LOWEST[clef], sounds));
  const part = linePart('Scales', line, measures);
  return scoreOf(tune, key, measures, { ...part, staves: [clef], writtenAbove: -sounds });
}

function barsOf(
  tune: SheetTune,
  chart: SheetTune['chart'],
  kept: readonly KeptScale[],
  school: School,
): ScaleBar[] {
  const own = timeline(tune.chart).events;
  const { chords } = analyzeChart(chart, { school });
  const seen = new Set<string>();
  return timeline(chart).events.flatMap(({ chord }, at): ScaleBar[] => {
    if (chord.kind !== 'chord') return [];
    const held = kept.find((each) => each.at === at && scaleHolds(each, own[at]!.chord));
    const pool = chords[at]?.scales.find((each) => each.school === school) ?? chords[at]?.scales[0];
    const open = held ?? (pool && openFrom(pool.root, pool.scale, chord));
    if (!open) return [];
    const name = `${chord.symbol} ${scaleOver(chord, open).name}`;
    if (seen.has(name)) return [];
    seen.add(name);
    return [{ chord, number: chords[at]?.numeral ?? '', open }];
  });
}

/** Eight eighths from the first note up, beyond the octave where the scale has fewer notes. */
function rising(
  chord: PitchedChord,
  open: OpenScale,
  bar: number,
  lowest: number,
  sounds: number,
): SheetNote[] {
  const { notes } = scaleOver(chord, open);
  const degrees = degreesOver(chord, notes);
  let pitch = lowest - 1;
  return Array.from({ length: IN_A_BAR }, (_, at): SheetNote => {
    const note = notes[at % notes.length]!;
    pitch += ((((pitchClassOf(note) - pitch - 1) % 12) + 12) % 12) + 1;
    return {
      ...{ note, midi: midi(pitch + sounds), degree: degrees[at % notes.length]! },
      ...{ at: ticks((bar * IN_A_BAR + at) * EIGHTH), length: ticks(EIGHTH) },
    };
  });
}
