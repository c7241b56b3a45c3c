import { DEGREES, type Degree } from '../chord/degrees';
import type { Chord, PitchedChord } from '../chord/types';
import { pitchClassOf, spellFrom, type NoteName } from '../pitch/spelling';
import { once } from '../base/once';
import { familyOf } from './families';
import type { VoicingFamily } from './families/family';
import { playingOf } from './playingOf';
import { choiceTiers, stackTiers } from './tiers';
import { materialKey, materialOf, type Material } from './base/material';
import type { Occasion, Placing, Player } from './instruments/player';
import type { FamilyId, Instrument, PitchRange, Voicing, VoicingSettings } from './base/types';

/** The silence under N.C. */
export const REST: Voicing = { family: 'rest', notes: [], ease: 'easy' };

/** Gives the voicings of one chord after another, under settings that stay. */
export type Enumerator = (chord: Chord) => Voicing[];

/**
 * Every voicing of a chord that the settings allow: each family's stacks at every octave inside the
 * room's window, in every grip or hand split that the instrument and the hand allow. What the symbol
 * writes sounds wherever the family has a form that holds it. Where a family has none in full, because
 * the room leaves fewer notes or the hand does not reach, its partial forms stand in: the tones least
 * needed are left out, as few as will do, and said. Order: families as given, then stacks, then from low
 * to high; no grip comes twice. N.C. gives the one rest.
 *
 * @example enumerateVoicings(chord, { ...defaultSettings, families: ['drop2'] })
 */
export const enumerateVoicings = (chord: Chord, settings: VoicingSettings): Voicing[] =>
  enumeratorOf(settings)(chord);

/**
 * The same for many chords: what is found for a quality on one root is moved to the others, and a chord
 * that comes back has its voicings ready (the very same list).
 */
export function enumeratorOf(settings: VoicingSettings): Enumerator {
  const player = playerOf(settings);
  const byQuality = new Map<string, Forms[]>();
  const byChord = new Map<string, Voicing[]>();
  const formsOf = (material: Material): Forms[] =>
    settings.families.map((id) => formsOfFamily(id, material, player, settings));
  return (chord) => {
    if (chord.kind === 'no chord') return [REST];
    const material = materialOf(chord, settings);
    const quality = materialKey(material);
    const key = `${chord.root} ${quality}`;
    const known = byChord.get(key);
    if (known) return known;
    const forms = byQuality.get(quality) ?? formsOf(material);
    byQuality.set(quality, forms);
    const voicings = distinctVoicings(forms.map((form) => fullest(form, chord)));
    byChord.set(key, voicings);
    return voicings;
  };
}

/** The forms of a family, tier after tier, each prepared when it is first needed. */
interface Forms {
  readonly family: VoicingFamily;
  readonly placings: readonly (() => Placing)[];
}

function formsOfFamily(
  id: FamilyId,
  material: Material,
  player: Player,
  { room, voices }: VoicingSettings,
): Forms {
  const family = familyOf(id);
  const { of } = family;
  const sizes = { voices, mostNotes: room.mostNotes };
  const placings =
    of.kind === 'free'
      ? choiceTiers(of.choice(material), sizes).map((tier) => once(() => player.choice(tier)))
      : stackTiers(of, family, material, sizes).map((tier) => once(() => player.stacks(tier)));
  return { family, placings };
}

/** What the first tier gives that gives anything, on the family's own strings before others. */
function fullest({ family, placings }: Forms, chord: PitchedChord): Voicing[] {
  const at = occasion(family.id, chord);
  for (const placing of placings) {
    const voicings = placing()(at, family.strings);
    if (voicings.length) return voicings;
  }
  return [];
}

function occasion(family: FamilyId, { root, tones }: PitchedChord): Occasion {
  const names = new Map<Degree, NoteName>(tones.map(({ degree, note }) => [degree, note]));
  const nameOf = (degree: Degree): NoteName => {
    const { letterSteps, semitones } = DEGREES[degree];
    const name = names.get(degree) ?? spellFrom(root, letterSteps, semitones);
    names.set(degree, name);
    return name;
  };
  return { family, root: pitchClassOf(root), nameOf };
}

/** Within one family no grip comes twice. */
function distinctVoicings(byFamily: readonly Voicing[][]): Voicing[] {
  if (byFamily.length === 1) return byFamily[0]!;
  const found = new Map<string, Voicing>();
  for (const voicing of byFamily.flat()) {
    const key = voicingKey(voicing);
    if (!found.has(key)) found.set(key, voicing);
  }
  return [...found.values()];
}

/**
 * Names a voicing by what sounds and where: `4:10 …` on strings, pitches and hands on keys. Two
 * voicings with one key are the same to the hand.
 */
export function voicingKey({ notes }: Voicing): string {
  let key = '';
  for (const { midi, string, fret, hand } of notes) {
    if (key) key += ' ';
    key += string === undefined ? `${hand?.charAt(0) ?? ''}${midi}` : `${string}:${fret}`;
  }
  return key;
}

export const playerOf = (settings: VoicingSettings): Player =>
  playingOf(settings.instrument).player(settings);

/** The lowest and the highest pitch of an instrument. */
export const rangeOf = (instrument: Instrument): PitchRange => playingOf(instrument).range;
