/**
 * What a player decided that does not fit the chart as it is now, and how it is put back: a misfit either
 * has no place there, or its chord is another by now. Either way it stays saved until its player puts it
 * somewhere or throws it away.
 */
import { barKey, type BarPlace, type ChartPlaces, type ChordPlace } from '../../chart/placeTypes';
import type { Chord } from '../../chord/types';
import { DEVICE_IDS } from '../../movement/types';
import type { Instruments } from '../../voicing/data';
import type { Instrument } from '../../voicing/base/types';
import { heldLocks } from './heldLocks';
import { hitBarKey, movedBetween, type FittedArrangement, type Unfit } from './fit';
import { heldLock, topNoteHolds, type WhyNotHeld } from './heldLocks';
import { poolHolds } from './pools';
import { scaleHolds } from './scales';
import { partPositions, type Positions } from './positions';
import { locksOfEach } from './store';
import type {
  StoredArrangement,
  StoredHit,
  StoredLineNote,
  StoredLock,
  StoredPool,
  StoredScale,
} from './stored';

export type WhyMisfit =
  | 'its bar is gone'
  | 'its chord is gone'
  | 'that time through is not played now'
  | 'the chord is not split there now'
  | 'the chord is too short now'
  | 'this version does not know it'
  | WhyNotHeld;

/** One row of what no longer fits. All hits of one bar are one. */
export interface Misfit {
  readonly items: readonly [Unfit, ...Unfit[]];
  readonly why: WhyMisfit;
}

/** Everything that does not fit, in the order in which arrangements hold it. */
export function misfitsOf(
  { arrangement, unfit, sources }: FittedArrangement,
  positions: Positions,
  places: ChartPlaces,
  instruments: Instruments,
): Misfit[] {
  const names = namesIn(places);
  const chords = partPositions(positions, arrangement.splits).parts.map(({ chord }) => chord);
  const { fallen } = heldLocks(arrangement, chords, instruments);
  const locks = fallen.map(({ lock, why }): Misfit => {
    const stored = sources.get(lock) as StoredLock;
    return { items: [{ kind: 'lock', instrument: arrangement.instrument, stored }], why };
  });
  const notes = arrangement.line.notes
    .filter((note) => chords[note.at] && !topNoteHolds(note, chords[note.at]!))
    .map((note): Misfit => {
      const stored = sources.get(note) as StoredLineNote;
      return { items: [{ kind: 'top note', stored }], why: 'the chord has changed' };
    });
  const pools = arrangement.pools
    .filter((pool) => chords[pool.at] && !poolHolds(pool, chords[pool.at]!))
    .map((pool): Misfit => {
      const stored = sources.get(pool) as StoredPool;
      return { items: [{ kind: 'pool', stored }], why: 'the chord has changed' };
    });
  const scales = arrangement.scales
    .filter((kept) => !scaleHolds(kept, positions.whole[kept.at]!.chord))
    .map((kept): Misfit => {
      const stored = sources.get(kept) as StoredScale;
      return { items: [{ kind: 'scale', stored }], why: 'the chord has changed' };
    });
  return [...locks, ...notes, ...pools, ...scales, ...withoutPlace(unfit, names)];
}

interface Names {
  readonly bars: ReadonlySet<string>;
  readonly slots: ReadonlySet<string>;
}

function namesIn({ sections }: ChartPlaces): Names {
  const bars = sections.flatMap((section) => section.bars);
  return {
    bars: new Set(bars.map(({ id }) => id)),
    slots: new Set(bars.flatMap(({ slots }) => slots)),
  };
}

function withoutPlace(unfit: readonly Unfit[], names: Names): Misfit[] {
  const misfits: Misfit[] = [];
  const hits = new Map<string, [Unfit, ...Unfit[]]>();
  for (const item of unfit) {
    if (item.kind !== 'hit') {
      misfits.push({ items: [item], why: whyUnfit(item, names) });
      continue;
    }
    const bar = hitBarKey(item.stored);
    const others = hits.get(bar);
    if (others) others.push(item);
    else {
      const items: [Unfit, ...Unfit[]] = [item];
      hits.set(bar, items);
      misfits.push({ items, why: whyBar(item.stored, names) });
    }
  }
  return misfits;
}

function whyUnfit(item: Exclude<Unfit, { readonly kind: 'hit' }>, names: Names): WhyMisfit {
  switch (item.kind) {
    case 'lock':
    case 'pool':
    case 'scale':
    case 'top note':
      return whyChord(item.stored.place, names);
    case 'split':
      return names.slots.has(item.stored.place.slot)
        ? 'the chord is too short now'
        : 'its chord is gone';
    case 'line shape': {
      const { from, to } = item.stored;
      return whyChord(names.slots.has(from.slot) ? to : from, names);
    }
    case 'movement': {
      const known = DEVICE_IDS.some((id) => id === item.stored.device);
      return known ? whyChord(item.stored.place, names) : 'this version does not know it';
    }
    case 'section plan':
      return whyBar(item.stored.from, names);
  }
}

function whyChord({ slot, after }: ChordPlace, { slots }: Names): WhyMisfit {
  if (!slots.has(slot)) return 'its chord is gone';
  return after ? 'the chord is not split there now' : 'that time through is not played now';
}

const whyBar = ({ bar }: BarPlace, { bars }: Names): WhyMisfit =>
  bars.has(bar) ? 'that time through is not played now' : 'its bar is gone';

/** Where something is put back: a chord of the chorus, and the bar it is in. */
export interface PutBackPlace {
  readonly chord: ChordPlace;
  readonly symbol: string;
  readonly bar: BarPlace;
  /** From 0. */
  readonly chorus: number;
}

