import type { ChartEvent } from '../../chart/timeline';
import type { Chord } from '../../chord/types';
import type { NoteName } from '../../pitch/spelling';
import { voicingKey } from '../../voicing/enumerate';
import { isFretted, playingOf } from '../../voicing/playingOf';
import type { Instrument, Voicing } from '../../voicing/base/types';
import type { Change, VoiceMotion } from '../base/types';
import { weigh } from '../base/weighed';
import { resolutionsOf } from './resolutions';
import { threadsOf } from './threads';

/** A chorus in figures. */
export interface Summary {
  /** Half steps. */
  readonly motion: number;
  /** Half steps a change; 0 without changes. */
  readonly motionPerChange: number;
  /** The tone that sounds on longest in one voice, over how many chords. */
  readonly longestHeld?: { readonly note: NoteName; readonly chords: number; readonly at: number };
  /** Voices that move by more than a major third. */
  readonly leaps: number;
  /** Of these, top voices. */
  readonly topLeaps: number;
  /** Changes from one phrase to the next where the whole hand moves an octave. */
  readonly octaveMoves: number;
  readonly resolutions: { readonly met: number; readonly asked: number };
  /** On strings: how far the index finger goes along the neck, in mm. */
  readonly handTravelMm?: number;
  /** On strings: how far the grips open past comfort, all together, in mm. */
  readonly pastComfortMm?: number;
  /** On strings: the widest grip. */
  readonly hardest?: { readonly at: number; readonly stretchMm: number };
  /** Different grips, and chords that are voiced. */
  readonly grips: number;
  readonly chords: number;
}

export interface SummaryRequest {
  readonly chords: readonly Chord[];
  readonly path: readonly Voicing[];
  readonly changes: readonly Change[];
  readonly instrument: Instrument;
}

const MAJOR_THIRD = 4;

export function summaryOf(request: SummaryRequest): Summary {
  const { path, changes, instrument } = request;
  const motion = changes.reduce((sum, change) => sum + change.motion, 0);
  const sounding = path.filter(({ notes }) => notes.length > 0);
  const alongNeck = playingOf(instrument).positionsMm.length > 0 && sounding.length > 0;
  const held = longestHeld(path, changes);
  return {
    motion,
    motionPerChange: changes.length ? motion / changes.length : 0,
    ...(held && { longestHeld: held }),
    leaps: changes.reduce((sum, { voices }) => sum + voices.filter(leapt).length, 0),
    topLeaps: changes.filter(({ voices }) =>
      voices.some((voice) => isTop(voice, voices) && leapt(voice)),
    ).length,
    octaveMoves: changes.filter(({ octave }) => octave !== 0).length,
    resolutions: resolutionCount(request),
    ...(alongNeck && {
      handTravelMm: Math.round(shiftsOf(request).reduce((sum, mm) => sum + mm, 0)),
      pastComfortMm: Math.round(pastComfort(path, instrument)),
      hardest: hardestGrip(path),
    }),
    grips: new Set(sounding.map(voicingKey)).size,
    chords: sounding.length,
  };
}

const leapt = ({ semitones = 0 }: VoiceMotion): boolean => Math.abs(semitones) > MAJOR_THIRD;

/** The highest of the voices that go on. */
const isTop = (voice: VoiceMotion, voices: readonly VoiceMotion[]): boolean =>
  voice === voices.filter(({ semitones }) => semitones !== undefined).at(-1);

function resolutionCount({ chords, path, changes }: SummaryRequest): Summary['resolutions'] {
  const all = changes.flatMap((change) =>
    resolutionsOf(
      change,
      [path[change.from]!, path[change.to]!],
      [chords[change.from]!, chords[change.to]!],
    ),
  );
  return { met: all.filter(({ met }) => met).length, asked: all.length };
}

/** By change: how far the index finger goes along the neck, in mm; 0 to and from open grips and on keys. */
export function shiftsOf({
  path,
  changes,
  instrument,
}: Pick<SummaryRequest, 'path' | 'changes' | 'instrument'>): number[] {
  const stands = path.map((voicing) => weigh(voicing, instrument).positionMm);
  return changes.map(({ from, to }) => {
    const [a, b] = [stands[from], stands[to]];
    return a === undefined || b === undefined ? 0 : Math.abs(a - b);
  });
}

function pastComfort(path: readonly Voicing[], instrument: Instrument): number {
  if (!isFretted(instrument)) return 0;
  const { comfortableMm } = instrument.hand;
  return path.reduce((sum, { stretchMm = 0 }) => sum + Math.max(0, stretchMm - comfortableMm), 0);
}

function hardestGrip(path: readonly Voicing[]): NonNullable<Summary['hardest']> {
  let hardest = { at: 0, stretchMm: 0 };
  path.forEach(({ stretchMm = 0 }, at) => {
    if (stretchMm > hardest.stretchMm) hardest = { at, stretchMm };
  });
  return hardest;
}

function longestHeld(path: readonly Voicing[], changes: readonly Change[]): Summary['longestHeld'] {
  let longest: Summary['longestHeld'];
  for (const { from, voices } of threadsOf(path, changes)) {
    let begin = 0;
    voices.forEach((voice, i) => {
      const note = path[from + i]!.notes[voice]!;
      if (note.midi !== path[from + begin]!.notes[voices[begin]!]!.midi) begin = i;
      const chords = i - begin + 1;
      if (chords > 1 && chords > (longest?.chords ?? 1)) {
        longest = { note: note.note, chords, at: from + begin };
      }
    });
  }
  return longest;
}

/** Motion and hand travel of one bar: of the changes that lead to its chords. */
export interface BarProfile {
  readonly bar: number;
  /** Half steps. */
  readonly motion: number;
  readonly handMm: number;
}

export function profileByBar(
  { path, changes, instrument }: Pick<SummaryRequest, 'path' | 'changes' | 'instrument'>,
  events: readonly ChartEvent[],
): BarProfile[] {
  const shifts = shiftsOf({ path, changes, instrument });
  const bars = new Map<number, { motion: number; handMm: number }>();
  for (const { bar } of events) bars.set(bar, { motion: 0, handMm: 0 });
  changes.forEach(({ to, motion }, at) => {
    const bar = bars.get(events[to]!.bar)!;
    bar.motion += motion;
    bar.handMm += shifts[at]!;
  });
  return [...bars].map(([bar, { motion, handMm }]) => ({
    bar,
    motion,
    handMm: Math.round(handMm),
  }));
}
