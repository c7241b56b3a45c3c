import type { BarPlace, ChordPlace } from '../../chart/placeTypes';
import type { OpenScale } from '../../chord/openedBy';
import type { SectionPlan, Comp } from '../../comp/comping';
import type { Hit } from '../../comp/base/types';
import type { Voicing } from '../../voicing/base/types';
import type { InstrumentId } from '../../voicing/base/instruments';
import type { Arrangement, LineShape } from './types';

/** The shape in which arrangements are saved today. */
export const ARRANGEMENT_VERSION = 8;

/**
 * An arrangement as it is saved. What a player decided about a chord or a bar names its place there, not
 * its position, so that edits of the chart leave all of this as it is; `fitArrangement` finds the
 * positions. Notes are kept as they were decided, with the key of that time: `transposed` is that of the
 * chart's places then, 0..11.
 *
 * `version` is the shape of this very object; `upgradeArrangement` brings older ones up.
 */
export interface StoredArrangement extends Omit<
  Arrangement,
  'locks' | 'splits' | 'pools' | 'scales' | 'line' | 'comp'
> {
  readonly version: typeof ARRANGEMENT_VERSION;
  /** Of those instruments that have any. */
  readonly locks: StoredLocks;
  readonly splits: readonly StoredSplit[];
  readonly pools: readonly StoredPool[];
  readonly scales: readonly StoredScale[];
  readonly line: StoredTopLine;
  readonly comp: StoredComp;
}

export type StoredLocks = Readonly<Partial<Record<InstrumentId, readonly StoredLock[]>>>;

/** Something said of a chord, and the symbol it had then. */
export interface OfChord {
  readonly place: ChordPlace;
  readonly symbol: string;
}

export interface StoredLock extends OfChord {
  readonly voicing: Voicing;
  readonly transposed: number;
}

export interface StoredSplit extends OfChord {
  /** How many quarters after the chord begins, more than 0. */
  readonly after: number;
}

export interface StoredPool extends OfChord, OpenScale {}

export interface StoredScale extends OfChord, OpenScale {}

export interface StoredLineNote extends OfChord {
  /** MIDI note number. */
  readonly midi: number;
  readonly transposed: number;
}

export interface StoredLineSpan {
  readonly from: ChordPlace;
  readonly to: ChordPlace;
  readonly shape: LineShape;
}

export interface StoredTopLine {
  readonly notes: readonly StoredLineNote[];
  readonly spans: readonly StoredLineSpan[];
  readonly keepTop: boolean;
}

export interface StoredComp extends Omit<Comp, 'hits' | 'devices' | 'plan'> {
  readonly hits: readonly StoredHit[];
  readonly devices: readonly StoredDevice[];
  readonly plan: readonly (readonly StoredSectionPlan[])[];
}

/** A hit by the bar it stands in: the bar's identity, which time the bar is played, and in which chorus. */
export interface StoredHit extends Omit<Hit, 'bar'>, BarPlace {
  /** From 0. */
  readonly chorus: number;
}

/** A movement device by its id; one that this version does not know is kept as it is. */
export interface StoredDevice extends OfChord {
  /** Which time through, from 0. */
  readonly chorus: number;
  readonly device: string;
  readonly variant: string;
  /** The line of a harmonised line, as MIDI notes. */
  readonly line?: readonly number[];
  readonly transposed: number;
}

/** The plan of a section; a rhythm that this version does not know is kept as it is. */
export interface StoredSectionPlan {
  /** Its first and its last bar. */
  readonly from: BarPlace;
  readonly to: BarPlace;
  readonly plan: Omit<SectionPlan, 'family'> & { readonly family: string };
}
