import { pitchName } from '../base/pitchName';
import { WORDS } from './data';
import { muddyIntervals, type MuddyInterval } from './lowIntervals';
import { roughness } from './roughness';

export interface Sound {
  /** 1 = the half step on middle C. */
  readonly roughness: number;
  /** A word for it: clear, mellow, dense, rough. */
  readonly word: string;
  readonly muddy: readonly MuddyInterval[];
  /** What lies too low, as "muddy: E2 and Ab2 lie too close below Bb2"; missing when nothing does. */
  readonly warning?: string;
}

/**
 * How pitches sound together, measured and in words.
 * @param pitches MIDI notes, low to high
 * @example soundOf([40, 44]).warning // 'muddy: E2 and Ab2 lie too close below Bb2'
 */
export function soundOf(pitches: readonly number[]): Sound {
  const rough = roughness(pitches);
  const muddy = muddyIntervals(pitches);
  const word = WORDS.find(({ upTo }) => rough / pitches.length <= upTo)?.word ?? 'clear';
  const [lowest] = muddy;
  if (!lowest) return { roughness: rough, word, muddy };
  const { low, high, clearFrom } = lowest;
  const warning = `muddy: ${pitchName(low)} and ${pitchName(high)} lie too close below ${pitchName(clearFrom)}`;
  return { roughness: rough, word, muddy, warning };
}
