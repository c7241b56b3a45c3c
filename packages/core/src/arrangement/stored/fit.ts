import { barKey, type BarPlace } from '../../chart/placeTypes';
import { PATTERN_FAMILIES } from '../../comp/patterns/types';
import type { PlannedBars } from '../../comp/comping';
import type { Hit } from '../../comp/base/types';
import { DEVICE_IDS, type AppliedDevice } from '../../movement/types';
import { pitchClass } from '../../base/units';
import { forEachInstrument, type InstrumentId } from '../../voicing/base/instruments';
import { partPositions, type PartPositions, type Positions } from './positions';
import type {
  StoredArrangement,
  StoredComp,
  StoredDevice,
  StoredHit,
  StoredLineNote,
  StoredLineSpan,
  StoredLock,
  StoredPool,
  StoredScale,
  StoredSectionPlan,
  StoredSplit,
} from './stored';
import type { Arrangement, ChordPool, KeptScale, LineNote, LineSpan, Lock, Split } from './types';

/** Something a player decided that has no place in the chorus as it is now. */
export type Unfit =
  | { readonly kind: 'lock'; readonly instrument: InstrumentId; readonly stored: StoredLock }
  | { readonly kind: 'split'; readonly stored: StoredSplit }
  | { readonly kind: 'pool'; readonly stored: StoredPool }
  | { readonly kind: 'scale'; readonly stored: StoredScale }
  | { readonly kind: 'top note'; readonly stored: StoredLineNote }
  | { readonly kind: 'line shape'; readonly stored: StoredLineSpan }
  | { readonly kind: 'movement'; readonly stored: StoredDevice }
  | { readonly kind: 'hit'; readonly stored: StoredHit }
  | { readonly kind: 'section plan'; readonly chorus: number; readonly stored: StoredSectionPlan };

/** An arrangement with everything where it is in the chorus as it is now. */
export interface FittedArrangement {
  readonly arrangement: Arrangement;
  /** What has no place there; it stays saved, and is back in its place as soon as that is. */
  readonly unfit: readonly Unfit[];
  /** What each part of the arrangement was made of, so that what is not edited is saved as it was. */
  readonly sources: ReadonlyMap<object, object>;
}

/** Finds where everything in a stored arrangement is, in a chart whose identities may have moved since. */
export function fitArrangement(stored: StoredArrangement, positions: Positions): FittedArrangement {
  const fitting = new Fitting(positions);
  const splits = fitting.splits(stored.splits);
  const parts = partPositions(positions, splits);
  const { version, ...rest } = stored;
  const arrangement: Arrangement = {
    ...rest,
    splits,
    pools: fitting.pools(stored.pools, parts),
    scales: fitting.scales(stored.scales),
    locks: forEachInstrument((id) => fitting.locks(stored.locks[id] ?? [], id, parts)),
    line: {
      keepTop: stored.line.keepTop,
      notes: fitting.notes(stored, parts),
      spans: fitting.spans(stored.line.spans, parts),
    },
    comp: {
      ...stored.comp,
      hits: fitting.hits(stored.comp.hits),
      devices: fitting.devices(stored.comp.devices),
      plan: fitting.plan(stored.comp),
    },
  };
  return { arrangement, unfit: fitting.unfit, sources: fitting.sources };
}

class Fitting {
  readonly unfit: Unfit[] = [];
  readonly sources = new Map<object, object>();

  constructor(private readonly positions: Positions) {}

  splits(stored: readonly StoredSplit[]): Split[] {
    const { wholeAt, whole } = this.positions;
    const splits = stored.flatMap((split): Split[] => {
      const at = wholeAt(split.place);
      if (at === undefined || split.after >= whole[at]!.length) {
        return this.leave({ kind: 'split', stored: split });
      }
      return [this.from(split, { at, symbol: split.symbol, after: split.after })];
    });
    return splits.sort((a, b) => a.at - b.at || a.after - b.after);
  }

  locks(
    stored: readonly StoredLock[],
    instrument: InstrumentId,
    { partAt }: PartPositions,
  ): Lock[] {
    const locks = stored.flatMap((lock): Lock[] => {
      const at = partAt(lock.place);
      if (at === undefined) return this.leave({ kind: 'lock', instrument, stored: lock });
      const moved = this.movedSince(lock);
      const { symbol, voicing } = lock;
      return [this.from(lock, { at, symbol, voicing, ...(moved ? { moved } : {}) })];
    });
    return locks.sort((a, b) => a.at - b.at);
  }

