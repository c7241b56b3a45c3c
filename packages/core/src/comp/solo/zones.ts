import { ticks, type Ticks } from '../../base/units';
import { EIGHTH } from '../base/time';
import { isLong, isUnder, isWithin, phrasesOf } from './phrases';
import type { SoloNote, SoloPhrase } from './types';

/** What the soloist is doing at a moment. */
export type Zone =
  /** Nothing, from the end of a phrase to the beginning of the next; either may be missing. */
  | {
      readonly kind: 'gap';
      readonly after: SoloPhrase | undefined;
      readonly before: SoloPhrase | undefined;
    }
  /** Holding a note; a hit may be struck together with it. */
  | { readonly kind: 'long note'; readonly note: SoloNote; readonly phrase: SoloPhrase }
  /** Moving. */
  | { readonly kind: 'line'; readonly phrase: SoloPhrase };

/** What the soloist is doing, moment by moment. */
export function zonesOf(line: readonly SoloNote[]): (at: Ticks) => Zone {
  const phrases = phrasesOf(line);
  return (at) => {
    const next = phrases.findIndex((phrase) => phrase.end > at);
    const phrase = phrases[next];
    if (!phrase || !isWithin(phrase, at)) {
      const after = next < 0 ? phrases.at(-1) : phrases[next - 1];
      return { kind: 'gap', after, before: phrase };
    }
    const note = phrase.notes.find((each) => isLong(each) && isUnder(each, at));
    return note ? { kind: 'long note', note, phrase } : { kind: 'line', phrase };
  };
}

/** How a phrase ends: on a note that is held, or short. */
export function endsLong({ notes }: SoloPhrase): boolean {
  const last = notes.reduce((a, b) => (b.at + b.length > a.at + a.length ? b : a));
  return last.length >= ticks(3 * EIGHTH);
}
