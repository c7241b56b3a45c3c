import { choose } from '../base/choose';
import { pitchClass } from '../base/units';
import { pitchClassOf, plainRoot, type NoteName } from '../pitch/spelling';
import { semitonesOf } from './degrees';
import { parseChord } from './parseChord';
import type { ChordTone, PitchedChord } from './types';

/** Some notes of a chord and its tensions that are a chord of their own. */
export interface UpperPart {
  /** As `Bbm7b5`. */
  readonly symbol: string;
  /** What its notes are in the chord they are part of: thirds and fifths first, tensions last. */
  readonly tones: readonly ChordTone[];
}

/** Chords a player knows by their own names: sevenths, and triads to be put on top. */
const SEVENTHS = ['maj7', '7', 'm7', 'm7b5', 'dim7', 'm(maj7)'];
const TRIADS = ['', 'm'];

const MOST = 6;

/**
 * The upper parts of a chord that are chords themselves: sevenths that hold both its guide tones, then major
 * and minor triads that bring a tension in, those with more of them first. 3 b7 b9 b13 of C7 are Bbm7b5.
 * @param tensions what may be added to the tones of the chord
 */
export function upperParts(chord: PitchedChord, tensions: readonly ChordTone[]): UpperPart[] {
  const own = chord.tones.filter(({ degree }) => degree !== 'R');
  const sounding = new Set(own.map(({ degree }) => semitonesOf(degree)));
  const added = tensions.filter(({ degree }) => !sounding.has(semitonesOf(degree)));
  const all = [...own, ...added].sort((a, b) => semitonesOf(a.degree) - semitonesOf(b.degree));
  const guides = chord.guideTones.filter((degree) => degree !== 'R');
  const brings = (tones: readonly ChordTone[]): number =>
    tones.filter((tone) => added.includes(tone)).length;
  const holdsGuides = (tones: readonly ChordTone[]): boolean =>
    guides.every((guide) => tones.some(({ degree }) => degree === guide));
  const sevenths = choose(all, 4).filter((tones) => brings(tones) > 0 && holdsGuides(tones));
  const triads = choose(all, 3)
    .filter((tones) => brings(tones) > 0)
    .sort((a, b) => brings(b) - brings(a));
  return [...namedAs(SEVENTHS, sevenths), ...namedAs(TRIADS, triads)].slice(0, MOST);
}

const namedAs = (suffixes: readonly string[], sets: readonly ChordTone[][]): UpperPart[] =>
  sets.flatMap((tones) => partOf(tones, suffixes) ?? []);

/** The half steps above its root that a chord of each kind has. */
const SHAPES = new Map(
  [...SEVENTHS, ...TRIADS].map((suffix) => {
    const read = parseChord(`C${suffix}`);
    const tones = read.ok && read.value.kind === 'chord' ? read.value.tones : [];
    return [suffix, new Set<number>(tones.map(({ degree }) => semitonesOf(degree)))] as const;
  }),
);

/** The name of some notes by the first of them, from the lowest, on which they are a chord of the kinds asked for. */
function partOf(tones: readonly ChordTone[], suffixes: readonly string[]): UpperPart | undefined {
  const stacked = [...tones].sort((a, b) => numberOf(a) - numberOf(b));
  for (const { note: root } of stacked) {
    const heights = stacked.map(({ note }) => pitchClass(pitchClassOf(note) - pitchClassOf(root)));
    const suffix = suffixes.find((each) =>
      heights.every((height) => SHAPES.get(each)!.has(height)),
    );
    if (suffix === undefined) continue;
    return { symbol: sayable(plainRoot(root), suffix) + suffix, tones: stacked };
  }
  return undefined;
}

/** Roots in sharps that no key has, and what players say: no D#7 and no A#m. */
const FLATS: Readonly<Record<NoteName, NoteName>> = {
  'C#': 'Db',
  'D#': 'Eb',
  'G#': 'Ab',
  'A#': 'Bb',
};
const FLATS_OF_MINOR: typeof FLATS = { 'D#': 'Eb', 'A#': 'Bb' };

function sayable(root: NoteName, suffix: string): NoteName {
  if (/^(?:maj7|7)?$/.test(suffix)) return FLATS[root] ?? root;
  return /^m(?!7b5)/.test(suffix) ? (FLATS_OF_MINOR[root] ?? root) : root;
}

const numberOf = ({ degree }: ChordTone): number => Number(/\d+/.exec(degree)?.[0]);