  pools(stored: readonly StoredPool[], { partAt }: PartPositions): ChordPool[] {
    const pools = stored.flatMap((pool): ChordPool[] => {
      const at = partAt(pool.place);
      if (at === undefined) return this.leave({ kind: 'pool', stored: pool });
      const { symbol, scale, on } = pool;
      return [this.from(pool, { at, symbol, scale, on })];
    });
    return pools.sort((a, b) => a.at - b.at);
  }

  scales(stored: readonly StoredScale[]): KeptScale[] {
    const scales = stored.flatMap((kept): KeptScale[] => {
      const at = this.positions.wholeAt(kept.place);
      if (at === undefined) return this.leave({ kind: 'scale', stored: kept });
      const { symbol, scale, on } = kept;
      return [this.from(kept, { at, symbol, scale, on })];
    });
    return scales.sort((a, b) => a.at - b.at);
  }

  notes({ line, room: { window } }: StoredArrangement, { partAt }: PartPositions): LineNote[] {
    const notes = line.notes.flatMap((note): LineNote[] => {
      const at = partAt(note.place);
      if (at === undefined) return this.leave({ kind: 'top note', stored: note });
      const { symbol } = note;
      const moved = this.movedSince(note);
      if (!moved) return [this.from(note, { at, symbol, midi: note.midi })];
      return [this.from(note, { at, symbol, midi: inOctaveOf(note.midi + moved, window), moved })];
    });
    return notes.sort((a, b) => a.at - b.at);
  }

  spans(stored: readonly StoredLineSpan[], { partAt }: PartPositions): LineSpan[] {
    const spans = stored.flatMap((span): LineSpan[] => {
      const [from, to] = [partAt(span.from), partAt(span.to)];
      if (from === undefined || to === undefined || to <= from) {
        return this.leave({ kind: 'line shape', stored: span });
      }
      return [this.from(span, { from, to, shape: span.shape })];
    });
    return spans.sort((a, b) => a.from - b.from);
  }

  devices(stored: readonly StoredDevice[]): AppliedDevice[] {
    return stored.flatMap((device): AppliedDevice[] => {
      const at = this.positions.wholeAt(device.place);
      const known = DEVICE_IDS.find((id) => id === device.device);
      if (at === undefined || !known) return this.leave({ kind: 'movement', stored: device });
      const { symbol, chorus, variant, line } = device;
      const moved = line?.map((midi) => midi + this.movedSince(device));
      const applied = { at, symbol, chorus, device: known, variant };
      return [this.from(device, { ...applied, ...(moved ? { line: moved } : {}) })];
    });
  }

  hits(stored: readonly StoredHit[]): Hit[] {
    const { barsEach } = this.positions;
    const hits = stored.flatMap((each): Hit[] => {
      const { bar, pass, chorus, ...hit } = each;
      const number = this.positions.barAt(each);
      if (number === undefined || (number === 0 && chorus > 0)) {
        return this.leave({ kind: 'hit', stored: each });
      }
      return [this.from(each, { ...hit, bar: number + chorus * barsEach })];
    });
    return hits.sort((a, b) => a.bar - b.bar || a.at - b.at);
  }

  plan({ plan }: StoredComp): PlannedBars[][] {
    return plan.map((sections, chorus) =>
      sections.flatMap((planned): PlannedBars[] => {
        if (!this.stands(planned.from) && !this.stands(planned.to)) {
          return this.leave({ kind: 'section plan', chorus, stored: planned });
        }
        const family = PATTERN_FAMILIES.find((id) => id === planned.plan.family) ?? 'any';
        return [this.from(planned, { ...planned, plan: { ...planned.plan, family } })];
      }),
    );
  }

  private stands(place: BarPlace): boolean {
    return this.positions.barAt(place) !== undefined;
  }

  private movedSince(stored: { readonly transposed: number }): number {
    return movedBetween(stored.transposed, this.positions.transposed);
  }

  private leave(unfit: Unfit): [] {
    this.unfit.push(unfit);
    return [];
  }

  private from<T extends object>(source: object, made: T): T {
    this.sources.set(made, source);
    return made;
  }
}

/** How far a tune has moved from one transposition to another, the nearer way: -5..6 semitones. */
export const movedBetween = (before: number, now: number): number =>
  pitchClass(now - before + 5) - 5;

/** The nearest octave of a pitch that lies in a register; the pitch itself where none does. */
function inOctaveOf(midi: number, { low, high }: { readonly low: number; readonly high: number }) {
  if (midi > high && midi - 12 >= low) return midi - 12;
  if (midi < low && midi + 12 <= high) return midi + 12;
  return midi;
}

/** The bar a stored hit stands in, as text. */
export const hitBarKey = ({ bar, pass, chorus }: StoredHit): string =>
  `${barKey({ bar, pass })} ${chorus}`;
