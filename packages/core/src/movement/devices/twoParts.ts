import type { Degree } from '../../chord/degrees';
import { prettyDegree } from '../../chord/degrees';
import type { ChordTone } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import { has } from '../kinds';
import { inARow, type Part } from '../parts';
import type { DeviceOffer, DevicePlace, MovementDevice } from '../types';

/** The rhythm of the moving part, in quarters; the last note is held. Source: common practice. */
const RHYTHM = [1, 0.5, 0.5];
const SHORT_RHYTHM = [0.5, 0.5, 0.5];
const SHORTEST = 2;
const LONG = 4;

/** How high in the register the held note stands. */
const HELD_AT = 0.6;

/** One voice is held while the other moves; or a chord is built up note by note. Source: common practice. */
export const twoParts: MovementDevice = {
  id: 'two parts',
  label: 'Two parts',
  about: 'One note is held while another moves under it, or the chord is built up note by note.',
  group: 'hold and move',
  level: 2,
  offers: (place) => {
    if (place.here.length < SHORTEST) return [];
    return [...moving(place), ...builtUp(place)];
  },
};

/** Either guide tone on top, over the other one and what lies round it: A♭ of B♭7 over D F C D. */
function moving(place: DevicePlace): DeviceOffer[] {
  const { chord } = place.here;
  const third = toneOf(place, ['3', 'b3', '4']);
  const seventh = toneOf(place, ['7', 'b7', '6', 'bb7']);
  if (!third || !seventh) return [];
  const ninth = toneOf(place, ['9', 'b9', '2']) ?? toneOf(place, ['R']);
  const fifth = toneOf(place, ['5', 'b5', '#5']);
  const root = toneOf(place, ['R']);
  if (!ninth || !fifth || !root || has(chord, 'bb7')) return [];
  return [
    ...held(place, seventh, [third, fifth, ninth, third]),
    ...held(place, third, [seventh, root, fifth, seventh]),
  ];
}

/** A tone of the chord, or of what may be added to it. */
const toneOf = (
  { here: { chord, analysis } }: DevicePlace,
  degrees: readonly Degree[],
): ChordTone | undefined =>
  [...chord.tones, ...analysis.tensions].find(({ degree }) => degrees.includes(degree));

function held(
  { here: { chord, length }, window }: DevicePlace,
  top: ChordTone,
  under: readonly ChordTone[],
): DeviceOffer[] {
  const stands = nearest(top, window.low + HELD_AT * (window.high - window.low));
  const first = below(under[0]!, stands);
  const line = under.map((tone) => nearestUnder(tone, first, stands));
  if (line.some((pitch) => pitch < window.low)) return [];
  const rhythm = length >= LONG ? RHYTHM : SHORT_RHYTHM;
  const last = length - rhythm.reduce((sum, each) => sum + each, 0);
  const parts = line.map((pitch, at): Part => ({
    symbol: chord.symbol,
    madeFrom: { kind: 'notes', midis: [pitch, stands] },
    ...(at > 0 && { tied: true }),
  }));
  const name = prettyDegree(top.degree);
  const moved = under.map(({ degree }) => (degree === 'R' ? 'root' : prettyDegree(degree)));
  return [
    {
      device: 'two parts',
      variant: `${top.degree} held`,
      label: `the ${name} held over ${moved.join(' ')}`,
      why: `The ${name} is struck once and held; under it ${moved.join(', ')}.`,
      covers: 1,
      chords: inARow(parts.map((part, at) => [part, rhythm[at] ?? last])),
    },
  ];
}

const nearest = ({ note }: ChordTone, to: number): number => {
  const above = Math.round(to) + pitchClass(pitchClassOf(note) - Math.round(to));
  return above - to <= 6 ? above : above - 12;
};

const below = ({ note }: ChordTone, top: number): number =>
  top - 1 - pitchClass(top - 1 - pitchClassOf(note));

/** The place of a tone nearest to another note that lies under the held one. */
function nearestUnder(tone: ChordTone, to: number, top: number): number {
  const place = nearest(tone, to);
  return place < top ? place : place - 12;
}

const SIDES = [
  { side: 'low', label: 'built up from below' },
  { side: 'high', label: 'built down from the top' },
] as const;
const VOICES = [1, 2, 3];

/** The notes of the chord one after the other, each held. */
function builtUp({ here: { chord, length } }: DevicePlace): DeviceOffer[] {
  const { symbol } = chord;
  return SIDES.map(({ side, label }) => {
    const parts = VOICES.map((voices): readonly [Part, number] => [
      {
        symbol,
        madeFrom: { kind: 'part', from: VOICES.length, voices, side },
        ...(voices > 1 && { tied: true }),
      },
      0.5,
    ]);
    return {
      device: 'two parts',
      variant: label,
      label,
      why: `The notes of ${symbol} come in one by one and stay.`,
      covers: 1,
      chords: inARow([...parts, [{ symbol, tied: true }, length - VOICES.length / 2]]),
    };
  });
}
