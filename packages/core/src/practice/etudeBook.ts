import type { Arrangement } from '../arrangement/stored/types';
import { fail, ok, type Result } from '../base/result';
import { defaultInstruments, type Instruments } from '../voicing/data';
import { makeEtude } from './etude';
import type { Etude, EtudeProblem, EtudeRequest } from './types';

/** All keys, each a fourth above the one before. Source: common practice. */
export const TWELVE_KEYS = [
  'C',
  'F',
  'Bb',
  'Eb',
  'Ab',
  'Db',
  'Gb',
  'B',
  'E',
  'A',
  'D',
  'G',
] as const;

/** Whether an étude is in one key, and so can be made in the others. */
export const isOfOneKey = ({ cycle }: Pick<EtudeRequest, 'cycle'>): boolean =>
  cycle !== 'circle of fourths' && cycle !== 'ii–V–I';

/** The same étude in all keys of its mode, beginning with its own. */
export function inTwelveKeys(request: EtudeRequest): EtudeRequest[] {
  const mode = request.key.endsWith('m') ? 'm' : '';
  const tonic = request.key.replace(/m$/, '');
  const first = Math.max(
    0,
    TWELVE_KEYS.findIndex((key) => key === tonic),
  );
  return TWELVE_KEYS.map((_, at) => ({
    ...request,
    key: `${TWELVE_KEYS[(first + at) % TWELVE_KEYS.length]!}${mode}`,
  }));
}

/** An étude in every key that has it. */
export interface EtudeBook {
  /** As `Drop 2 by fourths in all keys`. */
  readonly name: string;
  /** One for each key, in the order of `inTwelveKeys`. */
  readonly etudes: readonly Etude[];
  /** The keys that have none. */
  readonly without: readonly string[];
}

/**
 * An étude in all twelve keys. Keys in which there is no such étude are left out.
 * @param onKey is told after each key how many are done
 * @returns the book, or why no key has such an étude
 */
export function makeEtudeBook(
  request: EtudeRequest,
  instruments: Instruments = defaultInstruments,
  onKey: (done: number) => void = () => undefined,
): Result<EtudeBook, EtudeProblem> {
  const etudes: Etude[] = [];
  const without: string[] = [];
  let problem: EtudeProblem = { message: 'No key was asked for.' };
  for (const [at, each] of inTwelveKeys(request).entries()) {
    const made = makeEtude(each, instruments);
    if (made.ok) etudes.push(made.value);
    else {
      without.push(each.key);
      problem = made.problem;
    }
    onKey(at + 1);
  }
  const [first] = etudes;
  if (!first) return fail(problem);
  return ok({ name: first.title.replace(` in ${first.key}`, ' in all keys'), etudes, without });
}

/** The fields of an étude as a tune of the book. @param tempo in quarters a minute */
export const etudeTune = ({ title, text, key }: Etude, tempo: number) =>
  ({ title, text, key, tempo, meter: '4/4', feel: 'straight' }) as const;

/** How an étude is voiced. @param lineId its line as a solo line of the book, where it is in single notes */
export const etudeSetup = ({ setup }: Etude, lineId?: string): Arrangement =>
  lineId === undefined ? setup : { ...setup, comp: { ...setup.comp, behind: lineId } };

/** The name of the solo line of an étude in single notes. */
export const ETUDE_LINE = 'The étude';
