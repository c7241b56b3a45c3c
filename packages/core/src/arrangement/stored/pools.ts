import { canOpen, openedBy, type OpenScale } from '../../chord/openedBy';
import type { Chord } from '../../chord/types';
import type { Arrangement, ChordPool } from './types';

/** Whether a scale can still be opened over its chord as that is now. */
export const poolHolds = (pool: ChordPool, chord: Chord): boolean =>
  chord.kind === 'chord' && canOpen(chord, pool);

/** The chords of a chorus, each with the scale that was opened over it; one that does not hold is left out. */
export const openedChords = (chords: readonly Chord[], pools: readonly ChordPool[]): Chord[] =>
  chords.map((chord, at) => {
    const pool = pools.find((each) => each.at === at);
    return pool && chord.kind === 'chord' ? openedBy(chord, pool) : chord;
  });

/** Opens a scale over a chord, in place of any opened there; `undefined` leaves the chord as written. */
export function withPool(
  arrangement: Arrangement,
  { at, symbol, open }: Pick<ChordPool, 'at' | 'symbol'> & { readonly open: OpenScale | undefined },
): Arrangement {
  const others = arrangement.pools.filter((pool) => pool.at !== at);
  const all = open ? [...others, { at, symbol, scale: open.scale, on: open.on }] : others;
  return { ...arrangement, pools: [...all].sort((a, b) => a.at - b.at) };
}
