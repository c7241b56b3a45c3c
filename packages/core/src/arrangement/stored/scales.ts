import { canOpen, opensEnough, type OpenScale } from '../../chord/openedBy';
import { parseChord } from '../../chord/parseChord';
import type { Chord, PitchedChord } from '../../chord/types';
import { poolHolds, withPool } from './pools';
import { partPositions, type Positions } from './positions';
import type { Arrangement, KeptScale } from './types';

const degreesOf = ({ tones }: PitchedChord): string => tones.map(({ degree }) => degree).join(' ');

/**
 * Whether a kept scale still goes over its chord as that is now: the chord is of the kind it was kept for, whatever its
 * root, or the scale has all its tones. A pentatonic kept for G7 goes over A7 and not over Am7.
 */
export function scaleHolds(kept: KeptScale, chord: Chord): boolean {
  if (chord.kind !== 'chord') return false;
  const before = parseChord(kept.symbol);
  const same =
    before.ok && before.value.kind === 'chord' && degreesOf(before.value) === degreesOf(chord);
  return same || canOpen(chord, kept);
}

/** Keeps a scale for some chords, in place of any kept there; those without one are cleared. */
export function withScales(
  arrangement: Arrangement,
  kept: readonly (Pick<KeptScale, 'at' | 'symbol'> & { readonly open: OpenScale | undefined })[],
): Arrangement {
  const touched = new Set(kept.map(({ at }) => at));
  const others = arrangement.scales.filter(({ at }) => !touched.has(at));
  const own = kept.flatMap(({ at, symbol, open }): KeptScale[] =>
    open ? [{ at, symbol, scale: open.scale, on: open.on }] : [],
  );
  return { ...arrangement, scales: [...others, ...own].sort((a, b) => a.at - b.at) };
}

/**
 * Opens every kept scale over its chord, in place of what is opened there, over all parts of a split one. Those too
 * small to build on, or without a tone of their chord, are for improvising and change nothing.
 */
export function withScalesOpened(arrangement: Arrangement, positions: Positions): Arrangement {
  const { parts } = partPositions(positions, arrangement.splits);
  return arrangement.scales.reduce((changed, kept) => {
    const whole = positions.whole[kept.at];
    const fits = whole && opensEnough(kept.scale) && poolHolds(kept, whole.chord);
    if (!fits) return changed;
    const { symbol, scale, on } = kept;
    const ends = whole.at + whole.length;
    return parts.reduce(
      (setup, part, at) =>
        part.at >= whole.at && part.at < ends
          ? withPool(setup, { at, symbol, open: { scale, on } })
          : setup,
      changed,
    );
  }, arrangement);
}
