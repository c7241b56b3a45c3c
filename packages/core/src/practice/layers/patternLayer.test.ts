import { midi } from '../../base/units';
import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { connect } from '../../connect/connect';
import { defaultSettings } from '../../connect/base/data';
import { pitchClassOf } from '../../pitch/spelling';
import { demoTunes } from '../../testing/demo';
import type { Voicing } from '../../voicing/base/types';
import { defaultGuitar, defaultKeyboard, rooms } from '../../voicing/data';
import { patternLayer } from './patternLayer';

/** "D3:50 F:53": the notes of a voicing with their pitches. */
const voicing = (text: string): Voicing =>
  ({
    notes: text
      .split(' ')
      .filter(Boolean)
      .map((each) => {
        const [note, pitch] = each.split(':');
        return { note, midi: midi(Number(pitch)) };
      }),
  }) as unknown as Voicing;
const time = (text: string) => timeline(parseChart(text).chart);
const PATH = ['C:48 F:53 A:57 D:62', 'B:47 F:53 G:55 D:62', 'B:47 E:52 G:55 C:60'].map(voicing);

describe('a pattern through the changes (worked by hand)', () => {
  it('encloses the top note of the next chord, by the letters above and below it', () => {
    const line = patternLayer(time('| Dm7 G7 | Cmaj7 |'), PATH, 'enclosed');
    expect(line.map(({ note, degree, at }) => `${note} ${degree} @${at / 480}`)).toEqual([
      ...['D R @0', 'Eb b9 @1', 'C# 7 @1.5'],
      ...['D 5 @2', 'Db #11 @3', 'B 3 @3.5', 'C R @4'],
    ]);
  });
  it('writes a B over a B flat, as players do, and no C flat', () => {
    const path = [voicing('C:60'), voicing('Bb:58')];
    const line = patternLayer(time('| C7 | Bb7 |'), path, 'enclosed');
    expect(line.map(({ note }) => note).join(' ')).toBe('C B A Bb');
  });
  it('breaks each chord, and rests where the tune does', () => {
    const path = [PATH[0]!, voicing(''), PATH[2]!];
    const line = patternLayer(time('| Dm7 | N.C. | Cmaj7 |'), path, 'broken');
    expect(line.map(({ note, event }) => `${note}${event}`).join(' ')).toBe(
      'C0 A0 F0 D0 C0 A0 F0 D0 B2 G2 E2 C2 B2 G2 E2 C2',
    );
    expect(line[8]?.at).toBe(8 * 480);
  });
  it('holds the top of a chord that is too short to be left', () => {
    const line = patternLayer(time('| Dm7 . . G7 | Cmaj7 |'), PATH, 'enclosed');
    const notes = line.map(({ note, at }) => `${note} @${at / 480}`);
    expect(notes.slice(3)).toEqual(['D @3', 'C @4']);
  });
});

it('every note of every pattern is named as it sounds and lies under its chord: demo tunes, guitar and keys', () => {
  let notes = 0;
  for (const { chorus } of demoTunes()) {
    for (const instrument of [defaultGuitar, defaultKeyboard]) {
      const outcome = connect([...chorus.chords], {
        ...{ ...defaultSettings, instrument, room: rooms.alone },
      });
      if (outcome.status !== 'found') throw new Error(outcome.why);
      const { events } = chorus.timeline;
      for (const played of ['broken', 'enclosed'] as const) {
        const line = patternLayer(chorus.timeline, outcome.path, played);
        for (const [at, { note, midi: pitch, event, at: start, length }] of line.entries()) {
          expect(pitchClassOf(note)).toBe(pitch % 12);
          const chord = events[event]!;
          expect(start).toBeGreaterThanOrEqual(Math.round(chord.at * 480));
          expect(start).toBeLessThan(Math.round((chord.at + chord.length) * 480));
          expect(length).toBeGreaterThan(0);
          expect(start + length).toBeLessThanOrEqual(line[at + 1]?.at ?? Infinity);
          notes += 1;
        }
      }
    }
  }
  expect(notes).toBe(6458);
});
