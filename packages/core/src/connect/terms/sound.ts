import { mud } from '../../voicing/sound/lowIntervals';
import { roughness } from '../../voicing/sound/roughness';
import { SIZES } from '../base/data';
import type { ChordFacts, CostTerm } from '../base/types';

/** Roughness, intervals too low to sound clear, and tones the chord needs that are not there. */
export const sound: CostTerm = { id: 'sound', label: 'Clear sound', sound: unclear };

function unclear({ chord, voicing }: ChordFacts): number {
  if (chord.kind === 'no chord') return 0;
  const pitches = voicing.notes.map(({ midi }) => midi as number);
  const missing = [...chord.essential, ...chord.colours].filter(
    (degree) => !voicing.notes.some((note) => note.degree === degree),
  );
  return (
    Math.round(roughness(pitches) * SIZES.roughness) +
    mud(pitches) * SIZES.mudSemitone +
    missing.length * SIZES.missingEssential
  );
}