/** Whether something would hold at a chord: a lock or a top note only where it reads as that. */
export function holdsAt(
  item: Unfit,
  chord: Chord,
  transposed: number,
  instrument: Instrument,
): boolean {
  if (item.kind === 'pool') return poolHolds({ at: 0, ...item.stored }, chord);
  if (item.kind === 'scale') return scaleHolds({ at: 0, ...item.stored }, chord);
  if (item.kind !== 'lock' && item.kind !== 'top note') return true;
  const { symbol } = item.stored;
  const moved = movedBetween(item.stored.transposed, transposed);
  if (item.kind === 'lock') {
    const { voicing } = item.stored;
    return heldLock({ at: 0, symbol, voicing, moved }, chord, instrument).held;
  }
  return topNoteHolds({ at: 0, symbol, midi: item.stored.midi + moved, moved }, chord);
}

/** The arrangement with some of what does not fit put at another chord or bar, in place of its like there. */
export const putBack = (
  setup: StoredArrangement,
  items: readonly Unfit[],
  place: PutBackPlace,
): StoredArrangement =>
  items.reduce((changed, item) => withItem(withoutItem(changed, item), moved(item, place)), setup);

/** The arrangement without some of what does not fit. */
export const throwAway = (setup: StoredArrangement, items: readonly Unfit[]): StoredArrangement =>
  items.reduce(withoutItem, setup);

function moved(item: Unfit, { chord, symbol, bar, chorus }: PutBackPlace): Unfit {
  const { after, ...whole } = chord;
  switch (item.kind) {
    // These keep the symbol they were made for: whether they hold is told by it.
    case 'lock':
      return { ...item, stored: { ...item.stored, place: chord } };
    case 'top note':
      return { ...item, stored: { ...item.stored, place: chord } };
    case 'pool':
      return { ...item, stored: { ...item.stored, place: chord } };
    case 'scale':
      return { ...item, stored: { ...item.stored, place: whole } };
    case 'split':
      return { ...item, stored: { ...item.stored, place: whole, symbol } };
    case 'movement':
      return { ...item, stored: { ...item.stored, place: whole, symbol, chorus } };
    case 'line shape':
      return { ...item, stored: { ...item.stored, from: chord } };
    case 'hit':
      return { ...item, stored: { ...item.stored, ...bar, chorus } };
    case 'section plan':
      return { ...item, chorus, stored: { ...item.stored, from: bar, to: bar } };
  }
}

function withoutItem(setup: StoredArrangement, { kind, stored }: Unfit): StoredArrangement {
  const others = <T extends object>(list: readonly T[]): readonly T[] =>
    list.filter((each) => each !== stored);
  const { locks, line, comp } = setup;
  switch (kind) {
    case 'lock':
      return { ...setup, locks: locksOfEach((id) => others(locks[id] ?? [])) };
    case 'pool':
      return { ...setup, pools: others(setup.pools) };
    case 'scale':
      return { ...setup, scales: others(setup.scales) };
    case 'split':
      return { ...setup, splits: others(setup.splits) };
    case 'top note':
      return { ...setup, line: { ...line, notes: others(line.notes) } };
    case 'line shape':
      return { ...setup, line: { ...line, spans: others(line.spans) } };
    case 'hit':
      return { ...setup, comp: { ...comp, hits: others(comp.hits) } };
    case 'movement':
      return { ...setup, comp: { ...comp, devices: others(comp.devices) } };
    case 'section plan':
      return { ...setup, comp: { ...comp, plan: comp.plan.map(others) } };
  }
}

function withItem(setup: StoredArrangement, item: Unfit): StoredArrangement {
  const { locks, line, comp } = setup;
  switch (item.kind) {
    case 'lock': {
      const { instrument, stored } = item;
      const others = (locks[instrument] ?? []).filter(
        ({ place }) => !sameChord(place, stored.place),
      );
      return { ...setup, locks: { ...locks, [instrument]: [...others, stored] } };
    }
    case 'pool': {
      const others = setup.pools.filter(({ place }) => !sameChord(place, item.stored.place));
      return { ...setup, pools: [...others, item.stored] };
    }
    case 'scale': {
      const others = setup.scales.filter(({ place }) => !sameChord(place, item.stored.place));
      return { ...setup, scales: [...others, item.stored] };
    }
    case 'split':
      return { ...setup, splits: [...setup.splits, item.stored] };
    case 'top note': {
      const others = line.notes.filter(({ place }) => !sameChord(place, item.stored.place));
      return { ...setup, line: { ...line, notes: [...others, item.stored] } };
    }
    case 'line shape':
      return { ...setup, line: { ...line, spans: [...line.spans, item.stored] } };
    case 'hit': {
      const others = comp.hits.filter((hit) => !sameMoment(hit, item.stored));
      return { ...setup, comp: { ...comp, hits: [...others, item.stored] } };
    }
    case 'movement':
      return { ...setup, comp: { ...comp, devices: [item.stored, ...comp.devices] } };
    case 'section plan': {
      const plan = comp.plan.map((planned, chorus) =>
        chorus === item.chorus ? [...planned, item.stored] : planned,
      );
      return { ...setup, comp: { ...comp, plan } };
    }
  }
}

const sameChord = (a: ChordPlace, b: ChordPlace): boolean =>
  a.slot === b.slot && a.pass === b.pass && (a.after ?? 0) === (b.after ?? 0);
const sameMoment = (a: StoredHit, b: StoredHit): boolean =>
  a.chorus === b.chorus && a.at === b.at && barKey(a) === barKey(b);
