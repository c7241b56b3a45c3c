import { openedBy, pitchClassOf, topTones, type Arrangement, type Chord } from '@drop-close/core';

/** The chord at a position as it is voiced: with the scale that its player opened over it. */
export function asVoiced(chord: Chord, at: number, { pools }: Pick<Arrangement, 'pools'>): Chord {
  const pool = pools.find((each) => each.at === at);
  return pool && chord.kind === 'chord' ? openedBy(chord, pool) : chord;
}

/** The pitch classes that may be wanted on top of a chord. */
export const chordTones = (chord: Chord): ReadonlySet<number> =>
  new Set(topTones(chord).map(({ note }) => pitchClassOf(note)));
