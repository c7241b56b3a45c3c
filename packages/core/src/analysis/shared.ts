import { pitchClassOf, type NoteName } from '../pitch/spelling';
import type { PitchedChord } from '../chord/types';
import type { Pool, SharedNote, SharedNotes } from './base/types';

/** A chord with the pool that is played over it. */
export interface ChordWithPool {
  readonly chord: PitchedChord;
  readonly pool?: Pick<Pool, 'notes'> | undefined;
}

/**
 * The notes that two chords have in common: those of the chords themselves, and those of both their pools, the
 * chords' own among them. Each is named as either chord spells it, in the order of the first. Cmaj7 and Dbmaj7
 * share C, and with Lydian pools C and G.
 */
export function sharedNotes(here: ChordWithPool, there: ChordWithPool): SharedNotes {
  const [tones, others] = [notesOf(here.chord), notesOf(there.chord)];
  return {
    tones: inCommon(tones, others),
    pool: inCommon(here.pool?.notes ?? tones, there.pool?.notes ?? others),
  };
}

const notesOf = ({ tones }: PitchedChord): NoteName[] => tones.map(({ note }) => note);

const inCommon = (here: readonly NoteName[], there: readonly NoteName[]): SharedNote[] =>
  here.flatMap((note) => {
    const same = there.find((other) => pitchClassOf(other) === pitchClassOf(note));
    return same ? [{ note, there: same }] : [];
  });
