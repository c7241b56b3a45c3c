/**
 * Hits for a whole chorus from a feel and a density.
 *
 * Players think in phrases: for each four bars of a section a family of patterns is chosen, and within it
 * a pattern for each bar. Chance leans to what is at home in the feel and near the density; it leans away
 * from the family of the phrase before and the patterns of the bars before, unless the family lives by
 * going on the same. Source: common practice; how far it leans is our own judgement.
 */
import { quartersInBar } from '../chart/meter';
import type { PlayedBar } from '../chart/playOrder';
import type { Timeline } from '../chart/timeline';
import type { Feel } from '../chart/types';
import { chanceFrom, type Chance } from './base/chance';
import { PATTERNS } from './patterns/data';
import { layPattern } from './patterns/patterns';
import {
  PATTERN_FAMILIES,
  STEADY_FAMILIES,
  type Density,
  type Pattern,
  type PatternFamily,
} from './patterns/types';
import type { Hit } from './base/types';

export interface GenerateRequest {
  readonly timeline: Timeline;
  readonly feel: Feel;
  readonly density: Density;
  /** Any integer; the same one gives the same hits. */
  readonly seed: number;
  /** All by default. */
  readonly families?: readonly PatternFamily[];
  /** How much each pattern is leaned to; all alike by default. */
  readonly vocabulary?: (pattern: Pattern) => number;
}

/** Which pattern stands where. */
export interface LaidPattern {
  readonly fromBar: number;
  readonly toBar: number;
  readonly pattern: Pattern;
}

export interface Generated {
  readonly hits: readonly Hit[];
  readonly laid: readonly LaidPattern[];
}

const PHRASE = 4;

/** Hits for every bar that counts; a pickup is left to the soloist. */
export function generateHits(request: GenerateRequest): Generated {
  const chance = chanceFrom(request.seed);
  const laid: LaidPattern[] = [];
  let family: PatternFamily | undefined;
  for (const phrase of phrasesOf(request.timeline)) {
    family = chance.pick(
      request.families ?? PATTERN_FAMILIES,
      familyWeight(request, phrase, family),
    );
    for (let bar = 0; bar < phrase.length;) {
      const left = phrase.slice(bar);
      const pattern = patternFor(request, left, family, laid, chance);
      const bars = Math.min(pattern.bars.length, left.length);
      const fromBar = left[0]!.number;
      laid.push({ fromBar, toBar: fromBar + bars - 1, pattern });
      bar += bars;
    }
  }
  const hits = laid.flatMap(({ pattern, fromBar, toBar }) => layPattern(pattern, fromBar, toBar));
  return { hits, laid };
}

/** Four bars at most, of one section and one meter. */
function phrasesOf({ bars }: Timeline): PlayedBar[][] {
  const phrases: PlayedBar[][] = [];
  for (const bar of bars.filter(({ number }) => number > 0)) {
    const phrase = phrases.at(-1);
    const [first] = phrase ?? [];
    const goesOn =
      first &&
      phrase!.length < PHRASE &&
      bar.section === undefined &&
      quartersInBar(bar.meter) === quartersInBar(first.meter);
    if (goesOn) phrase!.push(bar);
    else phrases.push([bar]);
  }
  return phrases;
}

/** How chance leans. Each step away from the density asked for makes a pattern so much less likely. */
const LEANS = { densityStep: 1 / 4, atHome: 3, sameFamily: 0.4, sameBar: 0.1, lastButOne: 0.5 };

const weightOf = ({ density, vocabulary }: GenerateRequest, pattern: Pattern): number =>
  LEANS.densityStep ** Math.abs(pattern.density - density) * (vocabulary?.(pattern) ?? 1);

const fits = (pattern: Pattern, { feel }: GenerateRequest, { meter }: PlayedBar): boolean =>
  pattern.quarters === quartersInBar(meter) && pattern.feels.includes(feel);

function familyWeight(
  request: GenerateRequest,
  [first]: readonly PlayedBar[],
  before: PatternFamily | undefined,
) {
  return (family: PatternFamily): number => {
    const own = PATTERNS.filter(
      (pattern) => pattern.family === family && fits(pattern, request, first!),
    );
    if (!own.length) return 0;
    const home = own.some(({ feels }) => feels[0] === request.feel) ? LEANS.atHome : 1;
    const again = family === before && !STEADY_FAMILIES.includes(family) ? LEANS.sameFamily : 1;
    return home * again * Math.max(...own.map((pattern) => weightOf(request, pattern)));
  };
}

function patternFor(
  request: GenerateRequest,
  left: readonly PlayedBar[],
  family: PatternFamily | undefined,
  laid: readonly LaidPattern[],
  chance: Chance,
): Pattern {
  const own = PATTERNS.filter(
    (pattern) =>
      pattern.family === family &&
      fits(pattern, request, left[0]!) &&
      pattern.bars.length <= left.length,
  );
  const [before, beforeThat] = [laid.at(-1)?.pattern, laid.at(-2)?.pattern];
  const steady = family !== undefined && STEADY_FAMILIES.includes(family);
  const taken = chance.pick(own, (pattern) => {
    const weight = weightOf(request, pattern);
    if (steady) return pattern === before ? weight / LEANS.sameBar : weight;
    const again = pattern === before ? LEANS.sameBar : 1;
    return weight * again * (pattern === beforeThat ? LEANS.lastButOne : 1);
  });
  return taken ?? onOne(left[0]!);
}

/** Where no pattern is at home: on one, left to ring. */
const onOne = ({ meter }: PlayedBar): Pattern => ({
  id: 'on one',
  label: 'on one, left to ring',
  family: 'let ring',
  quarters: quartersInBar(meter),
  density: 1,
  feels: [],
  bars: [`~${'-'.repeat(Math.max(0, Math.ceil(quartersInBar(meter) * 2) - 1))}`],
});
