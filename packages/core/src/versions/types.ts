import type { StoredArrangement } from '../arrangement/stored/stored';
import type { ChartPlaces } from '../chart/placeTypes';
import type { Feel } from '../chart/types';

/** A tune with one arrangement, as it was at some moment or in some place. */
export interface TuneVersion {
  readonly title: string;
  readonly text: string;
  readonly places: ChartPlaces;
  readonly key: string;
  readonly meter: string;
  /** Quarter-note beats per minute. */
  readonly tempo: number;
  readonly feel: Feel;
  readonly arrangementName: string;
  readonly setup: StoredArrangement;
}

/** Three versions: the one that both others began from, mine and theirs. */
export interface ThreeOf<T> {
  readonly base: T;
  readonly mine: T;
  readonly theirs: T;
}
