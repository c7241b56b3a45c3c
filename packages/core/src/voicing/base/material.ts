import { PLACE_OF, STACKING_ORDER, semitonesOf, type Degree } from '../../chord/degrees';
import { plainDegree, scaleOf } from '../../chord/scaleDegrees';
import { tensionsOf } from '../../chord/tensions';
import type { PitchedChord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { Bottom, Room, VoicingSettings } from './types';

/** What a family builds from: a chord seen from its root, and what the room and the player allow. */
export interface Material {
  /** The tones of the chord, in stacking order. */
  readonly degrees: readonly Degree[];
  /** Available tensions, none of them in the chord. */
  readonly tensions: readonly Degree[];
  /** The scale of the chord, from the root up. */
  readonly scale: readonly Degree[];
  readonly guideTones: readonly Degree[];
  readonly essential: readonly Degree[];
  readonly colours: readonly Degree[];
  /**
   * What the symbol writes besides its guide tones: of each the tones one of which has to sound. Either
   * ninth does for alt.
   */
  readonly demands: readonly (readonly Degree[])[];
  /** A b9 may lead as a third guide tone. */
  readonly flatNine: boolean;
  /** The four-voice families may put tensions in the place of root and fifth. */
  readonly exchange: boolean;
  /** The root may be lowest. */
  readonly root: boolean;
  /** What may be lowest; anything when left out. */
  readonly lowest?: readonly Degree[];
  /** One guide tone may be left out of free colours. */
  readonly incomplete: boolean;
  /** The bass after the slash where nobody else plays it, in semitones above the root. */
  readonly below?: number;
}

/** What of the settings decides which tones may sound. */
export interface MaterialSettings {
  readonly room: Pick<Room, 'roots' | 'others'>;
  readonly tensions: VoicingSettings['tensions'];
  readonly bottom?: Bottom;
  readonly incomplete?: boolean;
}

/** Two chords of one material have the same voicings but for their pitch. */
export function materialOf(
  chord: PitchedChord,
  { room, tensions, bottom = 'room', incomplete = false }: MaterialSettings,
): Material {
  const { guideTones, essential, colours } = chord;
  const degrees = chord.tones.map((tone) => tone.degree);
  const lowest = lowestOf(bottom, room, guideTones);
  const material = {
    degrees,
    tensions: tensionsOf(chord),
    scale: scaleOf(chord),
    guideTones,
    essential,
    colours,
    demands: demandsOf(chord),
    flatNine: flatNineMayLead(chord),
    exchange: tensions === 'available' || chord.opened === true,
    root: lowest?.includes('R') ?? true,
    ...(lowest ? { lowest } : {}),
    incomplete,
  };
  if (chord.bass === undefined || room.others.bass) return material;
  return { ...material, below: pitchClass(pitchClassOf(chord.bass) - pitchClassOf(chord.root)) };
}

const ALTERED_NINTHS: readonly Degree[] = ['b9', '#9'];

function demandsOf({ guideTones, essential, colours }: PitchedChord): Degree[][] {
  const either = colours.filter((degree) => ALTERED_NINTHS.includes(degree));
  const each = [...essential, ...colours].filter(
    (degree) => !guideTones.includes(degree) && !either.includes(degree),
  );
  return [...each.map((degree) => [degree]), ...(either.length ? [either] : [])];
}

/** What the symbol writes that some tones leave out, one name for each demand. */
export const unmet = ({ demands }: Material, held: readonly Degree[]): Degree[] =>
  demands.filter((any) => !any.some((degree) => held.includes(degree))).map(([first]) => first!);

/** The tones proper of a chord; what lies above them is a 9, 11 or 13. */
const BODY: readonly Degree[] = 'R 2 b3 3 4 b5 5 #5 6 bb7 b7 7'.split(' ') as Degree[];
const FIFTHS: readonly Degree[] = ['5', 'b5', '#5'];

/**
 * While no bass plays a 9, 11 or 13 is never lowest; a room that leaves roots to its bass has any other tone
 * there, but for a chord that is told by its root. Source: common practice.
 */
function lowestOf(
  bottom: Bottom,
  { roots, others }: MaterialSettings['room'],
  guideTones: readonly Degree[],
): readonly Degree[] | undefined {
  switch (bottom) {
    case 'root':
      return ['R'];
    case 'root or fifth':
      return ['R', ...FIFTHS];
    case 'free':
      return undefined;
    case 'room': {
      const rootless = !roots && !guideTones.includes('R');
      if (!others.bass) return BODY.filter((degree) => !(rootless && degree === 'R'));
      return rootless ? NOT_THE_ROOT : undefined;
    }
  }
}

const NOT_THE_ROOT = STACKING_ORDER.filter((degree) => degree !== 'R');

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

/**
 * The name the chord gives a pitch: its own tone, else a tension, else the plain degree.
 * @param height semitones above the root, any octave
 */
export function degreeAt(material: Material, height: number): Degree {
  const above = pitchClass(height) as number;
  const known = material.tensions.find((degree) => semitonesOf(degree) === above);
  const own = material.degrees.some((degree) => semitonesOf(degree) === above);
  return known && !own ? known : plainDegree(material.degrees, above);
}

/** Tensions that can stand in the place of a tone: a ninth for the root, a thirteenth for the fifth. */
export const standingFor = (material: Material, degree: Degree): Degree[] =>
  material.tensions.filter((tension) => PLACE_OF[tension] === PLACE_OF[degree]);
