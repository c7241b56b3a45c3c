import fc from 'fast-check';
import { chord } from '../../testing/builders';
import { defaultGuitar, defaultKeyboard } from '../../voicing/data';
import { REST, enumerateVoicings } from '../../voicing/enumerate';
import type { FamilyId, Instrument, Voicing } from '../../voicing/base/types';
import { changeCost } from '../terms/cost';
import { defaultSettings, defaultWeights } from '../base/data';
import { pricesOf, type Prices } from '../terms/prices';
import type { ChangePlace, ConnectSettings } from '../base/types';
import { weigh } from '../base/weighed';
import { UNREACHABLE, type Step } from './layers';
import { layerOf } from './layer';
import { MOST_SCANNED, shiftsOn, stepBetween } from './step';
import { priceListOf } from './priceList';

const SYMBOLS = ['Dm7', 'G7b9', 'Cmaj7', 'C6', 'F#m7b5', 'Bb7', 'Am', 'G7'];
const FAMILIES: FamilyId[] = ['guide', 'shell', 'close', 'drop2', 'drop3', 'rootless', 'spread'];

interface Case {
  readonly from: readonly Voicing[];
  readonly to: readonly Voicing[];
  readonly values: readonly number[];
  readonly place: ChangePlace;
  readonly settings: ConnectSettings;
}

/** All voicings of a chord in one family, found once. */
const inFamily = new Map<string, readonly Voicing[]>();
function voicingsOf(symbol: string, family: FamilyId, instrument: Instrument): readonly Voicing[] {
  const name = `${instrument.kind} ${symbol} ${family}`;
  const known = inFamily.get(name);
  if (known) return known;
  const settings = { ...defaultSettings, instrument, families: [family] };
  const found = enumerateVoicings(chord(symbol), settings);
  inFamily.set(name, found);
  return found;
}

/** Some voicings of a chord in a few families, so of several sizes, and now and then a rest. */
const voicings = (instrument: Instrument): fc.Arbitrary<Voicing[]> =>
  fc
    .tuple(
      fc.constantFrom(...SYMBOLS),
      fc.uniqueArray(fc.constantFrom(...FAMILIES), { minLength: 2 }),
    )
    .chain(([symbol, families]) => {
      const all = families.flatMap((family) => voicingsOf(symbol, family, instrument));
      return all.length
        ? fc.uniqueArray(fc.constantFrom(...all, REST), { minLength: 1, maxLength: 24 })
        : fc.constant([REST]);
    });

const cases = (instrument: Instrument): fc.Arbitrary<Case> =>
  fc
    .tuple(voicings(instrument), voicings(instrument))
    .chain(([from, to]) =>
      fc.record({
        from: fc.constant(from),
        to: fc.constant(to),
        values: fc.array(fc.integer({ min: 0, max: 1500 }), { minLength: 24, maxLength: 24 }),
        place: fc.record({
          fallsFifth: fc.boolean(),
          releases: fc.boolean(),
          top: fc.constantFrom('free', 'hold', 'rise', 'fall'),
          keep: fc.constantFrom([], [0, 4, 7, 11]),
          split: fc.boolean(),
          phraseEnd: fc.boolean(),
        }),
        settings: fc
          .record({ motion: fc.constantFrom(0, 40, 100), leaps: fc.constantFrom(0, 100, 130) })
          .map((weights) => ({
            ...defaultSettings,
            instrument,
            weights: { ...defaultWeights, ...weights },
          })),
      }),
    )
    .map((made) => ({
      ...made,
      place: { ...made.place, phraseEnd: made.place.phraseEnd && !made.place.split },
    }));

function stepOf(
  { from, to, place, settings }: Case,
  prices: Prices,
  mostScanned = MOST_SCANNED,
): Step {
  const shift = shiftsOn(settings.instrument, prices);
  return stepBetween(layerOf(from), layerOf(to), {
    place,
    prices,
    voice: priceListOf(place, prices),
    shift,
    mostScanned,
  });
}

const BY_LOOKING_AT_ALL = Infinity;
const BY_SEARCH = 0;

describe.each([
  { name: 'guitar, all looked at', instrument: defaultGuitar, by: BY_LOOKING_AT_ALL, seed: 31 },
  { name: 'keyboard, all looked at', instrument: defaultKeyboard, by: BY_LOOKING_AT_ALL, seed: 32 },
  { name: 'guitar, by search', instrument: defaultGuitar, by: BY_SEARCH, seed: 33 },
  { name: 'keyboard, by search', instrument: defaultKeyboard, by: BY_SEARCH, seed: 34 },
])('a change weighed cleverly is a change weighed plainly ($name, seed $seed)', (given) => {
  const { instrument, by, seed } = given;
  const plainly = ({ from, to, place, settings }: Case, prices: Prices): number[][] =>
    from.map((a) =>
      to.map((b) =>
        changeCost(weigh(a, settings.instrument), weigh(b, settings.instrument), place, prices),
      ),
    );

  it('finds every least total in both directions, and the cost of every pair', () => {
    fc.assert(
      fc.property(cases(instrument), (made) => {
        const prices = pricesOf(made.settings.weights);
        const step = stepOf(made, prices, by);
        const costs = plainly(made, prices);
        expect(costs.map((row, a) => row.map((_, b) => step.cost(a, b)))).toEqual(costs);
        const values = (count: number) => Int32Array.from(made.values.slice(0, count));
        const before = values(made.from.length);
        expect([...step.forward(before)]).toEqual(
          made.to.map((_, b) => Math.min(...costs.map((row, a) => before[a]! + row[b]!))),
        );
        const after = values(made.to.length);
        expect([...step.backward(after)]).toEqual(
          costs.map((row) => Math.min(...row.map((cost, b) => cost + after[b]!))),
        );
      }),
      { numRuns: 200, seed },
    );
  });

  it('leaves out what may not be taken, and says so where nothing is left', () => {
    fc.assert(
      fc.property(cases(instrument), (made) => {
        const prices = pricesOf(made.settings.weights);
        const only = made.from.map((_, a) => (a === 0 ? 5 : UNREACHABLE));
        const costs = plainly(made, prices);
        const step = stepOf(made, prices, by);
        expect([...step.forward(Int32Array.from(only))]).toEqual(costs[0]!.map((cost) => 5 + cost));
        const none = step.forward(new Int32Array(made.from.length).fill(UNREACHABLE));
        expect([...none].every((cost) => cost === UNREACHABLE)).toBe(true);
      }),
      { numRuns: 60, seed },
    );
  });
});

it('knows values again that are all higher by one amount, and raises the answer by it', () => {
  const settings = { ...defaultSettings, families: ['drop2' as const] };
  const [from, to] = [
    enumerateVoicings(chord('Dm7'), settings),
    enumerateVoicings(chord('G7'), settings),
  ];
  const place: ChangePlace = {
    fallsFifth: true,
    releases: false,
    top: 'free',
    keep: [],
    split: false,
    phraseEnd: false,
  };
  const step = stepOf({ from, to, values: [], place, settings }, pricesOf(settings.weights));
  const low = step.forward(new Int32Array(from.length));
  const high = step.forward(new Int32Array(from.length).fill(700));
  expect([...high]).toEqual([...low].map((cost) => cost + 700));
});
