import { pitchClassOf, type Chord } from '@drop-close/core';

/** The pitch classes a chord's symbol holds. */
export const chordTones = ({ tones }: Chord): ReadonlySet<number> =>
  new Set(tones.map(({ note }) => pitchClassOf(note)));
