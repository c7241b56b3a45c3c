import { summaryOf, type Instrument, type NoteName, type Summary } from '@drop-close/core';
import type { VoicedChorus, VoicedPath } from '../../engine/protocol';

/** Terms of the glossary that explain the figures, by their names. */
export const FIGURE_TERMS: Readonly<Record<string, string>> = {
  Motion: 'motion',
  'Resolutions met': 'resolution',
  Leaps: 'leap',
  'Longest held': 'held',
  'Different grips': 'grip',
  'Hand along the neck': 'hand shift',
  'Widest grip': 'stretch',
};

export const summaryFor = (
  { timeline }: VoicedChorus,
  { path, changes }: VoicedPath,
  instrument: Instrument,
): Summary =>
  summaryOf({ chords: timeline.events.map(({ chord }) => chord), path, changes, instrument });

/** Figures with their names, as one reads them out. */
export function figuresOf(
  summary: Summary,
  events: VoicedChorus['timeline']['events'],
  nameOf: (note: NoteName) => string,
): readonly (readonly [name: string, figure: string])[] {
  const { resolutions, longestHeld, handTravelMm, hardest, octaveMoves } = summary;
  const barOf = (at: number): number => events[at]?.bar ?? 0;
  return [
    ['Motion', `${summary.motion} half steps, ${summary.motionPerChange.toFixed(1)} a change`],
    [
      'Resolutions met',
      resolutions.asked ? `${resolutions.met} of ${resolutions.asked}` : 'none asked',
    ],
    ['Leaps', leapsInWords(summary.leaps, octaveMoves)],
    [
      'Longest held',
      longestHeld
        ? `${nameOf(longestHeld.note)}, ${longestHeld.chords} chords from bar ${barOf(longestHeld.at)}`
        : 'none',
    ],
    ['Different grips', `${summary.grips} for ${summary.chords} chords`],
    ...(handTravelMm === undefined
      ? []
      : [['Hand along the neck', `${(handTravelMm / 10).toFixed(0)} cm`] as const]),
    ...(hardest
      ? [['Widest grip', `${Math.round(hardest.stretchMm)} mm, bar ${barOf(hardest.at)}`] as const]
      : []),
  ];
}

function leapsInWords(leaps: number, octaveMoves: number): string {
  const hand = octaveMoves === 1 ? 'once' : `${octaveMoves} times`;
  const moved = octaveMoves ? `; between phrases the hand moves an octave ${hand}` : '';
  return `${leaps || 'none'}${moved}`;
}
