import { RUBS } from '../../connect/keeping';
import { ticks, type Midi, type Ticks } from '../../base/units';
import type { SoundingHit } from '../base/sounding';
import { EIGHTH } from '../base/time';
import type { Told } from './harmony';
import { isLong, isUnder, isWithin, phrasesOf } from './phrases';
import type { SoloNote } from './types';

/** A hit and the pitches it sounds. */
export interface JudgedHit {
  readonly sounding: SoundingHit;
  readonly pitches: readonly Midi[];
}

/** Where a hit falls in the line: between phrases, under a note that is held, or on the line as it moves. */
export type HitZone = 'in a gap' | 'under a long note' | 'over the line';

/** Two notes that rub: a half step or a minor ninth apart. */
export interface Clash {
  readonly comp: Midi;
  readonly solo: Midi;
  /** When both have begun, from the beginning of bar 1. */
  readonly from: Ticks;
  /** How long both sound. */
  readonly length: Ticks;
}

/** How one hit stands to the soloist. */
export interface HitJudgement {
  readonly place: HitZone;
  /** Where it comes nearer than a third to the line, or above it: the solo note that it crowds. */
  readonly crowds: Midi | undefined;
  /** Clashes that are held; what passes within an eighth does not hurt. */
  readonly clashes: readonly Clash[];
}

/** How a chorus of hits stands to the soloist. */
export interface CompFigures {
  readonly hits: number;
  /** Of these, the ones between phrases, under long notes, and on the moving line. */
  readonly inGaps: number;
  readonly underLongNotes: number;
  readonly overlaps: number;
  /** Hits that crowd the soloist's register. */
  readonly collisions: number;
  /** Clashes held longer than an eighth. */
  readonly clashes: number;
  /** Chords, and how many of them sound. */
  readonly chords: number;
  readonly told: number;
}

/** A comping hand stays so far below the line, in semitones: a minor third. Source: common practice. */
export const CLEARANCE = 3;

/** How each hit stands to a line, in the order of the hits. */
export function judgeHits(hits: readonly JudgedHit[], line: readonly SoloNote[]): HitJudgement[] {
  const phrases = phrasesOf(line);
  return hits.map((hit) => {
    const { at } = hit.sounding;
    const phrase = phrases.find((each) => isWithin(each, at));
    const heard = line.filter((note) => together(hit, note) > 0);
    return {
      place: placeOf(at, phrase?.notes),
      crowds: crowded(hit, heard),
      clashes: clashesOf(hit, heard),
    };
  });
}

function placeOf(at: Ticks, phrase: readonly SoloNote[] | undefined): HitZone {
  if (!phrase) return 'in a gap';
  const held = phrase.some((note) => isLong(note) && isUnder(note, at));
  return held ? 'under a long note' : 'over the line';
}

/** How long a hit and a note sound at once, in ticks. */
const together = ({ sounding }: JudgedHit, note: SoloNote): number =>
  Math.min(sounding.end, note.at + note.length) - Math.max(sounding.at, note.at);

function crowded({ pitches }: JudgedHit, heard: readonly SoloNote[]): Midi | undefined {
  const top = Math.max(...pitches);
  return heard.find(({ midi }) => top > midi - CLEARANCE)?.midi;
}

const clashesOf = (hit: JudgedHit, heard: readonly SoloNote[]): Clash[] =>
  heard.flatMap((note) => {
    const length = together(hit, note);
    if (length <= EIGHTH) return [];
    const from = ticks(Math.max(hit.sounding.at, note.at));
    return hit.pitches
      .filter((pitch) => RUBS.includes(Math.abs(pitch - note.midi)))
      .map((comp) => ({ comp, solo: note.midi, from, length: ticks(length) }));
  });

export function figuresOf(judged: readonly HitJudgement[], told: Told): CompFigures {
  const count = (place: HitZone): number => judged.filter((each) => each.place === place).length;
  return {
    hits: judged.length,
    inGaps: count('in a gap'),
    underLongNotes: count('under a long note'),
    overlaps: count('over the line'),
    collisions: judged.filter(({ crowds }) => crowds !== undefined).length,
    clashes: judged.reduce((sum, { clashes }) => sum + clashes.length, 0),
    ...told,
  };
}
