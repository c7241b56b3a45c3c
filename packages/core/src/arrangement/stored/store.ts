import type { BarPlace, ChordPlace } from '../../chart/placeTypes';
import type { PlannedBars } from '../../comp/comping';
import type { Hit } from '../../comp/base/types';
import type { AppliedDevice } from '../../movement/types';
import { INSTRUMENT_IDS, type InstrumentId } from '../../voicing/base/instruments';
import type { FittedArrangement, Unfit } from './fit';
import { partPositions, type PartPositions, type Positions } from './positions';
import { ARRANGEMENT_VERSION } from './stored';
import type {
  StoredArrangement,
  StoredDevice,
  StoredHit,
  StoredLineNote,
  StoredLineSpan,
  StoredLock,
  StoredLocks,
  StoredPool,
  StoredScale,
  StoredSectionPlan,
  StoredSplit,
} from './stored';
import type { Arrangement, ChordPool, KeptScale, LineNote, LineSpan, Lock, Split } from './types';

/** The locks of every instrument that has any. */
export const locksOfEach = (locksOf: (id: InstrumentId) => readonly StoredLock[]): StoredLocks =>
  Object.fromEntries(
    INSTRUMENT_IDS.map((id) => [id, locksOf(id)] as const).filter(([, locks]) => locks.length),
  );

/** What is known of an arrangement's stored form. */
type Before = Pick<FittedArrangement, 'sources' | 'unfit'>;

const NOTHING_STORED: Before = { sources: new Map(), unfit: [] };

/** The place of what is said of a chord or bar that the chorus does not have. */
const NOWHERE = { slot: 'nowhere', bar: 'nowhere', pass: 0 } as const;

/**
 * An arrangement as it is saved, by place. What is as it was when it was fitted is saved as it was; what
 * had no place in the chorus stays saved.
 */
export function storeArrangement(
  arrangement: Arrangement,
  positions: Positions,
  before: Before = NOTHING_STORED,
): StoredArrangement {
  const { sources, unfit } = before;
  const storing = new Storing(positions, partPositions(positions, arrangement.splits), sources);
  const left = leftOf(unfit);
  const locksOf = (instrument: InstrumentId): StoredLock[] => [
    ...arrangement.locks[instrument].map(storing.lock),
    ...left('lock').flatMap((each) => (each.instrument === instrument ? [each.stored] : [])),
  ];
  const { line, comp } = arrangement;
  return {
    ...arrangement,
    version: ARRANGEMENT_VERSION,
    locks: locksOfEach(locksOf),
    splits: [...arrangement.splits.map(storing.split), ...left('split').map(storedOf)],
    pools: [...arrangement.pools.map(storing.pool), ...left('pool').map(storedOf)],
    scales: [...arrangement.scales.map(storing.scale), ...left('scale').map(storedOf)],
    line: {
      keepTop: line.keepTop,
      notes: [...line.notes.map(storing.note), ...left('top note').map(storedOf)],
      spans: [...line.spans.map(storing.span), ...left('line shape').map(storedOf)],
    },
    comp: {
      ...comp,
      hits: [...comp.hits.map(storing.hit), ...left('hit').map(storedOf)],
      devices: [...comp.devices.map(storing.device), ...left('movement').map(storedOf)],
      plan: comp.plan.map((planned, chorus) => [
        ...planned.map(storing.sectionPlan),
        ...left('section plan').flatMap((each) => (each.chorus === chorus ? [each.stored] : [])),
      ]),
    },
  };
}

const leftOf =
  (unfit: readonly Unfit[]) =>
  <K extends Unfit['kind']>(kind: K) =>
    unfit.filter((each): each is Extract<Unfit, { readonly kind: K }> => each.kind === kind);

const storedOf = <T>({ stored }: { readonly stored: T }): T => stored;

class Storing {
  private readonly bars: ReadonlyMap<number, BarPlace>;

  constructor(
    private readonly positions: Positions,
    private readonly parts: PartPositions,
    private readonly sources: ReadonlyMap<object, object>,
  ) {
    this.bars = new Map(positions.timeline.bars.map(({ number, place }) => [number, place]));
  }

  readonly split = (split: Split): StoredSplit =>
    this.asBefore(split, () => ({
      place: this.wholePlace(split.at),
      symbol: split.symbol,
      after: split.after,
    }));

  readonly pool = (pool: ChordPool): StoredPool =>
    this.asBefore(pool, () => {
      const { at, ...open } = pool;
      return { ...open, place: this.partPlace(at) };
    });

  readonly scale = (kept: KeptScale): StoredScale =>
    this.asBefore(kept, () => {
      const { at, ...open } = kept;
      return { ...open, place: this.wholePlace(at) };
    });

  readonly lock = (lock: Lock): StoredLock =>
    this.asBefore(lock, () => ({
      place: this.partPlace(lock.at),
      symbol: lock.symbol,
      voicing: lock.voicing,
      ...this.now(),
    }));

  readonly note = (note: LineNote): StoredLineNote =>
    this.asBefore(note, () => ({
      place: this.partPlace(note.at),
      symbol: note.symbol,
      midi: note.midi,
      ...this.now(),
    }));

  readonly span = (span: LineSpan): StoredLineSpan =>
    this.asBefore(span, () => ({
      from: this.partPlace(span.from),
      to: this.partPlace(span.to),
      shape: span.shape,
    }));

  readonly device = (device: AppliedDevice): StoredDevice =>
    this.asBefore(device, () => {
      const { at, ...rest } = device;
      return { ...rest, place: this.wholePlace(at), ...this.now() };
    });

  readonly hit = (hit: Hit): StoredHit =>
    this.asBefore(hit, () => {
      const { bar, ...rest } = hit;
      const { barsEach } = this.positions;
      const chorus = bar < 1 || !barsEach ? 0 : Math.floor((bar - 1) / barsEach);
      const { bar: id, pass } = this.bars.get(bar - chorus * barsEach) ?? NOWHERE;
      return { ...rest, bar: id, pass, chorus };
    });

  readonly sectionPlan = (planned: PlannedBars): StoredSectionPlan =>
    this.asBefore<StoredSectionPlan>(planned, () => planned);

  /**
   * What it was made of, where it is as it was fitted, else made anew. `sources` holds for each kind of thing
   * what was stored of it, and only that.
   */
  private asBefore<T extends object>(made: object, anew: () => T): T {
    return (this.sources.get(made) as T | undefined) ?? anew();
  }

  private wholePlace(at: number): ChordPlace {
    const { slot, pass } = this.positions.whole[at]?.place ?? NOWHERE;
    return { slot, pass };
  }

  private partPlace(at: number): ChordPlace {
    const { slot, pass, after } = this.parts.parts[at]?.place ?? { ...NOWHERE, after: undefined };
    return after === undefined ? { slot, pass } : { slot, pass, after };
  }

  private now(): { readonly transposed: number } {
    return { transposed: this.positions.transposed };
  }
}
