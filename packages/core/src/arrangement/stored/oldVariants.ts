import type { DeviceId } from '../../movement/types';

/**
 * Up to the fifth shape of arrangements a device was saved by what a player read. Columns: the device,
 * the words, and what stands for them since. All other words stand for themselves.
 */
const OLD_WORDS: readonly (readonly [DeviceId, RegExp, string])[] = [
  ['drone', /^the tonic,/, 'tonic'],
  ['drone', /^its 7,/, 'seventh'],
  ['related two', / first$/, 'two first'],
  ['stand-in', /, tritone substitute$/, 'subV7'],
  ['stand-in', /, backdoor$/, 'bVII7'],
  ['stand-in', /, minor iv$/, 'iv6'],
  ['stand-in', /^[^,]*, (.+)$/, '$1'],
];

/** The variant of a device that was saved in words. */
export function oldVariant(device: string, words: string): string {
  const found = OLD_WORDS.find(([id, pattern]) => id === device && pattern.test(words));
  if (!found) return words;
  const [, pattern, variant] = found;
  return variant === '$1' ? (pattern.exec(words)?.[1] ?? words) : variant;
}
