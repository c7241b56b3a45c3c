import { pitchClassOf } from '../pitch/spelling';
import { pitchClass } from '../base/units';
import { canOpen, openKey, opensEnough, type OpenScale } from '../chord/openedBy';
import { parseChord } from '../chord/parseChord';
import type { ChordAnalysis } from './base/types';

/** A note pool of a chord's panel that can be opened over it. */
export interface PanelScale {
  /** As `D melodic minor`. */
  readonly name: string;
  /** When it fits, in a few words. */
  readonly when: string;
  readonly open: OpenScale;
}

/**
 * The pools of a chord's panel that begin on another note than its root and hold its tones, each once. Dm7b5
 * in C minor may be opened to the notes of F melodic minor.
 */
export function panelScales({ symbol, scales }: ChordAnalysis): PanelScale[] {
  const read = parseChord(symbol);
  if (!read.ok || read.value.kind !== 'chord') return [];
  const chord = read.value;
  const found = new Map<string, PanelScale>();
  for (const { name, when, root, scale } of scales) {
    const on = pitchClass(pitchClassOf(root) - pitchClassOf(chord.root));
    const open = { scale, on };
    if (on !== 0 && opensEnough(scale) && canOpen(chord, open) && !found.has(openKey(open))) {
      found.set(openKey(open), { name, when, open });
    }
  }
  return [...found.values()];
}
