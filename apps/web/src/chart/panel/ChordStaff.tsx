import type { NoteName, PitchedChord, Pool } from '@drop-close/core';
import { useMemo } from 'react';
import { LOWEST_IN, type EngravedNote } from '../../notation/keys';
import { Staff } from '../../notation/Staff';
import { rising } from '../../playback/tones';
import { useNotation } from '../../profile/useNotation';
import { usePreferences } from '../../ui/preferences';

interface ChordStaffProps {
  readonly chord: PitchedChord;
  /** Written after the chord. */
  readonly pool: Pool | undefined;
}

/** The chord stacked, then its pool, in the clef of the reader. */
export function ChordStaff({ chord, pool }: ChordStaffProps) {
  const { reader } = usePreferences();
  const { note, name } = useNotation();
  const clef = reader === 'bass clef' ? 'bass' : 'treble';
  const content = useMemo(
    () => ({
      chord: written(
        chord.tones.map((tone) => tone.note),
        LOWEST_IN[clef],
      ),
      line: written(pool?.notes ?? [], LOWEST_IN[clef]),
    }),
    [chord, pool, clef],
  );
  const tones = chord.tones.map((tone) => note(tone.note)).join(' ');
  const after = pool ? `, then ${name(pool.name)}` : '';
  return <Staff clef={clef} {...content} label={`On the ${clef} staff: ${tones}${after}`} />;
}

function written(names: readonly NoteName[], lowest: number): EngravedNote[] {
  const pitches = rising(names, lowest);
  return names.map((name, at) => ({ name, midi: pitches[at]! }));
}
