import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { pitchClass } from '../../base/units';
import { keysFrom } from '../base/key';
import { momentsOf, type Moment } from '../base/moments';
import { readInEveryKey } from './everyKey';
import { readingsOf } from './index';

const moments = (text: string): Moment[] =>
  momentsOf(
    timeline(parseChart(text).chart).events,
    (quarter) => Math.ceil(quarter / 4),
    () => false,
  );

it('kept readings are the ones a fresh look gives, in every key and transposition', () => {
  const texts = [
    '| Em7b5 A7b9 | Dm7 Db7 | C6 C#dim7 | Fm6 Bb9 |',
    '| F#m7b5 B7b9 | Em7 Eb7 | D6 D#dim7 | Gm6 C9 |',
    '| Em7b5 A7b9 | Dm7 G7 | C6 C#dim7 | Dm7 Bb9 |',
  ];
  for (const text of [...texts, ...texts]) {
    const all = moments(text);
    all.forEach((now, at) => {
      const around = { now, before: all[at - 1], next: all[at + 1], afterNext: all[at + 2] };
      const keys = keysFrom(pitchClass(at));
      for (const bluesTonic of [undefined, 0, 7]) {
        const fresh = keys.map((key) =>
          readingsOf({ key, ...around, blues: bluesTonic === key.tonic }),
        );
        expect(readInEveryKey({ ...around, bluesTonic }, keys)).toEqual(fresh);
      }
    });
  }
});

it('the best reading comes first, and there is always one', () => {
  for (const now of moments('| C+ | Dsus2 | E5 | Gb(maj7#5) | Bm(maj7) |')) {
    const around = { now, before: undefined, next: undefined, afterNext: undefined };
    for (const readings of readInEveryKey(
      { ...around, bluesTonic: undefined },
      keysFrom(now.root),
    )) {
      const costs = readings.map(({ cost }) => cost);
      expect(costs).toEqual([...costs].sort((a, b) => a - b));
      expect(readings.length).toBeGreaterThan(0);
    }
  }
});
