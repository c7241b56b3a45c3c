import type { Chord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { ChangePlace, Tone, Wishes } from './types';

/** Interval by which roots move when they fall a fifth or rise a fourth. */
const UP_A_FOURTH = 5;

export function fallsFifth(from: Chord, to: Chord): boolean {
  if (from.kind === 'no chord' || to.kind === 'no chord') return false;
  return pitchClass(pitchClassOf(to.root) - pitchClassOf(from.root)) === UP_A_FOURTH;
}

/** What is known of the change from the chord at a position to the next. */
export function placeOf(from: Chord, to: Chord, at: number, wishes: Wishes): ChangePlace {
  const kept = wishes.keepTop && to.kind === 'chord' ? to.tones : [];
  return {
    fallsFifth: fallsFifth(from, to),
    top: wishes.shapes[at] ?? 'free',
    keep: kept.map(({ note }) => pitchClassOf(note)),
    split: wishes.splits.includes(at),
    phraseEnd: wishes.phraseEnds.includes(at) && !wishes.splits.includes(at),
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

/** Places alike to every term have the same key. */
export const placeKey = ({ fallsFifth: falls, top, keep, split, phraseEnd }: ChangePlace): string =>
  `${Number(falls)} ${top} ${keep.join(',')} ${Number(split)} ${Number(phraseEnd)}`;
