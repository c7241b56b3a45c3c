import { timeline } from '../../chart/timeline';
import { parseChart } from '../../chart/parseChart';
import { ticks } from '../../base/units';
import { demoChoruses } from '../../testing/demo';
import { soundingHits, type SoundingRequest } from './sounding';
import type { Hit, Hold } from './types';

const request = (text: string, change: Partial<SoundingRequest> = {}): SoundingRequest => ({
  timeline: timeline(parseChart(text).chart),
  offbeat: 2 / 3,
  loop: true,
  ...change,
});

/** Bar, beat from 1, and length in beats of a quarter. */
const hit = (bar: number, beat: number, beats: number, hold: Hold = 'full'): Hit => ({
  bar,
  at: ticks((beat - 1) * 480),
  length: ticks(beats * 480),
  hold,
  touch: 'plain',
  accent: false,
});

const TWO = '| Dm7 | G7 |';

describe('when a hit sounds', () => {
  it('is where the swing puts it, and as long as it is written', () => {
    const [one, two] = soundingHits([hit(1, 1, 1), hit(1, 2.5, 1)], request(TWO));
    expect(one).toMatchObject({ at: 0, end: 480 });
    expect(two).toMatchObject({ at: 480 + 320, end: 960 + 320 });
  });
  it('is where it is written in a meter of eighths', () => {
    const waltz = request('meter: 6/8\n| Dm7 | G7 |');
    expect(soundingHits([hit(1, 1.5, 0.5)], waltz)[0]).toMatchObject({ at: 240, end: 480 });
  });
  it('is nothing after the end of its bar, when the meter has become shorter', () => {
    expect(
      soundingHits([hit(1, 4, 1), hit(2, 1, 1)], request('meter: 3/4\n| Dm7 | G7 |')),
    ).toHaveLength(1);
  });
  it('is cut off when short, and never reaches into the next hit', () => {
    const [short, full, last] = soundingHits(
      [hit(1, 1, 1, 'short'), hit(1, 2, 4), hit(1, 3, 1, 'short')],
      request(TWO),
    );
    expect(short).toMatchObject({ at: 0, end: 160 });
    expect(full).toMatchObject({ at: 480, end: 960 });
    expect(last).toMatchObject({ at: 960, end: 1120 });
  });
  it('rings until the next hit or the next chord', () => {
    const [until, ring] = soundingHits(
      [hit(1, 1, 0.5, 'let ring'), hit(1, 3, 0.5, 'let ring')],
      request(TWO),
    );
    expect(until).toMatchObject({ at: 0, end: 960 });
    expect(ring).toMatchObject({ at: 960, end: 1920 });
  });
});

describe('which chord a hit plays', () => {
  const chordsOf = (hits: readonly Hit[], asked = request(TWO)): number[] =>
    soundingHits(hits, asked).map(({ chord }) => chord);
  it('is the chord of its moment', () => {
    expect(chordsOf([hit(1, 1, 1), hit(1, 4, 1), hit(2, 1, 1)])).toEqual([0, 0, 1]);
  });
  it('is the next one when it is tied over the bar line', () => {
    expect(chordsOf([hit(1, 4.5, 1)])).toEqual([1]);
    expect(chordsOf([hit(1, 4.5, 0.5)])).toEqual([0]);
  });
  it('is the next one in the middle of a bar too, but not from a quarter before it', () => {
    const asked = request('| Dm7 G7 |');
    expect(chordsOf([hit(1, 2.5, 1)], asked)).toEqual([1]);
    expect(chordsOf([hit(1, 2, 2)], asked)).toEqual([0]);
  });
  it('is the first one when the chorus comes round, and else stays the last', () => {
    expect(chordsOf([hit(2, 4.5, 1)])).toEqual([0]);
    expect(chordsOf([hit(2, 4.5, 1)], request(TWO, { loop: false }))).toEqual([1]);
  });
  it('rings on through the chord it was pushed into', () => {
    const [pushed] = soundingHits([hit(1, 4.5, 1, 'let ring')], request(TWO));
    expect(pushed).toMatchObject({ chord: 1, at: 1760, end: 3840 });
  });
});

it('passes over hits where there is no bar or no chord, and takes the later of two at one time', () => {
  const asked = request('| N.C. | G7 |');
  expect(soundingHits([hit(5, 1, 1)], asked)).toEqual([]);
  // Under N.C. there is nothing to play, but a push out of it is heard.
  expect(soundingHits([hit(1, 1, 4)], asked)).toEqual([]);
  expect(soundingHits([hit(1, 4.5, 1)], asked)).toMatchObject([{ chord: 1, at: 1760 }]);
  const [only, ...others] = soundingHits([hit(2, 1, 1), hit(2, 1, 2)], asked);
  expect(only).toMatchObject({ at: 1920, end: 2880 });
  expect(others).toEqual([]);
});

it('leaves N.C. silent wherever it stands, in every demo tune, with a hit of any length on every half beat', () => {
  let silent = 0;
  for (const { timeline: own } of demoChoruses()) {
    const rest = { kind: 'no chord', symbol: 'N.C.', tones: [] } as const;
    const events = own.events.map((event, at) => (at % 3 ? event : { ...event, chord: rest }));
    const hits = own.bars.flatMap(({ number, meter }) =>
      Array.from({ length: 2 * meter.beats }, (_, half) =>
        hit(number, 1 + half / 2, [0.5, 1, 3][half % 3]!),
      ),
    );
    const asked = { ...request(''), timeline: { ...own, events } };
    const heard = soundingHits(hits, asked);
    expect(heard.filter(({ chord }) => events[chord]?.chord.kind === 'no chord')).toEqual([]);
    expect(heard.length).toBeGreaterThan(0);
    silent += hits.length - heard.length;
  }
  expect(silent).toBeGreaterThan(500);
});
