import type { PitchedChord } from '../chord/types';
import { enumerateVoicings } from './enumerate';
import { families, familyOf } from './families';
import { playingOf } from './playingOf';
import { pitchName } from './base/pitchName';
import { setInWords } from './base/stringSet';
import type { FamilyId, VoicingSettings } from './base/types';

/**
 * Why a chord has no voicing under these settings, as one sentence that names the binding limit and,
 * where there is one, the family that has voicings. Limits are lifted one at a time; the first whose
 * lifting brings a voicing is the one to name.
 */
export function whyNoVoicing(chord: PitchedChord, settings: VoicingSettings): string {
  if (!settings.families.length) return 'no family of voicings is chosen';
  const nearest = nearestFamily(chord, settings);
  const offer = nearest ? `; ${familyOf(nearest).label} would do` : '';
  return bindingLimit(chord, settings) + offer;
}

function bindingLimit(chord: PitchedChord, settings: VoicingSettings): string {
  const { room, instrument } = settings;
  const names = settings.families.map((id) => familyOf(id).label).join(' or ');
  const asked = askedTooMuch(chord, settings);
  if (asked) return `no form of ${names} ${asked}`;
  const anyHand = { ...settings, includeOutOfReach: true };
  const beyond = enumerateVoicings(chord, anyHand);
  if (beyond.length) return playingOf(instrument).beyondHand(names, beyond);
  const { low, high } = room.window;
  const anyRegister = { ...room, window: playingOf(instrument).range };
  if (enumerateVoicings(chord, { ...anyHand, room: anyRegister }).length) {
    return `no form of ${names} fits between ${pitchName(low)} and ${pitchName(high)}, this room's register`;
  }
  return `there is no form of ${names} for this kind of chord`;
}

/** What a player asks for beyond the family, as a clause, where taking it back brings voicings. */
function askedTooMuch(chord: PitchedChord, settings: VoicingSettings): string | undefined {
  const { voices, strings, bottom } = settings;
  const without = (lifted: Partial<VoicingSettings>): boolean =>
    enumerateVoicings(chord, { ...settings, ...lifted }).length > 0;
  if (strings.length && without({ strings: [] })) {
    return `lies on strings ${strings.map(setInWords).join(' or ')} here`;
  }
  if (voices !== 'family' && without({ voices: 'family' })) return `has ${voices} voices here`;
  if (bottom === 'root' && without({ bottom: 'room' })) return 'has the root lowest here';
  if (bottom === 'root or fifth' && without({ bottom: 'room' })) {
    return 'has root or fifth lowest here';
  }
  return undefined;
}

/**
 * The family nearest to the first chosen one, in the order in which players meet them, that voices the
 * chord; of two as near the simpler. Families that need not tell the chord come last.
 */
export function nearestFamily(
  chord: PitchedChord,
  settings: VoicingSettings,
): FamilyId | undefined {
  const place = (id: FamilyId): number => families.findIndex((family) => family.id === id);
  const from = place(settings.families[0] ?? 'guide');
  const last = (id: FamilyId): number => (familyOf(id).lentLast ? families.length : 0);
  const nearness = (id: FamilyId): number => Math.abs(place(id) - from) + last(id);
  return families
    .map(({ id }) => id)
    .filter((id) => !settings.families.includes(id))
    .sort((a, b) => nearness(a) - nearness(b))
    .find((id) => enumerateVoicings(chord, { ...settings, families: [id] }).length);
}
