import { firstWritten, readWritten } from '../../chart/places/written';
import { noComp } from '../../comp/defaults';
import { defaultSection } from '../../comp/defaults';
import { rooms } from '../../voicing/data';
import { defaultArrangement, noLine } from './defaults';
import { fitArrangement } from './fit';
import { oldVariant } from './oldVariants';
import { positionsIn } from './positions';
import { storeArrangement } from './store';
import { upgradeArrangement, type AnyArrangement } from './upgrade';

const TUNE = firstWritten('[A]\n| Dm7 G7 | C6 |\n[B]\n| A7 | Fm6 |');
const written = { chart: readWritten(TUNE).chart, places: TUNE.places };
const positions = positionsIn(written.chart, written.places);
const today = storeArrangement(defaultArrangement, positions);

/** As each version wrote it; what it did not know of yet is missing. */
const { instrument, keyboardHands, families, weights, loop, tensions } = defaultArrangement;
const locks = { guitar: [], keyboard: [] };
const { motion, leaps, resolution, register, hand, sound, parallel } = { ...weights, motion: 50 };
const of = (version: number, fields: object): AnyArrangement =>
  ({
    version,
    instrument,
    keyboardHands,
    families,
    loop,
    locks,
    ...fields,
  }) as object as AnyArrangement;
const first = { motion, leaps, resolution, register, hand };

/** Weights that came with the seventh shape. */
const NEW_WEIGHTS = ['top', 'voices', 'bottom', 'lie'];
const weightsV6 = Object.fromEntries(
  Object.entries({ ...weights, motion: 50 }).filter(([id]) => !NEW_WEIGHTS.includes(id)),
);

describe('every shape an arrangement was ever saved in is brought up to today', () => {
  it.each([
    ['the first', of(1, { room: 'bass', weights: first })],
    ['the second', of(2, { room: rooms.bass, tensions, weights: { ...first, sound } })],
    ['the third', of(3, { room: rooms.bass, tensions, weights: { ...first, sound, parallel } })],
    [
      'the fourth',
      of(4, {
        ...{ room: rooms.bass, tensions, weights: weightsV6 },
        ...{ splits: [], line: noLine, returns: 'free' },
      }),
    ],
    [
      'the fifth',
      of(5, {
        ...{ room: rooms.bass, tensions, weights: weightsV6 },
        ...{ splits: [], line: noLine, returns: 'free', comp: noComp },
      }),
    ],
    [
      'the sixth',
      of(6, {
        ...{ room: rooms.bass, tensions, weights: weightsV6, locks: {} },
        ...{ splits: [], line: noLine, returns: 'free', comp: noComp },
      }),
    ],
    [
      'the seventh',
      of(7, {
        ...{ room: rooms.bass, tensions, weights: { ...weights, motion: 50 }, locks: {} },
        ...{ splits: [], pools: [], line: noLine, returns: 'free', comp: noComp },
        ...{ asked: defaultArrangement.asked, stayInPlace: false },
      }),
    ],
  ])('%s', (_, stored) => {
    expect(upgradeArrangement(stored, written)).toEqual({
      ...today,
      room: rooms.bass,
      weights: { ...weights, motion: 50 },
    });
  });

  it('and one of today is left alone', () => {
    expect(upgradeArrangement(today, written)).toBe(today);
  });
});

describe('positions of the fifth shape become places', () => {
  const device = {
    ...{ at: 3, symbol: 'A7', chorus: 1, device: 'drone' },
    variant: 'the tonic, C, over 2 chords',
  };
  const hit = { bar: 7, at: 240, length: 240, hold: 'short', touch: 'plain', accent: false };
  const busy = { ...defaultSection, density: 5 };
  const fifth = of(5, {
    ...{ room: rooms.alone, tensions, weights, returns: 'free' },
    splits: [{ at: 2, symbol: 'C6', after: 2 }],
    line: {
      notes: [{ at: 4, symbol: 'A7', midi: 73 }],
      spans: [{ from: 0, to: 3, shape: 'rise' }],
      keepTop: false,
    },
    comp: { ...noComp, hits: [hit], devices: [device], plan: [[], [defaultSection, busy]] },
  });
  const stored = upgradeArrangement(fifth, written);

  it('each where it was, by chord, bar and section', () => {
    const { arrangement, unfit } = fitArrangement(stored, positions);
    expect(unfit).toEqual([]);
    expect(arrangement.splits).toEqual([{ at: 2, symbol: 'C6', after: 2 }]);
    expect(arrangement.line.notes).toEqual([{ at: 4, symbol: 'A7', midi: 73 }]);
    expect(arrangement.line.spans).toEqual([{ from: 0, to: 3, shape: 'rise' }]);
    expect(arrangement.comp.hits).toEqual([hit]);
    expect(arrangement.comp.devices).toEqual([{ ...device, variant: 'tonic' }]);
    expect(stored.comp.plan).toEqual([
      [],
      [
        { from: { bar: '1', pass: 0 }, to: { bar: '2', pass: 0 }, plan: defaultSection },
        { from: { bar: '3', pass: 0 }, to: { bar: '4', pass: 0 }, plan: busy },
      ],
    ]);
  });

  it('and what was said of a chord that is not there is kept', () => {
    const beyond = of(5, {
      ...{ room: rooms.alone, tensions, weights, returns: 'free', splits: [], comp: noComp },
      line: { ...noLine, notes: [{ at: 40, symbol: 'A7', midi: 73 }] },
    });
    const { unfit } = fitArrangement(upgradeArrangement(beyond, written), positions);
    expect(unfit).toMatchObject([{ kind: 'top note', stored: { symbol: 'A7', midi: 73 } }]);
  });
});

it.each([
  ['drone', 'its 7, G, over 4 chords', 'seventh'],
  ['related two', 'F#m7b5 first', 'two first'],
  ['stand-in', 'Db7, tritone substitute', 'subV7'],
  ['stand-in', 'Bb7, backdoor', 'bVII7'],
  ['stand-in', 'Fm6, minor iv', 'iv6'],
  ['stand-in', 'Em7, iii7', 'iii7'],
  ['slide', 'from below, a beat early', 'from below, a beat early'],
])('a %s saved as "%s" is known as "%s"', (device, words, variant) => {
  expect(oldVariant(device, words)).toBe(variant);
});
