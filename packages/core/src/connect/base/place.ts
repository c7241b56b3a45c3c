import type { Degree } from '../../chord/degrees';
import type { Chord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { ChangePlace, Tone, Wishes } from './types';

/** Interval by which roots move when they fall a fifth or rise a fourth. */
const UP_A_FOURTH = 5;
const DOWN_A_HALF_STEP = 11;

export function fallsFifth(from: Chord, to: Chord): boolean {
  if (from.kind === 'no chord' || to.kind === 'no chord') return false;
  return pitchClass(pitchClassOf(to.root) - pitchClassOf(from.root)) === UP_A_FOURTH;
}

const DOMINANT: readonly (readonly Degree[])[] = [
  ['3', 'b7'],
  ['4', 'b7'],
];

/** A dominant goes home: its root falls a fifth, or a half step as a tritone substitute's does. */
export function dominantResolves(from: Chord, to: Chord): boolean {
  if (from.kind === 'no chord' || to.kind === 'no chord') return false;
  const degrees = from.tones.map(({ degree }) => degree);
  const isDominant = DOMINANT.some((pair) => pair.every((degree) => degrees.includes(degree)));
  const motion = pitchClass(pitchClassOf(to.root) - pitchClassOf(from.root));
  return isDominant && (motion === UP_A_FOURTH || motion === DOWN_A_HALF_STEP);
}

/** Over one root a suspended fourth gives way: the later chord has none. */
export function releasesFourth(from: Chord, to: Chord): boolean {
  if (from.kind === 'no chord' || to.kind === 'no chord') return false;
  const hasFourth = ({ tones }: Chord): boolean => tones.some(({ degree }) => degree === '4');
  const oneRoot = pitchClassOf(from.root) === pitchClassOf(to.root);
  return oneRoot && hasFourth(from) && !hasFourth(to);
}

/** What is known of the change from the chord at a position to the next. */
export function placeOf(from: Chord, to: Chord, at: number, wishes: Wishes): ChangePlace {
  const kept = wishes.keepTop && to.kind === 'chord' ? to.tones : [];
  return {
    fallsFifth: fallsFifth(from, to),
    releases: releasesFourth(from, to),
    top: wishes.shapes[at] ?? 'free',
    keep: kept.map(({ note }) => pitchClassOf(note)),
    split: wishes.splits.includes(at),
    phraseEnd:
      wishes.phraseEnds.includes(at) && !wishes.splits.includes(at) && !dominantResolves(from, to),
  };
}

/** Nobody moves an octave. */
export const IN_PLACE: readonly number[] = [0];
const AN_OCTAVE_TOO: readonly number[] = [0, -12, 12];

/** Semitones by which the whole hand may move first; of equal costs the earlier is taken. */
export const octavesOf = ({ phraseEnd }: ChangePlace): readonly number[] =>
  phraseEnd ? AN_OCTAVE_TOO : IN_PLACE;

/** Whether a tone on top had better stay there. */
export const keeps = ({ keep }: ChangePlace, { midi }: Tone): boolean =>
  keep.length > 0 && keep.includes(pitchClass(midi));

/** Whether tones have somewhere to go: sevenths where roots fall a fifth, a fourth where it is released. */
export const hasResolutions = ({
  fallsFifth: falls,
  releases,
}: Pick<ChangePlace, 'fallsFifth' | 'releases'>): boolean => falls || releases;

/** Places alike to every term have the same key. */
export const placeKey = (place: ChangePlace): string =>
  `${voiceKey(place)} ${place.keep.join(',')} ${Number(place.split)} ${Number(place.phraseEnd)}`;

/** What of a place a single voice goes by. */
export type VoicePlace = Pick<ChangePlace, 'fallsFifth' | 'releases' | 'top'>;

/** Places alike to what a single voice costs. */
export const voiceKey = ({ fallsFifth: falls, releases, top }: VoicePlace): string =>
  `${Number(falls)} ${Number(releases)} ${top}`;
