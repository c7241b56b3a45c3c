/** What a score of MusicXML 4.0 says over its first measures: key, tempo and feel. */
import { FASTEST, SLOWEST } from '../../chart/header';
import { FEELS, type Chart, type ChartHeader, type Feel } from '../../chart/types';
import { tonicOf } from '../../pitch/interval';
import { keyHeard } from '../charts/keyHeard';
import { saidIn, tempoOf, type SaidHead } from '../charts/headWords';
import { child, numberIn, type Element } from './elements';

/** In a key signature. */
const MOST_SIGNS = 7;

/** Columns: a mode, how many fifths its tonic lies above that of the major key of the same signature, and whether it is minor. */
const MODES: Readonly<Record<string, readonly [fifths: number, minor: boolean]>> = {
  ...{ major: [0, false], ionian: [0, false], mixolydian: [1, false], lydian: [-1, false] },
  ...{ minor: [3, true], aeolian: [3, true], dorian: [2, true], phrygian: [4, true] },
};

/**
 * The key of a part, short: `Eb` or `Cm`; `undefined` where it has no signature. Many files say a signature without a mode:
 * then it is the minor key where the chords are heard in that, else the major one.
 * @param written the chart as the part reads it
 */
export function keyIn(part: Element, written: Chart): string | undefined {
  const key = firstElements(part)
    .filter(({ name }) => name === 'attributes')
    .map((attributes) => child(attributes, 'key'))
    .find((each) => each !== undefined);
  const fifths = key && numberIn(child(key, 'fifths'));
  if (!key || fifths === undefined || Math.abs(fifths) > MOST_SIGNS) return undefined;
  const named = (mode: string): string => {
    const [above, minor] = MODES[mode]!;
    return tonicOf(fifths + above) + (minor ? 'm' : '');
  };
  const mode = child(key, 'mode')?.text.trim() ?? '';
  if (Object.hasOwn(MODES, mode)) return named(mode);
  return keyHeard(written) === named('minor') ? named('minor') : named('major');
}

/** Tempo and feel, by signs or in words: "Medium Swing", "Bossa Nova". */
export function tempoAndFeelIn(part: Element): Pick<ChartHeader, 'tempo' | 'feel'> {
  const directions = firstElements(part).filter(
    ({ name }) => name === 'direction' || name === 'sound',
  );
  const words = directions.flatMap(wordsIn);
  const said = words.map((each) => saidIn(each));
  const tempo =
    directions.map(tempoIn).find((each) => each !== undefined) ??
    tempoOf(Object.assign({}, ...[...said].reverse()) as SaidHead);
  const feel =
    said.find((each) => each?.feel)?.feel ??
    FEELS.find((each) => words.some((text) => text.toLowerCase().includes(each))) ??
    directions.map(swingIn).find((each) => each !== undefined);
  return { ...(tempo !== undefined && { tempo }), ...(feel && { feel }) };
}

/** What the first measures hold: some files begin with one that only sets up. */
const firstElements = (part: Element): Element[] =>
  part.children
    .filter(({ name }) => name === 'measure')
    .slice(0, 2)
    .flatMap(({ children }) => children);

const typesOf = (direction: Element): Element[] =>
  direction.children.flatMap(({ children }) => children);

const wordsIn = (direction: Element): string[] =>
  typesOf(direction).flatMap(({ name, text }) => (name === 'words' ? [text] : []));

const soundOf = (direction: Element): Element | undefined =>
  direction.name === 'sound' ? direction : child(direction, 'sound');

const BEAT_UNITS: Readonly<Record<string, number>> = { half: 2, quarter: 1, eighth: 0.5 };

function tempoIn(direction: Element): number | undefined {
  const mark = typesOf(direction).find(({ name }) => name === 'metronome');
  const unit = mark && BEAT_UNITS[child(mark, 'beat-unit')?.text ?? ''];
  const dotted = mark && child(mark, 'beat-unit-dot') ? 1.5 : 1;
  const perMinute = mark && numberIn(child(mark, 'per-minute'));
  const marked = unit && perMinute ? unit * dotted * perMinute : undefined;
  const tempo = Math.round(Number(soundOf(direction)?.attributes['tempo']) || marked || 0);
  return tempo >= SLOWEST && tempo <= FASTEST ? tempo : undefined;
}

function swingIn(direction: Element): Feel | undefined {
  const sound = soundOf(direction);
  const swing = sound && child(sound, 'swing');
  return swing && (child(swing, 'straight') ? 'straight' : 'swing');
}
