import type { Feel } from '../chart/types';
import { SWING_BY_TEMPO } from './data';

/**
 * Long to short eighth at a tempo: swung when slow, even from 300 on.
 * @example swingRatio(120) // 2
 * @example swingRatio(320) // 1
 */
export function swingRatio(tempo: number): number {
  const [first] = SWING_BY_TEMPO;
  if (!first || tempo <= first[0]) return first?.[1] ?? 1;
  for (const [index, [upTo, ratio]] of SWING_BY_TEMPO.entries()) {
    const [from, before] = SWING_BY_TEMPO[index - 1] ?? [upTo, ratio];
    if (tempo <= upTo) return before + ((ratio - before) * (tempo - from)) / (upTo - from);
  }
  return 1;
}

const SWUNG: readonly Feel[] = ['swing', 'shuffle', 'waltz', 'ballad'];

/** Where the "and" of a beat falls, as a part of the beat: 0.5 straight, 2/3 at a ratio of 2. */
export function offbeat(feel: Feel, tempo: number): number {
  if (feel === 'shuffle') return 2 / 3;
  const ratio = SWUNG.includes(feel) ? swingRatio(tempo) : 1;
  return ratio / (ratio + 1);
}

/** The offbeat never comes later than so, as a part of the beat: a dotted eighth. */
const LATEST = 0.75;

/**
 * The same with the swing turned down or up, in percent of what the tempo gives.
 * @example offbeatAt('swing', 120, 0) // 0.5
 */
export function offbeatAt(feel: Feel, tempo: number, percent: number): number {
  return Math.min(LATEST, 0.5 + ((offbeat(feel, tempo) - 0.5) * percent) / 100);
}
