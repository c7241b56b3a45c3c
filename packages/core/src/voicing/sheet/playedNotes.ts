import { fail, ok, type Result } from '../../result';
import { openPitches } from '../guitar/geometry';
import { pitchName } from '../pitchName';
import type { Instrument } from '../types';
import { layOnStrings } from './layOnStrings';

/** One note: on a guitar its string (1 = highest) and fret (0 = open), on keys its pitch. */
export type PlayedNote =
  { readonly string: number; readonly fret: number } | { readonly pitch: number };

const MOST_NOTES = 12;

function problemOf(played: readonly PlayedNote[], instrument: Instrument): string | undefined {
  if (!played.length) return 'Play at least one note.';
  if (played.length > MOST_NOTES) return `A voicing has at most ${MOST_NOTES} notes.`;
  for (const note of played) {
    const problem =
      'pitch' in note ? offTheKeys(note.pitch, instrument) : offTheNeck(note, instrument);
    if (problem) return problem;
  }
  const places = played.map((note) =>
    'pitch' in note ? `key ${note.pitch}` : `string ${note.string}`,
  );
  const twice = places.find((place, at) => places.indexOf(place) !== at);
  return twice && `There are two notes on ${twice}; it sounds one at a time.`;
}

function offTheKeys(pitch: number, instrument: Instrument): string | undefined {
  if (instrument.kind !== 'keyboard') return undefined;
  const { lowest, highest } = instrument;
  if (pitch >= lowest && pitch <= highest) return undefined;
  return `${pitchName(pitch)} is off the keyboard, which goes from ${pitchName(lowest)} to ${pitchName(highest)}.`;
}

function offTheNeck(
  { string, fret }: { readonly string: number; readonly fret: number },
  instrument: Instrument,
): string | undefined {
  if (instrument.kind !== 'guitar') return undefined;
  const { tuning, frets, capo } = instrument;
  if (string >= 1 && string <= tuning.length && fret >= 0 && fret <= frets - capo) return undefined;
  return `There is no fret ${fret} on string ${string}: this guitar has ${tuning.length} strings and ${frets - capo} frets.`;
}

export interface Sounding {
  readonly midi: number;
  readonly string?: number;
  readonly fret?: number;
}

/** What sounds and where; pitches alone are laid on the strings of a guitar. Else a sentence for the player. */
export function soundingNotes(
  played: readonly PlayedNote[],
  instrument: Instrument,
): Result<readonly Sounding[], string> {
  const problem = problemOf(played, instrument);
  if (problem) return fail(problem);
  const pitches = played.flatMap((note) => ('pitch' in note ? [note.pitch] : []));
  if (instrument.kind === 'keyboard') return ok(pitches.map((midi) => ({ midi })));
  const placed = played.flatMap((note) => ('pitch' in note ? [] : [note]));
  const laid = pitches.length ? layOnStrings(instrument, pitches) : [];
  if (!laid) return fail('These notes do not lie on this guitar all at once.');
  const open = openPitches(instrument);
  const places = [...placed, ...laid];
  return ok(places.map(({ string, fret }) => ({ midi: open.at(-string)! + fret, string, fret })));
}
