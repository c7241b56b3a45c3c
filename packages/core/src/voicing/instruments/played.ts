/** One note as a player gives it: on strings its string and fret (0 = open), on keys its pitch. */
export type PlayedNote =
  { readonly string: number; readonly fret: number } | { readonly pitch: number };

/** What sounds, and on strings where. */
export interface Sounding {
  readonly midi: number;
  readonly string?: number;
  readonly fret?: number;
}

const MOST_NOTES = 12;

/** What is wrong with played notes on whatever instrument, as a sentence for the player. */
export function problemOfPlayed(played: readonly PlayedNote[]): string | undefined {
  if (!played.length) return 'Play at least one note.';
  if (played.length > MOST_NOTES) return `A voicing has at most ${MOST_NOTES} notes.`;
  const places = played.map((note) =>
    'pitch' in note ? `key ${note.pitch}` : `string ${note.string}`,
  );
  const twice = places.find((place, at) => places.indexOf(place) !== at);
  return twice && `There are two notes on ${twice}; it sounds one at a time.`;
}
