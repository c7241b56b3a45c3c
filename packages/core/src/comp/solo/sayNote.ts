import type { MelodyChord, ToldNote } from '../../analysis/melody';
import { prettyDegree, type Degree } from '../../chord/degrees';
import type { ToldLine } from './tellLine';

/**
 * What a note of a line is and where it leads, in a musician's words: "♭7 of Dm7, falls to the 3 of G7". Symbols and
 * degrees as they are written.
 */
export function sayNote({ told, chords }: Pick<ToldLine, 'told' | 'chords'>, at: number): string {
  const note = told[at]!;
  const here = note.chord === undefined ? undefined : chords[note.chord]?.chord;
  if (!here || note.degree === undefined) return 'no chord sounds here';
  return [partInWords(note, here.symbol), ...leadingInWords(told, chords, at)].join(', ');
}

const nameOf = (degree: Degree): string => (degree === 'R' ? 'root' : prettyDegree(degree));

function partInWords({ part, degree, avoid }: ToldNote, symbol: string): string {
  const name = nameOf(degree!);
  switch (part) {
    case 'chord tone':
      return `${name} of ${symbol}`;
    case 'tension':
      return avoid ? `${name} over ${symbol}, to pass and not to hold` : `${name} over ${symbol}`;
    default:
      return `outside ${symbol}, its ${name}`;
  }
}

const STEPS = { 1: 'a half step', 2: 'a whole step' } as const;

function leadingInWords(
  told: readonly ToldNote[],
  chords: readonly MelodyChord[],
  at: number,
): string[] {
  const { approach, sevenToThree, foreshadows, chord } = told[at]!;
  const words: string[] = [];
  const target = approach && told[approach.to];
  const goal = target && targetInWords(target, chord, chords);
  if (approach && goal) {
    const from = `${STEPS[approach.semitones]} ${approach.from}`;
    words.push(
      approach.encloses ? `encloses ${goal} from ${from}` : `leads to ${goal} from ${from}`,
    );
  }
  const next = chords[(chord ?? -1) + 1]?.chord?.symbol;
  if (sevenToThree && !approach && next) words.push(`falls to the 3 of ${next}`);
  if (foreshadows && next) words.push(`early: the ${nameOf(foreshadows)} of ${next}`);
  return words;
}

/** The tone a note goes to: of another chord with that chord's name. */
function targetInWords(
  { degree, chord }: ToldNote,
  from: number | undefined,
  chords: readonly MelodyChord[],
): string | undefined {
  if (degree === undefined || chord === undefined) return undefined;
  const symbol = chords[chord]?.chord?.symbol;
  return `the ${nameOf(degree)}${chord !== from && symbol ? ` of ${symbol}` : ''}`;
}
