import fc from 'fast-check';
import { chords } from '../testing/builders';
import { defaultGuitar, defaultKeyboard } from '../voicing/data';
import type { Voicing } from '../voicing/base/types';
import { candidatesOf } from './candidates';
import { connect } from './connect';
import { changeCost } from './terms/cost';
import { defaultSettings, noWishes } from './base/data';
import { placeOf } from './base/place';
import { ownCost, pricesOf } from './terms/prices';
import type { ConnectSettings, Wishes } from './base/types';
import { weigh } from './base/weighed';

/** What a choice of voicings costs, chord by chord and change by change; each is worked out once. */
function costsUnder(symbols: string, settings: ConnectSettings) {
  const all = chords(symbols);
  const prices = pricesOf(settings.weights);
  const { instrument, wishes, loop } = settings;
  const own = all.map(() => new Map<Voicing, number>());
  const between = all.map(() => new Map<Voicing, Map<Voicing, number>>());
  const costAt = (at: number, voicing: Voicing): number =>
    remembered(own[at]!, voicing, () =>
      ownCost({ chord: all[at]!, voicing, at, settings }, prices),
    );
  const changeAt = (at: number, from: Voicing, to: Voicing): number =>
    remembered(
      remembered(between[at]!, from, () => new Map<Voicing, number>()),
      to,
      () => {
        const place = placeOf(all[at]!, all[(at + 1) % all.length]!, at, wishes);
        return changeCost(weigh(from, instrument), weigh(to, instrument), place, prices);
      },
    );
  return (path: readonly Voicing[]): number => {
    const joins = loop ? path.length : path.length - 1;
    let sum = 0;
    path.forEach((voicing, at) => (sum += costAt(at, voicing)));
    for (let at = 0; at < joins; at += 1) {
      sum += changeAt(at, path[at]!, path[(at + 1) % path.length]!);
    }
    return sum;
  };
}

function remembered<K, V>(known: Map<K, V>, key: K, find: () => V): V {
  if (!known.has(key)) known.set(key, find());
  return known.get(key)!;
}

/** The least cost over every choice there is, one by one. */
function leastCost(
  symbols: string,
  settings: ConnectSettings,
  costOf: (path: readonly Voicing[]) => number,
): number {
  const { lists } = candidatesOf(chords(symbols), settings);
  const paths = lists.reduce<Voicing[][]>(
    (begun, list) => begun.flatMap((path) => list.map((voicing) => [...path, voicing])),
    [[]],
  );
  return Math.min(...paths.map(costOf));
}

const quality = fc.constantFrom('7', 'm7', 'maj7', 'm7b5', '7b9', '6', 'm6');
const symbol = fc
  .tuple(fc.constantFrom('C', 'F', 'G', 'D', 'Ab'), quality)
  .map((parts) => parts.join(''));

/** Three or four chords; the second may be split in two. */
const changes = fc
  .tuple(fc.array(symbol, { minLength: 3, maxLength: 3 }), fc.boolean())
  .map(([symbols, split]) => {
    const [first, second, third] = symbols;
    return split
      ? { symbols: [first, second, second, third].join(' '), splits: [1] }
      : { symbols: symbols.join(' '), splits: [] };
  });

/** So that a sound has few grips, and every choice can be gone through. */
const shortGuitar = { ...defaultGuitar, frets: 9 };

const wishes = fc.record({
  top: fc.option(fc.integer({ min: 55, max: 76 })),
  shape: fc.constantFrom('free', 'rise', 'fall', 'hold'),
  keepTop: fc.boolean(),
  phraseEnd: fc.boolean(),
  lock: fc.option(fc.integer({ min: 0, max: 3 })),
  loop: fc.boolean(),
});

describe.each([
  { name: 'guitar', instrument: shortGuitar, mostSounds: 2, seed: 51 },
  { name: 'keyboard', instrument: defaultKeyboard, mostSounds: 5, seed: 52 },
])('the least cost against every choice one by one ($name, seed $seed)', (given) => {
  const { instrument, mostSounds, seed } = given;
  it('is found with loop, locks, splits, phrase ends and a top line', () => {
    fc.assert(
      fc.property(changes, wishes, ({ symbols, splits }, wished) => {
        const asked: Wishes = {
          ...noWishes,
          splits,
          keepTop: wished.keepTop,
          tops: wished.top === null ? {} : { 2: wished.top },
          shapes: { 0: wished.shape },
          phraseEnds: wished.phraseEnd ? [2] : [],
        };
        const free: ConnectSettings = {
          ...defaultSettings,
          instrument,
          families: ['guide', 'shell', 'close'],
          mostSounds,
          loop: wished.loop,
          wishes: asked,
        };
        const { lists } = candidatesOf(chords(symbols), free);
        const locked = wished.lock === null ? undefined : lists[wished.lock]?.[0];
        const settings = locked ? { ...free, locks: { [wished.lock!]: locked } } : free;
        const outcome = connect(chords(symbols), settings);
        if (outcome.status !== 'found') throw new Error(outcome.why);
        const costOf = costsUnder(symbols, settings);
        const least = leastCost(symbols, settings, costOf);
        expect(Math.round(outcome.total * 100)).toBe(least);
        expect(costOf(outcome.path)).toBe(least);
      }),
      { numRuns: 150, seed },
    );
  });
});
