/**
 * A `<harmony>` of MusicXML 4.0 as a chord symbol. Problem: a kind with degrees added, altered or left out is any set of tones.
 * The text that stands in the file is taken where it means the same; otherwise of all symbols that do the shortest.
 * Columns: the kind, and the symbol it is without its root. Source: MusicXML 4.0, `kind-value`.
 */
import { QUALITIES } from '../../chord/data';
import { DEGREES } from '../../chord/degrees';
import { parseChord } from '../../chord/parseChord';
import { child, numberIn, type Element } from './elements';

const KIND_SUFFIXES: Readonly<Record<string, string>> = {
  ...{ major: '', minor: 'm', augmented: '+', diminished: 'dim', power: '5' },
  ...{ dominant: '7', 'major-seventh': 'maj7', 'minor-seventh': 'm7', 'half-diminished': 'm7b5' },
  ...{ 'diminished-seventh': 'dim7', 'augmented-seventh': '7#5', 'major-minor': 'm(maj7)' },
  ...{ 'major-sixth': '6', 'minor-sixth': 'm6', 'suspended-second': 'sus2' },
  ...{ 'suspended-fourth': 'sus4', 'dominant-ninth': '9', 'major-ninth': 'maj9' },
  ...{ 'minor-ninth': 'm9', 'dominant-11th': '11', 'major-11th': 'maj9(add11)' },
  ...{ 'minor-11th': 'm11', 'dominant-13th': '13', 'major-13th': 'maj13', 'minor-13th': 'm13' },
};

/** A chord as it is written, or the words that could not be read as one. */
export type ReadHarmony =
  { readonly ok: true; readonly symbol: string } | { readonly ok: false; readonly text: string };

export function symbolOf(harmony: Element): ReadHarmony {
  const kind = child(harmony, 'kind');
  const name = kind?.text.trim() ?? '';
  if (name === 'none') return { ok: true, symbol: 'N.C.' };
  const root = noteIn(harmony, 'root');
  const written = kind?.attributes['text'];
  if (!root) return { ok: false, text: written ?? name };
  const suffix = KIND_SUFFIXES[name];
  const bass = noteIn(harmony, 'bass') ?? inverted(harmony, root + (suffix ?? ''));
  const over = bass === undefined ? '' : `/${bass}`;
  const text = written === undefined ? undefined : `${root}${written}${over}`;
  if (suffix === undefined) {
    return text !== undefined && parseChord(text).ok
      ? { ok: true, symbol: text }
      : { ok: false, text: text ?? `${root} ${name}` };
  }
  const wanted = changed(tonesOf(root + suffix), harmony);
  const symbol = [text, ...symbolsOf(root, suffix, over, wanted)].find(
    (each) => each !== undefined && sameTones(tonesOf(each), wanted),
  );
  if (symbol !== undefined) return { ok: true, symbol };
  return { ok: false, text: text ?? `${root}${suffix}${over}` };
}

function noteIn(harmony: Element, what: 'root' | 'bass'): string | undefined {
  const held = child(harmony, what);
  const step = held && child(held, `${what}-step`)?.text.trim();
  if (!held || !step || !/^[A-G]$/.test(step)) return undefined;
  const alter = Math.round(numberIn(child(held, `${what}-alter`)) ?? 0);
  return step + (alter < 0 ? 'b' : '#').repeat(Math.min(2, Math.abs(alter)));
}

/** The bass of an inversion that is told by its number. */
function inverted(harmony: Element, symbol: string): string | undefined {
  const number = numberIn(child(harmony, 'inversion')) ?? 0;
  const read = parseChord(symbol);
  return number > 0 && read.ok ? read.value.tones[number]?.note : undefined;
}

/** Half steps above the root, without what stands in the bass. */
type Tones = ReadonlySet<number>;

/** Of the degrees of a major scale; a seventh is the minor one, as the standard counts it. */
const PLAIN: Readonly<Record<number, number>> = {
  ...{ 1: 0, 2: 2, 3: 4, 4: 5, 5: 7, 6: 9, 7: 10, 8: 0, 9: 2, 10: 4, 11: 5, 12: 7, 13: 9 },
};
const OCTAVE = 12;

function tonesOf(symbol: string): Tones {
  const read = parseChord(symbol);
  const tones = read.ok ? read.value.tones : [];
  return new Set(tones.map(({ degree }) => DEGREES[degree].semitones));
}

