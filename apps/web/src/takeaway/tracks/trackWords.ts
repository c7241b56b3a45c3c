import { inList, keyAt, type Part, type TrackView, type TrackWish } from '@drop-close/core';
import { prettyName } from '../../ui/notation';

/** What the parts are called here. */
export const PART_WORDS: Readonly<Record<Part, string>> = {
  comp: 'Comp',
  bass: 'Bass',
  drums: 'Drums',
  solo: 'Soloist’s line',
  click: 'Click',
};

/** @param nameOf how the player names keys. "Comp, bass and drums, in B♭ and E♭, twice in each, 120 a minute, 4 faster each time". */
export function trackInWords(
  { wish, key }: Pick<TrackView, 'wish' | 'key'>,
  nameOf = prettyName,
): string {
  const heard = inList(wish.heard.map((part) => PART_WORDS[part].toLowerCase()));
  const words = [
    heard.charAt(0).toUpperCase() + heard.slice(1),
    keysInWords(wish, key, nameOf),
    timesInWords(wish),
    `${wish.tempo} a minute`,
    wish.faster ? `${wish.faster} faster each time` : '',
    wish.countIn ? '' : 'no count-in',
  ];
  return words.filter((each) => each).join(', ');
}

function keysInWords({ keys }: TrackWish, key: string, nameOf: (key: string) => string): string {
  if (keys.length === 12) return 'in all keys';
  return `in ${inList(keys.map((semitones) => nameOf(keyAt(key, semitones))))}`;
}

function timesInWords({ times, keys }: TrackWish): string {
  const said = times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`;
  return keys.length > 1 ? `${said} in each` : said;
}

/** "4:05". */
export function lengthInWords(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** "1.2 MB". */
export const sizeInWords = (bytes: number): string => `${(bytes / 1_000_000).toFixed(1)} MB`;
