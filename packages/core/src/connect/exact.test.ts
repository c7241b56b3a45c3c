import fc from 'fast-check';
import { chords } from '../testing/builders';
import { defaultGuitar, defaultKeyboard } from '../voicing/data';
import type { Voicing } from '../voicing/types';
import { candidatesOf } from './candidates';
import { connect } from './connect';
import { changeCost } from './cost';
import { defaultSettings, noWishes } from './data';
import { placeOf } from './place';
import { pricesOf, standing } from './prices';
import type { ConnectSettings, Wishes } from './types';
import { weigh } from './weighed';

/** What one choice of voicings costs, chord by chord and change by change. */
function costOf(symbols: string, path: readonly Voicing[], settings: ConnectSettings): number {
  const all = chords(symbols);
  const prices = pricesOf(settings.weights);
  const { instrument, wishes, loop } = settings;
  const own = path.reduce(
    (sum, voicing, at) => sum + standing({ chord: all[at]!, voicing, at, settings }, prices),
    0,
  );
  const joins = loop ? path.length : path.length - 1;
  return Array.from({ length: joins }, (_, at) => {
    const next = (at + 1) % path.length;
    const place = placeOf(all[at]!, all[next]!, at, wishes);
    return changeCost(weigh(path[at]!, instrument), weigh(path[next]!, instrument), place, prices);
  }).reduce((sum, cost) => sum + cost, own);
}

/** The least cost over every choice there is, one by one. */
function leastCost(symbols: string, settings: ConnectSettings): number {
  const { lists } = candidatesOf(chords(symbols), settings);
  const paths = lists.reduce<Voicing[][]>(
    (begun, list) => begun.flatMap((path) => list.map((voicing) => [...path, voicing])),
    [[]],
  );
  return Math.min(...paths.map((path) => costOf(symbols, path, settings)));
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
        const least = leastCost(symbols, settings);
        expect(Math.round(outcome.total * 100)).toBe(least);
        expect(costOf(symbols, outcome.path, settings)).toBe(least);
      }),
      { numRuns: 150, seed },
    );
  });
});
