/** One measure of MusicXML 4.0 as a bar of chart text, with what stands over it. */
import { MOST_BEATS } from '../../chart/meter';
import type { Meter } from '../../chart/types';
import { directionOf } from '../../chart/words';
import { child, numberIn, type Element } from './elements';
import { slotsFor, type PlacedSymbol } from '../charts/slotsFor';
import { saidIn } from '../charts/headWords';
import { symbolOf } from './symbolOf';

export interface MeasureText {
  /** What stands between its bar lines. */
  readonly slots: string;
  readonly section?: string;
  readonly opens: boolean;
  readonly closes: boolean;
  /** The times it is played of an ending that begins here; mostly one. */
  readonly endings: readonly number[];
  /** How often a repeat that ends here is played, where that is more than twice. */
  readonly times?: number;
  readonly chords: number;
  /** What could not be taken as it is, in sentences. */
  readonly said: readonly string[];
}

/** What holds on from measure to measure. */
export interface MeasureState {
  divisions: number;
  meter: Meter;
}

/** @param state is carried on to the next measure */
export function measureText(measure: Element, state: MeasureState): MeasureText {
  const chords: PlacedSymbol[] = [];
  const words: string[] = [];
  const sounds: Element[] = [];
  const said: string[] = [];
  let section: string | undefined;
  let endings: readonly number[] = [];
  let times: number | undefined;
  let [opens, closes, at] = [false, false, 0];
  for (const element of measure.children) {
    switch (element.name) {
      case 'attributes':
        state.divisions = numberIn(child(element, 'divisions')) || state.divisions;
        break;
      case 'backup':
        at -= durationOf(element);
        break;
      case 'forward':
        at += durationOf(element);
        break;
      case 'note':
        if (!child(element, 'chord') && !child(element, 'grace')) at += durationOf(element);
        break;
      case 'harmony': {
        const offset = numberIn(child(element, 'offset')) ?? 0;
        const beat = ((at + offset) / state.divisions) * (state.meter.unit / 4);
        const read = symbolOf(element);
        if (!read.ok) said.push(`“${read.text}” is no chord that is known here`);
        chords.push({ at: Math.max(0, beat), symbol: read.ok ? read.symbol : asWord(read.text) });
        break;
      }
      case 'direction':
        section = wordIn(element, 'rehearsal') ?? section;
        words.push(...wordsOf(element));
        sounds.push(...element.children.filter(({ name }) => name === 'sound'));
        break;
      case 'sound':
        sounds.push(element);
        break;
      case 'barline':
        opens ||= child(element, 'repeat')?.attributes['direction'] === 'forward';
        closes ||= child(element, 'repeat')?.attributes['direction'] === 'backward';
        endings = endingsIn(element) ?? endings;
        times = timesOf(element) ?? times;
        break;
    }
  }
  const { slots, moved } = slotsFor(chords, state.meter.beats);
  if (moved) said.push('chords between the halves of a beat were moved to the nearest');
  const quoted = [...words, ...unsaid(sounds, words)].map(
    (each) => `"${each.replaceAll('"', '')}"`,
  );
  return {
    ...{
      slots: [...quoted, ...slots].join(' '),
      opens,
      closes,
      endings,
      chords: chords.length,
      said,
    },
    ...(section !== undefined && { section }),
    ...(times !== undefined && { times }),
  };
}

const durationOf = (element: Element): number => numberIn(child(element, 'duration')) ?? 0;

/** What is no chord must be one word, so that it can be mended where it stands. */
const asWord = (text: string): string => text.replace(/[\s|:"%]+/g, '') || '?';

const typesOf = (direction: Element): Element[] =>
  direction.children
    .filter(({ name }) => name === 'direction-type')
    .flatMap(({ children }) => children);

function wordIn(direction: Element, name: string): string | undefined {
  const text = typesOf(direction)
    .find((each) => each.name === name)
    ?.text.trim();
  return text ? text.replace(/[[\]]/g, '') : undefined;
}

/** Remarks, and the way through the chart by its signs. */
function wordsOf(direction: Element): string[] {
  const types = typesOf(direction);
  const signs = types.flatMap(({ name }) =>
    name === 'segno' ? ['Segno'] : name === 'coda' ? ['Coda'] : [],
  );
  const isTempo = types.some(({ name }) => name === 'metronome');
  const words = types.flatMap(({ name, text }) => (name === 'words' && text.trim() ? [text] : []));
  const said = words.map((text) => text.trim().replace(/\s+/g, ' '));
  // Beside a metronome mark stands the feel, which is read with it.
  return [...signs, ...said.filter((each) => !isTempo || !saidIn(each))];
}

/** Attributes of a sound that say where the music goes on, and how that is said in words. */
const JUMPS: readonly (readonly [attribute: string, words: string])[] = [
  ['dacapo', 'D.C.'],
  ['dalsegno', 'D.S.'],
  ['tocoda', 'To Coda'],
  ['fine', 'Fine'],
  ['segno', 'Segno'],
  ['coda', 'Coda'],
];

/** What the sound of a measure says of the way, and no words beside it. */
function unsaid(sounds: readonly Element[], words: readonly string[]): string[] {
  const kinds = new Set(words.map((each) => directionOf(each)?.kind));
  const jumps = JUMPS.filter(([attribute]) =>
    sounds.some(({ attributes }) => attributes[attribute]),
  );
  return jumps.flatMap(([, said]) => (kinds.has(directionOf(said)?.kind) ? [] : [said]));
}

function endingsIn(barline: Element): number[] | undefined {
  const ending = child(barline, 'ending');
  if (ending?.attributes['type'] !== 'start') return undefined;
  const numbers = (ending.attributes['number'] ?? '').match(/\d+/g)?.map(Number) ?? [];
  return numbers.filter((each) => each >= 1 && each <= MOST_ENDINGS);
}

const MOST_ENDINGS = 9;

/** How often a repeat says it is played, where that is more than twice. */
function timesOf(barline: Element): number | undefined {
  const times = Number(child(barline, 'repeat')?.attributes['times']);
  return times > 2 && times <= MOST_ENDINGS ? times : undefined;
}

/** The meter a measure begins in, where it says one that a chart can have. */
export function meterIn(measure: Element): Meter | undefined {
  const time = measure.children
    .filter(({ name }) => name === 'attributes')
    .flatMap((attributes) => child(attributes, 'time') ?? [])[0];
  const [beats, unit] = ['beats', 'beat-type'].map((name) => time && numberIn(child(time, name)));
  if (!beats || !unit || beats > MOST_BEATS || ![2, 4, 8, 16].includes(unit)) return undefined;
  return { beats, unit };
}