const sameTones = (a: Tones, b: Tones): boolean =>
  a.size > 0 && a.size === b.size && [...a].every((tone) => b.has(tone));

function changed(tones: Tones, harmony: Element): Tones {
  const all = new Set(tones);
  for (const degree of harmony.children.filter(({ name }) => name === 'degree')) {
    const value = PLAIN[numberIn(child(degree, 'degree-value')) ?? 0];
    const alter = Math.round(numberIn(child(degree, 'degree-alter')) ?? 0);
    const type = child(degree, 'degree-type')?.text.trim();
    if (value === undefined) continue;
    const tone = (value + alter + OCTAVE) % OCTAVE;
    // What is altered or left out is the tone of that number which the kind holds.
    const held = [value, value - 1, value + 1].find((each) => all.has(each));
    if (type !== 'add' && held !== undefined) all.delete(held);
    if (type !== 'subtract') all.add(tone);
  }
  return all;
}

/** Every way to say what a quality has too little. */
const ADDED: readonly (readonly [tone: number, said: readonly string[]])[] = [
  [1, ['b9']],
  [2, ['9', 'add9', 'add2']],
  [3, ['#9']],
  [5, ['add11', '11', 'add4']],
  [6, ['#11', 'b5']],
  [8, ['b13', '#5']],
  [9, ['13', 'add13', 'add6']],
];

/** A quality as the beginning of a symbol, with what it has too little and too much. */
interface Beginning {
  readonly quality: string;
  readonly missing: readonly number[];
  /** Ways to leave out what is too much; a tone that an altered one stands for leaves by itself. */
  readonly omitted: readonly string[];
}

/** Symbols with a root that might be meant, the plainest first: those with the least added and left out. */
function* symbolsOf(root: string, suffix: string, over: string, wanted: Tones): Generator<string> {
  yield root + suffix + over;
  for (const { quality, missing, omitted } of beginningsOf(wanted)) {
    const said = missing.map((tone) => ADDED.find(([each]) => each === tone)?.[1]);
    if (said.includes(undefined)) continue;
    for (const without of omitted) {
      for (const names of choices(said as (readonly string[])[])) {
        const all = [...names, ...(without ? [without] : [])];
        yield root + quality + (all.length ? `(${all.join(',')})` : '') + over;
      }
    }
  }
}

function beginningsOf(wanted: Tones): Beginning[] {
  const isNinthAltered = wanted.has(1) || wanted.has(3);
  const omissions = (tone: number): readonly (string | undefined)[] => {
    if (tone === 7) return ['', 'no5'];
    if (tone === 4 || tone === 3) return ['no3'];
    return tone === 2 && isNinthAltered ? [''] : [undefined];
  };
  const fitting = QUALITY_TONES.flatMap(([quality, own]): Beginning[] => {
    const missing = [...wanted].filter((tone) => !own.has(tone));
    const omitted = [...own].filter((tone) => !wanted.has(tone)).flatMap(omissions);
    if (missing.length > MOST_ADDED || omitted.includes(undefined)) return [];
    return [{ quality, missing, omitted: omitted.length ? (omitted as string[]) : [''] }];
  });
  // Altered tones are said in one place: not 7#9(b13) but 7(#9,b13).
  const isSplit = ({ quality, missing }: Beginning): boolean =>
    missing.length > 0 && /\d[#b]/.test(quality);
  const work = (beginning: Beginning): number =>
    beginning.missing.length +
    (beginning.omitted.includes('') ? 0 : 1) +
    (isSplit(beginning) ? 1 : 0);
  return fitting.sort((a, b) => work(a) - work(b) || a.quality.length - b.quality.length);
}

const MOST_ADDED = 4;

const choices = (lists: readonly (readonly string[])[]): string[][] =>
  lists.reduce<string[][]>(
    (made, list) => made.flatMap((each) => list.map((name) => [...each, name])),
    [[]],
  );

/** One name of every quality that is read, and its tones. */
const QUALITY_TONES: readonly (readonly [quality: string, tones: Tones])[] = [
  ...new Set([
    ...Object.values(KIND_SUFFIXES),
    ...QUALITIES.map(([spellings]) => spellings.split(' ')[0] ?? ''),
  ]),
].map((quality) => [quality, tonesOf(`C${quality}`)]);
