import { pitchClass } from '../../base/units';
import type { Key } from '../base/key';
import type { Moment } from '../base/moments';
import { readingsOf } from './index';
import type { ChordSurroundings, Reading } from './types';

/** A chord in its surroundings, before a key is chosen. */
export interface Surroundings extends Omit<ChordSurroundings, 'key' | 'blues'> {
  /** Tonic of the blues it lies in. */
  readonly bluesTonic: number | undefined;
}

/** Enough for any book's worth of surroundings in use at once; beyond it all are forgotten. */
const MOST_KEPT = 4000;

/**
 * Readings by surroundings. They say nothing of absolute pitch, so that one entry serves every
 * transposition, every chorus and every keystroke after which a chord still stands as it stood.
 */
const kept = new Map<string, ReadonlyMap<string, readonly Reading[]>>();

/** The readings of a chord in each of some keys, the best first. */
export function readInEveryKey(around: Surroundings, keys: readonly Key[]): (readonly Reading[])[] {
  const id = identity(around);
  const inKeys = kept.get(id) ?? read(around, keys);
  if (!kept.has(id)) {
    if (kept.size >= MOST_KEPT) kept.clear();
    kept.set(id, inKeys);
  }
  return keys.map((key) => inKeys.get(place(key, around.now))!);
}

const place = ({ mode, tonic }: Key, { root }: Moment): string =>
  `${mode} ${pitchClass(tonic - root)}`;

function read({ bluesTonic, ...around }: Surroundings, keys: readonly Key[]) {
  return new Map(
    keys.map((key) => {
      const readings = readingsOf({ key, ...around, blues: bluesTonic === key.tonic });
      return [place(key, around.now), Object.freeze(readings)] as const;
    }),
  );
}

/** All that a reading depends on, pitches measured from the root of the chord. */
function identity({ now, before, next, afterNext, bluesTonic }: Surroundings): string {
  const from = (pitch: number): number => pitchClass(pitch - now.root);
  const other = (moment: Moment | undefined): string =>
    moment ? `${from(moment.root)} ${from(moment.bass)} ${moment.class}` : '-';
  const tones = now.chord.tones.map(({ degree }) => degree).join(' ');
  const blues = bluesTonic === undefined ? '-' : from(bluesTonic);
  return [tones, from(now.bass), other(before), other(next), other(afterNext), blues].join('|');
}
