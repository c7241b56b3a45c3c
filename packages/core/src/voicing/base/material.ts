import { PLACE_OF, semitonesOf, type Degree } from '../../chord/degrees';
import { tensionsOf } from '../../chord/tensions';
import type { PitchedChord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { Room, VoicingSettings } from './types';

/** What a family builds from: a chord seen from its root, and what the room and the player allow. */
export interface Material {
  /** The tones of the chord that may sound, in stacking order; without the root where the room has it so. */
  readonly degrees: readonly Degree[];
  /** Available tensions, none of them in the chord. */
  readonly tensions: readonly Degree[];
  readonly guideTones: readonly Degree[];
  readonly essential: readonly Degree[];
  readonly colours: readonly Degree[];
  /** A b9 may lead as a third guide tone. */
  readonly flatNine: boolean;
  /** The four-voice families may put tensions in the place of root and fifth. */
  readonly exchange: boolean;
  /** The root may sound. */
  readonly root: boolean;
  /** The bass after the slash where nobody else plays it, in semitones above the root. */
  readonly below?: number;
}

/** What of the settings decides which tones may sound. */
export interface MaterialSettings {
  readonly room: Pick<Room, 'roots' | 'others'>;
  readonly tensions: VoicingSettings['tensions'];
}

/** Two chords of one material have the same voicings but for their pitch. */
export function materialOf(chord: PitchedChord, { room, tensions }: MaterialSettings): Material {
  const { guideTones, essential, colours } = chord;
  const all = chord.tones.map((tone) => tone.degree);
  const root = room.roots || guideTones.includes('R');
  const degrees = root ? all : all.filter((degree) => degree !== 'R');
  const material = {
    degrees,
    tensions: tensionsOf(chord),
    guideTones,
    essential,
    colours,
    flatNine: flatNineMayLead(chord),
    exchange: tensions === 'available',
    root,
  };
  if (chord.bass === undefined || room.others.bass) return material;
  return { ...material, below: pitchClass(pitchClassOf(chord.bass) - pitchClassOf(chord.root)) };
}

/**
 * Of a dominant: where its symbol or its place has a b9, or nothing is known of its place; never beside a
 * natural ninth. Source: common practice.
 */
function flatNineMayLead(chord: PitchedChord): boolean {
  const has = (degree: Degree): boolean => chord.tones.some((tone) => tone.degree === degree);
  if (!has('3') || !has('b7') || has('9')) return false;
  const { tensions, thirdGuide } = chord;
  return has('b9') || thirdGuide === 'b9' || !tensions || tensions.includes('b9');
}

export const materialKey = (material: Material): string => JSON.stringify(material);

/** What a pitch that the chord does not have is called above its root. Source: common practice. */
const PLAIN_DEGREES: readonly Degree[] = 'R b9 9 b3 3 11 #11 5 b13 13 b7 7'.split(' ') as Degree[];

/**
 * The name the chord gives a pitch: its own tone, else a tension, else the plain degree.
 * @param height semitones above the root, any octave
 */
export function degreeAt(material: Material, height: number): Degree {
  const above = pitchClass(height) as number;
  const known = [...material.degrees, ...material.tensions].find(
    (degree) => semitonesOf(degree) === above,
  );
  return known ?? plainDegree(material.degrees, above);
}

function plainDegree(degrees: readonly Degree[], above: number): Degree {
  const seventh = degrees.some((d) => d === '7' || d === 'b7');
  if (above === 9 && !seventh) return '6';
  if (above === 3 && degrees.includes('3')) return '#9';
  return PLAIN_DEGREES[above]!;
}

/** Tensions that can stand in the place of a tone: a ninth for the root, a thirteenth for the fifth. */
export const standingFor = (material: Material, degree: Degree): Degree[] =>
  material.tensions.filter((tension) => PLACE_OF[tension] === PLACE_OF[degree]);
