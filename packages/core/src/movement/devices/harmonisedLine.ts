import { harmonise, scaleRun } from '../harmonise';
import { sixthAndDiminished } from '../sixth';
import { inARow } from '../parts';
import type { DeviceOffer, DevicePlace, MovementDevice } from '../types';

/** Block chords under a line: every note of it stays on top. Source: common practice. */
export const harmonisedLine: MovementDevice = {
  id: 'harmonised line',
  label: 'Block chords under a line',
  about: 'Chord tones of the line on the sixth chord, the notes between on the diminished one.',
  group: 'a line',
  level: 2,
  offers: (place) => {
    const { here, window, line } = place;
    const reading = sixthAndDiminished(here.chord);
    if (!reading || here.length < 2) return [];
    const notes = Math.max(2, Math.round(here.length * 2));
    const lines: (readonly [string, readonly number[]])[] = [
      ['scale going up', scaleRun(reading, window, notes, 1)],
      ['scale coming down', scaleRun(reading, window, notes, -1)],
      ...(line?.length ? [['your line', line] as const] : []),
    ];
    return lines
      .filter(([, pitches]) => pitches.length > 1)
      .map(([variant, pitches]) => offer(place, variant, pitches));
  },
};

function offer({ here }: DevicePlace, variant: string, line: readonly number[]): DeviceOffer {
  const each = here.length / line.length;
  return {
    device: 'harmonised line',
    variant,
    label: variant,
    why: 'Every note of the line stays on top; the chord keeps the chord tones.',
    covers: 1,
    chords: inARow(harmonise(here.chord, line).map((part) => [part, each])),
  };
}
