import { fail, ok, type Result } from '../../base/result';
import { problemOfPlayed, type PlayedNote, type Sounding } from '../instruments/played';
import { labelOfInstrument } from '../base/instruments';
import type { Fretted } from '../base/types';
import { fretsLeft, openPitches } from './geometry';
import { layOnStrings } from './layOnStrings';

/** What sounds of places on strings; pitches alone are laid on the strings where they lie best. */
export function readStrings(
  played: readonly PlayedNote[],
  neck: Fretted,
): Result<readonly Sounding[], string> {
  const placed = played.flatMap((note) => ('pitch' in note ? [] : [note]));
  const pitches = played.flatMap((note) => ('pitch' in note ? [note.pitch] : []));
  const problem = placed.map((note) => offTheNeck(note, neck)).find(Boolean);
  const problems = problem ?? problemOfPlayed(played);
  if (problems) return fail(problems);
  const laid = pitches.length ? layOnStrings(neck, pitches) : [];
  if (!laid) return fail(`These notes do not lie on this ${noun(neck)} all at once.`);
  const open = openPitches(neck);
  const places = [...placed, ...laid];
  return ok(places.map(({ string, fret }) => ({ midi: open.at(-string)! + fret, string, fret })));
}

const noun = ({ kind }: Fretted): string => labelOfInstrument(kind).toLowerCase();

function offTheNeck(
  { string, fret }: { readonly string: number; readonly fret: number },
  neck: Fretted,
): string | undefined {
  const [strings, frets] = [neck.tuning.length, fretsLeft(neck)];
  if (string >= 1 && string <= strings && fret >= 0 && fret <= frets) return undefined;
  return `There is no fret ${fret} on string ${string}: this ${noun(neck)} has ${strings} strings and ${frets} frets.`;
}
