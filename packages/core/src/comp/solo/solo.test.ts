import { midi, ticks } from '../../base/units';
import type { SoundingHit } from '../base/sounding';
import { figuresOf, judgeHits, type JudgedHit } from './measure';
import { phrasesOf } from './phrases';
import type { SoloNote } from './types';

/** In beats from 0. */
const note = (pitch: number, at: number, beats: number): SoloNote => ({
  midi: midi(pitch),
  at: ticks(at * 480),
  length: ticks(beats * 480),
  velocity: 84,
});

const hit = (at: number, beats: number, ...pitches: number[]): JudgedHit => ({
  sounding: { at: ticks(at * 480), end: ticks((at + beats) * 480), chord: 0 } as SoundingHit,
  pitches: pitches.map(midi),
});

describe('the phrases of a line', () => {
  it('end where it rests for a beat, and not where it only breathes', () => {
    const line = [note(67, 0, 1), note(69, 1.5, 1), note(71, 3.5, 0.5), note(74, 4, 2)];
    expect(phrasesOf(line)).toMatchObject([
      { at: 0, end: 1200, low: 67, high: 69 },
      { at: 1680, end: 2880, low: 71, high: 74 },
    ]);
  });
  it('do not mind the order of the notes, or notes that overlap', () => {
    const line = [note(74, 2, 1), note(60, 0, 4), note(72, 4.5, 1)];
    expect(phrasesOf(line)).toMatchObject([{ at: 0, end: 2640, low: 60, high: 74 }]);
    expect(phrasesOf([])).toEqual([]);
  });
});

/** Four beats by hand: two eighths and a long G5, then two beats of rest, then an F5. */
const LINE = [note(76, 0, 0.5), note(77, 0.5, 0.5), note(79, 1, 3), note(77, 6, 1)];

describe('how hits stand to the soloist, worked out by hand', () => {
  const places = (...hits: JudgedHit[]): string[] =>
    judgeHits(hits, LINE).map(({ place }) => place);

  it('tells gaps, long notes and the moving line apart', () => {
    expect(places(hit(0.5, 0.5, 60), hit(2, 0.5, 60), hit(4.5, 1, 60), hit(6, 1, 60))).toEqual([
      'over the line',
      'under a long note',
      'in a gap',
      'over the line',
    ]);
  });
  it('calls it under a long note where it is struck together with it', () => {
    expect(places(hit(1, 0.5, 60))).toEqual(['under a long note']);
  });
  it('finds a hit that comes nearer than a third to the line, or above it', () => {
    const crowds = (...hits: JudgedHit[]) => judgeHits(hits, LINE).map((each) => each.crowds);
    expect(crowds(hit(2, 1, 60, 76), hit(2, 1, 60, 77), hit(2, 1, 60, 84))).toEqual([
      undefined,
      79,
      79,
    ]);
    expect(crowds(hit(4.5, 1, 60, 84))).toEqual([undefined]);
  });
  it('finds half steps and minor ninths that are held, with how long', () => {
    const clashes = (...hits: JudgedHit[]) => judgeHits(hits, LINE).map((each) => each.clashes);
    expect(clashes(hit(2, 1, 66, 70))).toEqual([[{ comp: 66, solo: 79, from: 960, length: 480 }]]);
    expect(clashes(hit(2, 1, 78))).toEqual([[{ comp: 78, solo: 79, from: 960, length: 480 }]]);
    // A seventh, an octave and a half step two octaves down do not rub; nor does what is over in an eighth.
    expect(clashes(hit(2, 1, 68, 67, 54), hit(2, 0.5, 66))).toEqual([[], []]);
  });
  it('adds them up', () => {
    const hits = [hit(0.5, 0.5, 60), hit(2, 1, 66), hit(3, 1, 60, 78), hit(4.5, 1, 60)];
    expect(figuresOf(judgeHits(hits, LINE), { chords: 5, told: 4 })).toEqual({
      hits: 4,
      inGaps: 1,
      underLongNotes: 2,
      overlaps: 1,
      collisions: 1,
      clashes: 2,
      chords: 5,
      told: 4,
    });
  });
  it('has nothing against hits where nobody plays', () => {
    const judged = judgeHits([hit(0, 4, 60, 64)], []);
    expect(figuresOf(judged, { chords: 1, told: 1 })).toMatchObject({ inGaps: 1, clashes: 0 });
  });
});
