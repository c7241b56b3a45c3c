/**
 * Players whose weights are known choose among the alternatives of real choruses; what is learned of them has
 * to rank choices it has not seen as they would.
 */
import { chords } from '../../testing/builders';
import { random } from '../../testing/random';
import { defaultKeyboard, rooms } from '../../voicing/data';
import { defaultSettings } from '../base/data';
import { TERM_IDS, type ConnectSettings } from '../base/types';
import { createConnector } from '../connect';
import { costsWhere, tasteChoice, type Costs, type TasteChoice } from './choices';
import { fitTaste, fittedCost } from './fit';
import { learnTaste } from './learn';

const PROGRESSIONS = [
  'Dm7 G7 Cmaj7 A7 Dm7 G7b9 Em7 A7 Fm7 Bb7 Cmaj7 C#dim7',
  'Cm6 Fm7 Bb7 Ebmaj7 Abmaj7 Dm7b5 G7b9 Cm6 Ab7 G7#5',
  'F6 D7 Gm7 C7 Am7 D7b9 Gm7 C13 F9 Bb7 Bdim7 F6',
];
const SETTINGS: ConnectSettings[] = [
  { ...defaultSettings, families: ['drop2', 'shell+', 'rootless'], tensions: 'available' },
  {
    ...defaultSettings,
    instrument: defaultKeyboard,
    room: rooms.bass,
    families: ['rootless', 'colour'],
    voices: 4,
  },
];
const OFFERED = 24;

/** What a player has before them: costs of the alternatives of one chord after another. */
function offers(settings: ConnectSettings): Costs[][] {
  const connector = createConnector();
  return PROGRESSIONS.flatMap((symbols) => {
    const row = chords(symbols);
    const outcome = connector.connect(row, settings);
    if (outcome.status !== 'found') throw new Error(outcome.why);
    return row.map((_, at) => {
      const standing = { chords: row, path: outcome.path, at, settings };
      const alternatives = outcome.alternatives(at);
      // Some of the best and some from far down the list, as a player looks through them.
      const step = Math.max(1, Math.floor(alternatives.length / OFFERED));
      return alternatives
        .filter((__, index) => index < OFFERED / 2 || index % step === 0)
        .slice(0, OFFERED)
        .map(({ voicing }) => costsWhere(standing, voicing));
    });
  });
}

const OFFERS = SETTINGS.flatMap(offers);

const byWeights =
  (weights: readonly number[]) =>
  (costs: Costs): number =>
    costs.reduce((sum, cost, term) => sum + cost * weights[term]!, 0);

/** So many choices of a player, each among eight of what is offered. */
function choicesOf(cost: (costs: Costs) => number, count: number, seed: number): TasteChoice[] {
  const next = random(seed);
  return Array.from({ length: count }, () => {
    const offered = OFFERS[Math.floor(next() * OFFERS.length)]!;
    const seen = Array.from({ length: 8 }, () => offered[Math.floor(next() * offered.length)]!);
    const [chosen, ...others] = [...new Set(seen)].sort((a, b) => cost(a) - cost(b));
    return { chosen: chosen!, others };
  }).filter(({ others }) => others.length > 0);
}

/** Spearman's rank correlation of two orders of the same things. */
function rankCorrelation(one: readonly number[], other: readonly number[]): number {
  const ranks = (values: readonly number[]): number[] =>
    values.map(
      (value) =>
        values.filter((each) => each < value).length +
        (values.filter((each) => each === value).length - 1) / 2,
    );
  const [a, b] = [ranks(one), ranks(other)];
  const mean = (a.length - 1) / 2;
  const product = (x: readonly number[], y: readonly number[]): number =>
    x.reduce((sum, rank, at) => sum + (rank - mean) * (y[at]! - mean), 0);
  return product(a, b) / Math.sqrt(product(a, a) * product(b, b));
}

const player = (seed: number): number[] => {
  const next = random(seed);
  return TERM_IDS.map(() => Math.round(next() ** 2 * 300));
};

it.each([1, 2, 3, 4, 5, 6])(
  'the taste of a player with known weights is found again: 100 choices held out are ranked alike (seed %i)',
  (seed) => {
    const cost = byWeights(player(seed));
    const fit = fitTaste(choicesOf(cost, 200, seed));
    const held = choicesOf(cost, 100, seed + 1000);
    const correlations = held
      .map(({ chosen, others }) => [chosen, ...others])
      .filter((all) => new Set(all.map(cost)).size > 2)
      .map((all) =>
        rankCorrelation(
          all.map(cost),
          all.map((each) => fittedCost(fit, each)),
        ),
      );
    const mean = correlations.reduce((sum, each) => sum + each, 0) / correlations.length;
    expect(correlations.length).toBeGreaterThan(80);
    expect(mean).toBeGreaterThanOrEqual(0.9);
  },
);

describe('what is told of it', () => {
  const open = TERM_IDS.map((id) => (id === 'sound' ? 300 : id === 'hand' ? 0 : 60));

  it('says how many held-out choices it predicts, against the balance', () => {
    const { agreement, consistent } = learnTaste(choicesOf(byWeights(open), 120, 7))!;
    expect(consistent).toBe(true);
    expect(agreement.of).toBe(120);
    expect(agreement.best).toBeGreaterThan(agreement.bestBalanced);
    expect(agreement.best / agreement.of).toBeGreaterThan(0.75);
    expect(agreement.beats).toBeGreaterThan(0.9);
  });

  it('names what counts more and what counts less', () => {
    const { leanings, weights } = learnTaste(choicesOf(byWeights(open), 200, 8))!;
    expect(leanings).toContainEqual({ term: 'sound', more: true, sure: 1 });
    expect(leanings.find(({ term }) => term === 'hand')?.more).toBe(false);
    for (const weight of Object.values(weights)) {
      expect(weight).toBeGreaterThanOrEqual(0);
      expect(weight).toBeLessThanOrEqual(300);
    }
  });

  it('tells a player who contradicts themselves', () => {
    const cost = byWeights(open);
    const both = choicesOf(cost, 100, 9).flatMap((choice, at) => {
      const worst = [...choice.others].sort((a, b) => cost(b) - cost(a))[0]!;
      const others = [choice.chosen, ...choice.others].filter((each) => each !== worst);
      return at % 2 ? [choice] : [{ chosen: worst, others }];
    });
    expect(learnTaste(both)!.consistent).toBe(false);
  });

  it('is nothing while the choices are few', () => {
    expect(learnTaste(choicesOf(byWeights(open), 7, 10))).toBeUndefined();
  });
});

it('a choice is kept with what it costs where it stands, beside the likeliest others', () => {
  const settings = SETTINGS[0]!;
  const row = chords('Dm7 G7 Cmaj7');
  const outcome = createConnector().connect(row, settings);
  if (outcome.status !== 'found') throw new Error(outcome.why);
  const standing = { chords: row, path: outcome.path, at: 1, settings };
  const offered = outcome.alternatives(1, 12).map(({ voicing }) => voicing);
  const choice = tasteChoice(standing, offered[3]!, offered)!;
  expect(choice.others).toHaveLength(8);
  expect(choice.chosen).toHaveLength(TERM_IDS.length);
  expect(choice.chosen).toEqual(costsWhere(standing, offered[3]!));
  expect(tasteChoice(standing, offered[0]!, [offered[0]!])).toBeUndefined();
});
