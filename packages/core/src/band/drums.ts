import type { PlayedBar } from '../chart/playOrder';
import { DRUMS, MEDIUM, TOUCH } from './data';
import type { DrumStyle } from '../comp/styles';
import type { PlannedNote } from './types';

type Style = Exclude<DrumStyle, 'by the feel'>;
type Stroke = readonly [midi: number, beat: number, velocity: number];

/**
 * The drums of one bar, in quarters from bar 1. Softly they leave out the skips; loudly the foot comes in on every
 * beat.
 * @param and where the "and" of a beat falls, as a part of the beat
 * @param loudness 1..5
 */
export function drumBar(
  { at, meter }: PlayedBar,
  style: Style,
  and: number,
  loudness: number = MEDIUM,
): PlannedNote[] {
  const quarter = 4 / meter.unit;
  const beats = Array.from({ length: meter.beats }, (_, beat) => beat);
  return beats
    .flatMap((beat) => [
      ...STROKES[style](beat, and).filter(
        ([, stroke]) => loudness >= MEDIUM || Number.isInteger(stroke),
      ),
      ...(loudness > MEDIUM && style !== 'straight' ? [feathered(beat)] : []),
    ])
    .map(([midi, beat, velocity]) => ({
      part: 'drums',
      midi,
      at: at + beat * quarter,
      length: quarter / 2,
      velocity,
    }));
}

/** The bass drum, more felt than heard. */
const feathered = (beat: number): Stroke => [DRUMS.kick, beat, TOUCH.kick];

/** What is struck on a beat and after it. Source: common practice. */
const STROKES: Readonly<Record<Style, (beat: number, and: number) => readonly Stroke[]>> = {
  /** Ride on every beat with a skip before every odd one, hat on the even beats. */
  ride: (beat, and) => {
    const ride: Stroke = [DRUMS.ride, beat, TOUCH.rideBeat];
    if (beat % 2 === 0) return [ride];
    return [ride, [DRUMS.hat, beat, TOUCH.hat], [DRUMS.ride, beat + and, TOUCH.rideSkip]];
  },
  /** A swirl for every half, taps on the even beats with the skip after them. */
  brushes: (beat, and) =>
    beat % 2 === 0
      ? [[DRUMS.swirl, beat, TOUCH.swirl]]
      : [
          [DRUMS.tap, beat, TOUCH.tap],
          [DRUMS.hat, beat, TOUCH.hat],
          [DRUMS.tap, beat + and, TOUCH.rideSkip],
        ],
  /** Ride on every beat with a skip after two, hat on two and three. */
  waltz: (beat, and) => {
    const ride: Stroke = [DRUMS.ride, beat, TOUCH.rideBeat];
    const hat: Stroke = [DRUMS.hat, beat, TOUCH.hat - 8 * (beat - 1)];
    if (beat === 0) return [ride, [DRUMS.kick, beat, TOUCH.kick]];
    return beat === 1 ? [ride, hat, [DRUMS.ride, beat + and, TOUCH.rideSkip]] : [ride, hat];
  },
  /** Even eighths on the ride, stick across the rim on the even beats, a soft kick on the odd. */
  straight: (beat, and) => [
    [DRUMS.ride, beat, TOUCH.rideBeat],
    [DRUMS.ride, beat + and, TOUCH.rideSkip],
    beat % 2 === 0 ? [DRUMS.kick, beat, TOUCH.kick] : [DRUMS.stick, beat, TOUCH.stick],
  ],
};
