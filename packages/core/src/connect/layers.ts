import type { Chord } from '../chord/types';
import type { Voicing } from '../voicing/types';
import { changeCost, chordCost } from './cost';
import { fallsFifth } from './facts';
import type { Layers } from './chain';
import type { ConnectSettings } from './types';
import { weigh, type Weighed } from './weighed';

/**
 * Costs for the solver. A tune returns to the same chords again and again, so the costs of a change are
 * shared by the pair of candidate lists it joins.
 */
export function layersOf(
  chords: readonly Chord[],
  candidates: readonly (readonly Voicing[])[],
  settings: ConnectSettings,
): Layers {
  const weighed = (list: readonly Voicing[]): Weighed[] =>
    list.map((voicing) => weigh(voicing, settings.instrument));
  const own = shared((list: readonly Voicing[], _: readonly Voicing[], chord: Chord) =>
    Int32Array.from(list, (voicing) => chordCost(chord, voicing, settings)),
  );
  const step = shared((a: readonly Voicing[], b: readonly Voicing[], from: Chord, to: Chord) => {
    const falls = fallsFifth(from, to);
    const after = weighed(b);
    return Int32Array.from(
      weighed(a).flatMap((x) => after.map((y) => changeCost(x, y, falls, settings))),
    );
  });
  const loop = settings.loop && chords.length > 1;
  const joins = loop ? chords.length : chords.length - 1;
  return {
    own: chords.map((chord, i) => own(candidates[i] ?? [], candidates[i] ?? [], chord, chord)),
    step: Array.from({ length: joins }, (_, i) => {
      const next = (i + 1) % chords.length;
      return step(
        candidates[i] ?? [],
        candidates[next] ?? [],
        chords[i] as Chord,
        chords[next] as Chord,
      );
    }),
    loop,
  };
}

/** Remembers a result by the two candidate lists (by identity) it was computed from. */
function shared<T>(
  compute: (a: readonly Voicing[], b: readonly Voicing[], from: Chord, to: Chord) => T,
): typeof compute {
  const known = new Map<readonly Voicing[], Map<readonly Voicing[], T>>();
  return (a, b, from, to) => {
    const row = known.get(a) ?? new Map<readonly Voicing[], T>();
    known.set(a, row);
    const result = row.get(b) ?? compute(a, b, from, to);
    row.set(b, result);
    return result;
  };
}
