import type { PitchedChord } from '../chord/types';
import { enumerateVoicings, rangeOf } from './enumerate';
import { families, familyOf } from './families';
import { pitchName } from './pitchName';
import type { FamilyId, Voicing, VoicingSettings } from './types';

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
  const anyHand = { ...settings, includeOutOfReach: true };
  const beyond = enumerateVoicings(chord, anyHand);
  if (beyond.length) return beyondTheHand(names, beyond, settings);
  const { low, high } = room.window;
  const anyRegister = { ...room, window: rangeOf(instrument) };
  if (enumerateVoicings(chord, { ...anyHand, room: anyRegister }).length) {
    return `no form of ${names} fits between ${pitchName(low)} and ${pitchName(high)}, this room's register`;
  }
  return `there is no form of ${names} for this kind of chord`;
}

function beyondTheHand(names: string, all: readonly Voicing[], settings: VoicingSettings): string {
  const { instrument } = settings;
  if (instrument.kind === 'keyboard') {
    const { left, right } = instrument.reach;
    return `every form of ${names} is wider than the hand's reach of ${Math.max(left, right)} half steps`;
  }
  const { limitMm } = instrument.hand;
  const stretch = Math.round(Math.min(...all.map((voicing) => voicing.stretchMm ?? Infinity)));
  if (stretch <= limitMm) return `every form of ${names} needs more fingers than a hand has`;
  return `the narrowest grip of ${names} needs ${stretch} mm, and the hand's limit is ${limitMm} mm`;
}

/**
 * The family nearest to the first chosen one, in the order in which players meet them, that voices the
 * chord; of two as near the simpler.
 */
export function nearestFamily(
  chord: PitchedChord,
  settings: VoicingSettings,
): FamilyId | undefined {
  const place = (id: FamilyId): number => families.findIndex((family) => family.id === id);
  const from = place(settings.families[0] ?? 'guide');
  const nearness = (id: FamilyId): number => Math.abs(place(id) - from);
  return families
    .map(({ id }) => id)
    .filter((id) => !settings.families.includes(id))
    .sort((a, b) => nearness(a) - nearness(b))
    .find((id) => enumerateVoicings(chord, { ...settings, families: [id] }).length);
}
