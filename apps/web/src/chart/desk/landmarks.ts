import type { Landmark, LandmarkKind } from '@drop-close/core';
import { create } from 'zustand';

/** The landmark in hand: its bars are marked in the sheet. */
export const useLandmark = create<{ readonly landmark: Landmark | undefined }>(() => ({
  landmark: undefined,
}));

export const isSameLandmark = (a: Landmark | undefined, b: Landmark): boolean =>
  a?.kind === b.kind && a.first === b.first && a.last === b.last;

/** Takes a landmark up, or puts it down when it is in hand already. */
export function toggleLandmark(landmark: Landmark): void {
  useLandmark.setState(({ landmark: held }) => ({
    landmark: isSameLandmark(held, landmark) ? undefined : landmark,
  }));
}

export const barsInWords = ({ fromBar, toBar }: Pick<Landmark, 'fromBar' | 'toBar'>): string =>
  fromBar === toBar ? `bar ${fromBar}` : `bars ${fromBar} to ${toBar}`;

/** What a narrow bracket says in place of its whole label. */
const SHORT: Readonly<Partial<Record<LandmarkKind, string>>> = {
  'passing diminished': 'passing',
  'common-tone diminished': 'common tone',
  'tritone substitute': 'sub',
  'minor iv': 'minor iv',
};

export const shortLabel = ({ kind, label }: Landmark): string => SHORT[kind] ?? label;
