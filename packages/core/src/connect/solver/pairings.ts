import { IN_PLACE } from '../base/place';
import type { Prices } from '../terms/prices';
import { entriesOf, type Entries, type EntryKind } from './entries';
import type { Layer } from './layer';

/** Sources and targets with the same number of paired voices. */
export interface Pairing {
  readonly source: Entries;
  readonly target: Entries;
  /** By source entry and by target entry: what it costs before any voice is looked at. */
  readonly fees: Int32Array;
  readonly targetFees: Int32Array;
  /** Neither side leaves a voice out. */
  readonly whole: boolean;
}

/** Every way in which sounds of the two sides have the same number of paired voices. */
export function pairingsOf(
  source: Layer,
  target: Layer,
  octaves: readonly number[],
  prices: Fees,
  ending: Ending,
): Pairing[] {
  const [here, there] = [[...source.bySize.keys()], [...target.bySize.keys()]];
  const pairing = (size: number, a: EntryKind['from'], b: EntryKind['from']): Pairing[] => {
    const from = knownEntries(source, { size, from: a, octaves });
    const to = knownEntries(target, { size, from: b, octaves: IN_PLACE });
    if (!from || !to) return [];
    const fees = feesOf(from, size, prices, ending.source);
    const targetFees = feesOf(to, size, prices, ending.target);
    return [{ source: from, target: to, fees, targetFees, whole: a === b }];
  };
  return [
    ...here
      .filter((size) => there.includes(size))
      .flatMap((size) => pairing(size, 'equal', 'equal')),
    ...there.flatMap((size) => pairing(size, 'larger', 'equal')),
    ...here.flatMap((size) => pairing(size, 'equal', 'larger')),
  ];
}

/** What a change costs by how many voices it has, and whether they are moved an octave. */
type Fees = Pick<Prices, 'spare' | 'octave' | 'octaveVoice'>;

/** What the tones of the earlier side cost where their voices end, whichever side that is. */
export interface Ending {
  readonly source?: Int32Array;
  readonly target?: Int32Array;
}

function feesOf(
  { spares, octave, leftOut }: Entries,
  size: number,
  prices: Fees,
  ends: Int32Array | undefined,
): Int32Array {
  const moved = prices.octave + size * prices.octaveVoice;
  const fees = spares.map((count, entry) => count * prices.spare + (octave[entry] ? moved : 0));
  if (!ends) return fees;
  const { tones, first } = leftOut();
  for (let entry = 0; entry < fees.length; entry += 1) {
    for (let at = first[entry]!; at < first[entry + 1]!; at += 1) fees[entry]! += ends[tones[at]!]!;
  }
  return fees;
}

const byLayer = new WeakMap<Layer, Map<string, Entries | undefined>>();

/** A layer is asked for the same entries at every change it has part in. */
function knownEntries(layer: Layer, kind: EntryKind): Entries | undefined {
  const known = byLayer.get(layer) ?? new Map<string, Entries | undefined>();
  byLayer.set(layer, known);
  const key = `${kind.size} ${kind.from} ${kind.octaves.length}`;
  if (!known.has(key)) known.set(key, entriesOf(layer, kind));
  return known.get(key);
}
