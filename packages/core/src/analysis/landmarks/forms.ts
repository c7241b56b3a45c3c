import { countedBars } from '../../chart/timeline';
import { prettyNote, spellFrom } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { ChartReading } from '../readings/chartReading';
import { isDominant } from '../readings/moment';
import { likeness, partsOf, phrasesOf } from './sections';
import { ofBars, type LandmarkFinder } from './landmark';

/** Twelve-bar blues, major and minor. */
export const findBlues: LandmarkFinder = (tune) =>
  tune.blues.map(({ fromBar, minor }) => {
    const tonic = prettyNote(tune.bars[fromBar - 1]![0]!.chord.root);
    return minor
      ? ofBars(tune, 'minor blues', `twelve-bar blues in ${tonic} minor`, fromBar, fromBar + 11)
      : ofBars(tune, '12-bar blues', `twelve-bar blues in ${tonic}`, fromBar, fromBar + 11);
  });

/** Names for parts round a form; they are not of it. */
const OUTSIDE = /^(?:intro|tag|coda|ending|outro|vamp|interlude)/i;

/** Forms of four parts of one length: AABA and ABAC, as labelled or by what recurs. */
export const findFourPartForms: LandmarkFinder = (tune) => {
  const labelled = partsOf(tune).filter(({ name }) => !OUTSIDE.test(name));
  const bars = countedBars(tune.time).length;
  const parts = labelled.length === 4 ? labelled : bars === 32 ? phrasesOf(tune, 32) : [];
  const [one, two, three, four] = parts;
  if (!one || !two || !three || !four || parts.length !== 4) return [];
  const length = one.toBar - one.fromBar + 1;
  if (parts.some(({ fromBar, toBar }) => toBar - fromBar + 1 !== length)) return [];
  const alike = (a: typeof one, b: typeof one): boolean =>
    a.name === b.name || likeness(tune, a, b)?.semitones === 0;
  const label = (form: string): string => `${4 * length}-bar ${form}`;
  if (alike(one, two) && alike(one, four) && !alike(one, three)) {
    return [ofBars(tune, 'AABA', label('AABA'), one.fromBar, four.toBar)];
  }
  if (alike(one, three) && !alike(one, two) && !alike(one, four)) {
    return [ofBars(tune, 'ABAC', label('ABAC'), one.fromBar, four.toBar)];
  }
  return [];
};

const EIGHT = 8;

/** Eight-bar parts of the chart. */
const eights = (tune: ChartReading): { fromBar: number; toBar: number }[] =>
  partsOf(tune).flatMap(({ fromBar, toBar }) => {
    const count = (toBar - fromBar + 1) / EIGHT;
    if (!Number.isInteger(count)) return [];
    return Array.from({ length: count }, (_, index) => {
      const begin = fromBar + index * EIGHT;
      return { fromBar: begin, toBar: begin + EIGHT - 1 };
    });
  });

/**
 * Rhythm-type A: I vi ii V twice, then I (or its ii–V) to IV and home again. By bars, what must be
 * heard, in semitones above the tonic. Source: common practice.
 */
const RHYTHM_A: readonly (readonly number[])[] = [
  [0],
  [7],
  [0, 4],
  [7],
  [0, 7],
  [5],
  [0, 4],
  [0, 7],
];
/** VI, or the passing diminished in its place, in the first two bars. */
const SIXTH = [9, 1];

export const findRhythmA: LandmarkFinder = (tune) =>
  eights(tune).flatMap(({ fromBar, toBar }) => {
    const bar = (index: number) => tune.bars[fromBar - 1 + index] ?? [];
    const first = bar(0)[0];
    if (!first || first.key.mode !== 'major' || first.root !== first.key.tonic) return [];
    const has = (index: number, offsets: readonly number[]): boolean =>
      bar(index).some(({ root }) => offsets.includes(pitchClass(root - first.root)));
    const fits = RHYTHM_A.every((offsets, index) => has(index, offsets));
    const opens = [...bar(0), ...bar(1)].filter(({ fromBar: begin }) => begin >= fromBar).length;
    if (!fits || opens < 3 || !(has(0, SIXTH) || has(1, SIXTH))) return [];
    const label = `rhythm-type A section in ${prettyNote(first.tonic)}`;
    return [ofBars(tune, 'rhythm A', label, fromBar, toBar)];
  });

/** III7 VI7 II7 V7, two bars each; a ii may stand before each of them. */
const CYCLE = [4, 9, 2, 7];

export const findCycleBridges: LandmarkFinder = (tune) =>
  eights(tune).flatMap(({ fromBar, toBar }) => {
    const { tonic } = tune.home.key;
    const fits = CYCLE.every((offset, pair) =>
      [0, 1].some((half) =>
        tune.bars[fromBar - 1 + 2 * pair + half]?.some(
          (moment) =>
            isDominant(moment) &&
            pitchClass(moment.root - tonic) === offset &&
            moment.toBar >= fromBar + 2 * pair + 1,
        ),
      ),
    );
    if (!fits) return [];
    const begin = prettyNote(spellFrom(tune.home.tonic, 2, 4));
    const label = `dominant-cycle bridge from ${begin}7`;
    return [ofBars(tune, 'dominant-cycle bridge', label, fromBar, toBar)];
  });
