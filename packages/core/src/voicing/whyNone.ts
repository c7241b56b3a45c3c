import type { PitchedChord } from '../chord/types';
import { octaveOf } from '../pitch/spelling';
import { PLAIN_FLAT } from '../pitch/data';
import { midi, pitchClass } from '../units';
import { enumerateVoicings, rangeOf } from './enumerate';
import { familyOf } from './families';
import type { Voicing, VoicingSettings } from './types';

/**
 * Why a chord has no voicing under these settings, as one sentence that names the binding limit.
 * Limits are lifted one at a time; the first whose lifting brings a voicing is the one to name.
 */
export function whyNoVoicing(chord: PitchedChord, settings: VoicingSettings): string {
  const { room, instrument } = settings;
  const names = settings.families.map((id) => familyOf(id).label).join(' or ');
  if (!settings.families.length) return 'no family of voicings is chosen';
  const roomy = { ...settings, room: { ...room, mostNotes: Infinity } };
  if (enumerateVoicings(chord, roomy).length) {
    return `${names} needs more notes than the ${room.mostNotes} this room leaves you`;
  }
  const anyHand = enumerateVoicings(chord, { ...roomy, includeOutOfReach: true });
  if (anyHand.length) return beyondTheHand(names, anyHand, settings);
  const anyRegister = { ...roomy, room: { ...roomy.room, window: rangeOf(instrument) } };
  if (enumerateVoicings(chord, anyRegister).length) {
    const { low, high } = room.window;
    return `no ${names} fits between ${pitchName(low)} and ${pitchName(high)}, this room's register`;
  }
  return `${names} has no playable form on this instrument`;
}

function beyondTheHand(names: string, all: readonly Voicing[], settings: VoicingSettings): string {
  if (settings.instrument.kind === 'keyboard') {
    return `${names} is wider than the hand's reach of ${settings.instrument.reach} half steps`;
  }
  const nearest = Math.round(Math.min(...all.map((voicing) => voicing.stretchMm ?? Infinity)));
  const { limitMm } = settings.instrument.hand;
  return `the narrowest ${names} needs ${nearest} mm, and the hand's limit is ${limitMm} mm`;
}

const pitchName = (pitch: number): string =>
  `${PLAIN_FLAT[pitchClass(pitch)] ?? ''}${octaveOf(midi(pitch))}`;
