import { countedBars } from '../../chart/timeline';
import { pitchClass } from '../../base/units';
import { keyLabel, type ChartReading, type ReadMoment } from '../readings/chartReading';
import type { SectionAnalysis } from '../base/types';

/** A stretch of bars with a name, before names are numbered. */
interface Part {
  readonly name: string;
  readonly fromBar: number;
  readonly toBar: number;
}

/** How one part is another: moved by an interval, with some bars of its own. */
export interface Likeness {
  /** -5 to 6. */
  readonly semitones: number;
  /** Bars of the later part that differ, counted in the chorus. */
  readonly exceptBars: readonly number[];
}

/** Of eight bars two may differ, as a first ending does from a second. */
const DIFFERING_SHARE = 0.25;
const PHRASE = 8;
const UNNAMED_START = 'Intro';

/** The sections of a chart: as they are labelled, else phrases of eight bars named by what recurs. */
export function sectionsOf(tune: ChartReading): SectionAnalysis[] {
  const parts = partsOf(tune);
  const names = numbered(parts.map(({ name }) => name));
  return parts.map((part, at) => ({
    name: names[at]!,
    fromBar: part.fromBar,
    toBar: part.toBar,
    ...earlierLike(tune, parts, names, at),
    map: memoryMap(tune, part),
  }));
}

/** Labelled parts, or phrases of an unlabelled chart. */
export function partsOf(tune: ChartReading): Part[] {
  const bars = countedBars(tune.time);
  if (!bars.length) return [];
  const begins = bars.filter(({ section }) => section !== undefined);
  if (!begins.length) return phrasesOf(tune, bars.length);
  const parts = begins.map(({ number, section = '' }, at) => ({
    name: section,
    fromBar: number,
    toBar: (begins[at + 1]?.number ?? bars.length + 1) - 1,
  }));
  const [first] = parts;
  if (!first || first.fromBar === 1) return parts;
  return [{ name: UNNAMED_START, fromBar: 1, toBar: first.fromBar - 1 }, ...parts];
}

/** Cuts whole multiples of eight bars into phrases and gives like ones the same letter. */
export function phrasesOf(tune: ChartReading, count: number): Part[] {
  if (count % PHRASE !== 0 || count === PHRASE) return [{ name: 'A', fromBar: 1, toBar: count }];
  const phrases: Part[] = [];
  for (let fromBar = 1; fromBar <= count; fromBar += PHRASE) {
    const bare = { name: '', fromBar, toBar: fromBar + PHRASE - 1 };
    const like = phrases.find((phrase) => likeness(tune, phrase, bare)?.semitones === 0);
    const used = new Set(phrases.map(({ name }) => name)).size;
    phrases.push({ ...bare, name: like?.name ?? String.fromCharCode(65 + used) });
  }
  return phrases;
}

/** Letters that come more than once are numbered: A1, A2, B, A3. */
function numbered(names: readonly string[]): string[] {
  const seen = new Map<string, number>();
  return names.map((name) => {
    const many = names.filter((other) => other === name).length > 1;
    const count = (seen.get(name) ?? 0) + 1;
    seen.set(name, count);
    return many ? `${name}${count}` : name;
  });
}

function earlierLike(
  tune: ChartReading,
  parts: readonly Part[],
  names: readonly string[],
  at: number,
): Pick<SectionAnalysis, 'sameAs' | 'nearly'> {
  const earlier = parts.slice(0, at).flatMap((part, index) => {
    const like = likeness(tune, part, parts[at]!);
    return like ? [{ name: names[index]!, ...like }] : [];
  });
  const same = earlier.filter(({ exceptBars }) => !exceptBars.length);
  const chosen = same.find(({ semitones }) => semitones === 0) ?? same[0];
  if (chosen) return { sameAs: { name: chosen.name, semitones: chosen.semitones } };
  const [nearest] = [...earlier].sort((a, b) => a.exceptBars.length - b.exceptBars.length);
  if (!nearest) return {};
  const { name, semitones, exceptBars } = nearest;
  return { nearly: { name, semitones, exceptBars } };
}

/**
 * How a later part is like an earlier one of the same length; `undefined` when more than a quarter of
 * its bars differ. Colours do not count: what a chord is does, and when it comes.
 */
export function likeness(tune: ChartReading, earlier: Part, later: Part): Likeness | undefined {
  const length = earlier.toBar - earlier.fromBar + 1;
  if (length !== later.toBar - later.fromBar + 1) return undefined;
  const bars = Array.from({ length }, (_, index) => index);
  const moves = bars.flatMap((index) => {
    const a = tune.bars[earlier.fromBar - 1 + index]?.[0];
    const b = tune.bars[later.fromBar - 1 + index]?.[0];
    return a && b ? [pitchClass(b.root - a.root)] : [];
  });
  const move = mostCommon(moves);
  if (move === undefined) return undefined;
  const exceptBars: number[] = [];
  for (const index of bars) {
    const same = isSameBar(tune, earlier.fromBar + index, later.fromBar + index, move);
    if (!same) exceptBars.push(later.fromBar + index);
    if (exceptBars.length > length * DIFFERING_SHARE) return undefined;
  }
  return { semitones: move > 6 ? move - 12 : move, exceptBars };
}

function mostCommon(values: readonly number[]): number | undefined {
  const counts = new Map<number, number>();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0];
}

/** Whether two bars hold the same chords at the same beats, the one moved by an interval. */
function isSameBar({ bars, barBegins }: ChartReading, a: number, b: number, move: number): boolean {
  const [chords, others] = [bars[a - 1] ?? [], bars[b - 1] ?? []];
  if (chords.length !== others.length) return false;
  return chords.every((chord, index) => {
    const other = others[index]!;
    const begins = Math.max(0, chord.at - barBegins(a)) === Math.max(0, other.at - barBegins(b));
    const moved = pitchClass(chord.root + move) === other.root;
    return begins && moved && chord.class === other.class;
  });
}

/** The numbers of a part in one line: `Imaj7 | vi7 | ii7 V7 | %`, with the key where it changes. */
function memoryMap(tune: ChartReading, { fromBar, toBar }: Part): string {
  let { key } = tune.home;
  const bars: string[] = [];
  for (let bar = fromBar; bar <= toBar; bar += 1) {
    const words = (tune.bars[bar - 1] ?? []).flatMap((moment) => {
      const begins = moment.fromBar === bar;
      const named = moment.key === key ? [] : [`in ${keyLabel(moment.tonic, moment.key)}:`];
      key = moment.key;
      return begins ? [...named, numberInMap(moment)] : named;
    });
    bars.push(words.length ? words.join(' ') : '%');
  }
  return bars.join(' | ');
}

/** With another note in the bass, that as a step of the key: `V7/1`. */
const numberInMap = ({ reading, bass, root, key }: ReadMoment): string =>
  bass === root ? reading.numeral : `${reading.numeral}/${STEPS[pitchClass(bass - key.tonic)]!}`;

const STEPS = ['1', 'b2', '2', 'b3', '3', '4', '#4', '5', 'b6', '6', 'b7', '7'] as const;
