/**
 * A practice track: all choruses of a tune as they are comped, in as many keys and as often as one likes, each time round a
 * little faster, counted in once. Swing stays what it is at the first tempo.
 */
import { keyOf, signatureOf, tonicName } from '../analysis/base/key';
import { pitchClass } from '../base/units';
import { fail, ok, type Result } from '../base/result';
import { countIn } from '../band/countIn';
import { mixOf } from '../band/output/mix';
import { transposedPlan } from '../band/transposed';
import type { BandPlan } from '../band/types';
import { FASTEST } from '../chart/header';
import { bandOf, type Composition } from '../choruses/composition';
import {
  LONGEST_TRACK,
  type Track,
  type TrackFormat,
  type TrackNote,
  type TrackWish,
} from './types';

/** For the last sound to ring out, in seconds. */
const RING = 2.5;
const HALF_OCTAVE = 6;
const OCTAVE = 12;
const NO_CLICKS: BandPlan = { notes: [], length: 0, pickup: 0 };

/**
 * The notes of a track.
 * @param key of the tune, as `Eb` or `Cm`
 * @returns a sentence for the player where it would be too long
 */
export function trackOf(
  composition: Composition,
  key: string,
  wish: TrackWish,
): Result<Track, string> {
  const { question, composed } = composition;
  const { instrument } = question.setup;
  const passes = passesOf(wish);
  const notes: TrackNote[] = [];
  const rounds: { at: number; key: string; tempo: number }[] = [];
  const bar = composed.choruses.timeline.bars.find(({ number }) => number > 0);
  const clicks = wish.countIn && bar ? countIn(bar.meter, question.feel, wish.tempo) : NO_CLICKS;
  const whole = bandOf(composition, { tempo: wish.tempo });
  // A pickup sounds over the end of the count-in.
  let at = (Math.max(clicks.length, whole.pickup) * 60) / wish.tempo;
  notes.push(...placed(clicks, at - (clicks.length * 60) / wish.tempo, wish.tempo));
  passes.forEach(({ semitones, tempo }, position) => {
    const ends = position === passes.length - 1;
    const plan = ends ? bandOf(composition, { tempo: wish.tempo, ends }) : whole;
    const own = plan.notes.filter(({ part, at: when }) => {
      return wish.heard.includes(part) && (when >= 0 || position === 0);
    });
    rounds.push({ at, key: keyAt(key, semitones), tempo });
    notes.push(...placed(transposedPlan({ ...plan, notes: own }, semitones), at, tempo));
    at += (plan.length * 60) / tempo;
  });
  const end = notes.reduce((latest, { to }) => Math.max(latest, to), at);
  const seconds = end + RING;
  const problem = tooLong(seconds, wish.format);
  if (problem !== undefined) return fail(problem);
  return ok({
    notes: apart(notes),
    ...{ seconds, rounds, kit: whole.kit ?? 'sticks', instrument },
    mix: mixOf(whole, wish.tempo, instrument),
  });
}

/** Each time round: key by key, in each as often as is wished. */
function passesOf({ keys, times, tempo, faster }: TrackWish) {
  const all = keys.flatMap((semitones) => Array.from({ length: times }, () => semitones));
  return all.map((semitones, at) => ({
    // Up to a tritone up, what lies further comes from below.
    semitones: semitones > HALF_OCTAVE ? semitones - OCTAVE : semitones,
    tempo: Math.min(FASTEST, tempo + at * faster),
  }));
}

const placed = ({ notes }: BandPlan, begin: number, tempo: number): TrackNote[] =>
  notes.map(({ part, midi, at, length, velocity }) => {
    const from = Math.max(0, begin + (at * 60) / tempo);
    return { part, midi, from, to: from + (length * 60) / tempo, velocity };
  });

/** In order of time. A pitch of a part is struck once at a time: the earlier note ends where the later begins. */
function apart(notes: readonly TrackNote[]): TrackNote[] {
  const sorted = [...notes].sort((a, b) => a.from - b.from || a.midi - b.midi);
  const next = new Map<string, number>();
  return sorted
    .reverse()
    .map((note) => {
      const name = `${note.part} ${note.midi}`;
      const to = Math.min(note.to, next.get(name) ?? Infinity);
      next.set(name, note.from);
      return { ...note, to };
    })
    .reverse();
}

/** How long a track is about to be, in seconds. @param quarters of all choruses once through */
export function trackSeconds(quarters: number, wish: TrackWish): number {
  return passesOf(wish).reduce((sum, { tempo }) => sum + (quarters * 60) / tempo, RING);
}

/** A sentence for the player where a track would be too long. */
export function tooLong(seconds: number, format: TrackFormat): string | undefined {
  const longest = LONGEST_TRACK[format];
  if (seconds <= longest) return undefined;
  const what = format === 'wav' ? 'a WAV file' : 'a track';
  return `This track would be ${inMinutes(seconds)} long; ${what} has up to ${inMinutes(longest)}. Choose fewer keys or times.`;
}

/** The name of a key some half steps up, short: `Eb` or `Cm`. */
export function keyAt(key: string, semitones: number): string {
  const { tonic, mode, name } = keyOf(key);
  if (pitchClass(semitones) === 0) return key;
  const moved = { tonic: pitchClass(tonic + semitones), mode };
  return tonicName(moved, signatureOf(name, mode) > 0) + (mode === 'minor' ? 'm' : '');
}

const inMinutes = (seconds: number): string => {
  const minutes = Math.ceil(seconds / 60);
  return minutes === 1 ? 'a minute' : `${minutes} minutes`;
};
