import type { Arrangement } from '../arrangement/stored/types';
import type { SoloNote, Strictness } from '../comp/solo/types';
import type { Hit } from '../comp/base/types';
import { createConnector } from '../connect/connect';
import { chorusFrom, keyboardArrangement, planFor } from '../testing/choruses';
import { midi, ticks } from '../base/units';
import { compBehind, mendBar } from './behind';
import { compose, type ComposeRequest } from './compose';
import { noComp } from '../comp/defaults';
import type { Comp } from '../comp/comping';

/** In beats from 0. */
const note = (pitch: number, at: number, beats: number): SoloNote => ({
  midi: midi(pitch),
  at: ticks(at * 480),
  length: ticks(beats * 480),
  velocity: 84,
});

const hit = (bar: number, beat: number, change: Partial<Hit> = {}): Hit => ({
  bar,
  at: ticks((beat - 1) * 480),
  length: ticks(240),
  hold: 'short',
  touch: 'plain',
  accent: false,
  ...change,
});

const TUNE = '| Cmaj7 | Am7 | Dm7 | G7 |';

function request(
  line: readonly SoloNote[],
  comp: Partial<Comp> = {},
  arrangement: Arrangement = keyboardArrangement,
): ComposeRequest {
  return {
    connector: createConnector(),
    arrangement,
    comp: { ...noComp, ...comp },
    chorus: chorusFrom(TUNE),
    line,
    offbeat: 0.5,
  };
}

const behind = (line: readonly SoloNote[], strictness: Strictness, seed = 1) =>
  compBehind({ ...request(line, { strictness }), feel: 'straight', seed });

/** Eighths from one beat on up to another. */
const eighths = (from: number, to: number, pitch = 76): SoloNote[] =>
  Array.from({ length: (to - from) * 2 }, (_, at) => note(pitch + (at % 3), from + at / 2, 0.5));

const places = (hits: readonly Hit[]): string =>
  hits.map(({ bar, at }) => `${bar}:${at / 480 + 1}`).join(' ');

describe('a bar of hits, mended by hand', () => {
  /** The soloist moves through bar 1 up to beat 4 and is back in bar 3. */
  const line = [...eighths(0, 3), ...eighths(8, 10)];

  it('goes off the line to the nearest place, and is left out where there is none', () => {
    const hits = [hit(1, 1), hit(1, 3.5), hit(3, 1)];
    const mended = mendBar(request(line, { hits }), 1);
    expect(places(mended.comp.hits)).toBe('1:4 3:1');
    expect(mended.decisions.map(({ bar, doing }) => [bar, doing])).toEqual([
      [1, 'left out'],
      [1, 'moved'],
    ]);
    expect(mended.decisions[1]!.why).toBe('Moved later, off the line: into the gap.');
  });

  it('answers short with short', () => {
    const hits = [hit(2, 1, { hold: 'full', length: ticks(1920) })];
    const [answer] = mendBar(request(line, { hits }), 2).comp.hits;
    expect(answer).toMatchObject({ hold: 'short', length: 240 });
  });

  it('answers long with long, and is done when the soloist comes in again', () => {
    const long = [note(76, 0, 2), note(77, 6, 1)];
    const hits = [hit(1, 3.5)];
    const mended = mendBar(request(long, { hits }), 1);
    expect(mended.comp.hits[0]).toMatchObject({ at: 1200, hold: 'full', length: 960 });
    expect(mended.decisions[0]).toMatchObject({
      doing: 'lengthened',
      why: 'The phrase before ended long: a long answer.',
    });
  });

  it('stays under a note that is held, no longer than that', () => {
    const held = [note(79, 0, 4)];
    const hits = [hit(1, 2, { hold: 'full', length: ticks(2400) })];
    const [under] = mendBar(request(held, { hits }), 1).comp.hits;
    expect(under).toMatchObject({ at: 480, hold: 'full', length: 1440 });
  });

  it('leaves other bars as they are', () => {
    const hits = [hit(1, 1), hit(3, 1), hit(4, 2)];
    expect(places(mendBar(request(line, { hits }), 4).comp.hits)).toBe('1:1 3:1 4:2');
  });
});

describe('comping for a solo', () => {
  const line = [...eighths(0, 3), note(79, 3, 1), ...eighths(6, 8), note(74, 9, 3)];

  it('lets ring what is left to ring, while nothing rubs', () => {
    const hits = [hit(2, 1, { hold: 'let ring', length: ticks(1920) })];
    expect(mendBar(request(line, { hits }), 2).comp.hits).toEqual(hits);
  });

  it('strictly plays in gaps and under long notes, but for soft chords where there are none', () => {
    for (let seed = 0; seed < 20; seed += 1) {
      const { figures, comp } = behind(line, 3, seed);
      const soft = comp.hits.filter(({ loudness }) => loudness === 2);
      expect(figures!.overlaps).toBeLessThanOrEqual(soft.length);
      expect(figures!.clashes).toBe(0);
      expect(figures!.told).toBe(figures!.chords);
    }
  });

  it('the less strict, the more it plays over the line', () => {
    const overlaps = ([3, 2, 1] as const).map((strictness) =>
      Array.from(
        { length: 20 },
        (_, seed) => behind(line, strictness, seed).figures!.overlaps,
      ).reduce((sum, each) => sum + each, 0),
    );
    expect(overlaps).toEqual([...overlaps].sort((a, b) => a - b));
    expect(new Set(overlaps).size).toBe(3);
  });

  it('gives the same hits from the same seed, and a reason for each', () => {
    expect(behind(line, 3)).toEqual(behind(line, 3));
    const { comp, decisions } = behind(line, 3);
    for (const { bar, at } of comp.hits) {
      const own = decisions.filter((each) => each.bar === bar && each.at === at);
      expect(own.some(({ doing, why }) => doing !== 'left out' && why.endsWith('.'))).toBe(true);
    }
  });

  it('answers a gap that nothing sounds in', () => {
    const rests = [planFor(chorusFrom(TUNE), { density: 1, family: 'answers' })];
    const some = Array.from({ length: 10 }, (_, seed) =>
      compBehind({ ...request(line, { plan: rests }), feel: 'swing', seed }),
    );
    expect(some.some(({ decisions }) => decisions.some(({ doing }) => doing === 'put in'))).toBe(
      true,
    );
  });

  it('tells the harmony softly where the soloist leaves no gap', () => {
    const { comp, figures } = behind(eighths(0, 16), 3);
    expect(places(comp.hits)).toBe('1:1 2:1 3:1 4:1');
    expect(comp.hits.every(({ loudness }) => loudness === 2)).toBe(true);
    expect(figures).toMatchObject({ hits: 4, overlaps: 4, chords: 4, told: 4 });
  });

  it('rests where the plan has it rest', () => {
    const plan = [planFor(chorusFrom(TUNE), { rests: ['comp'] })];
    const made = compBehind({ ...request([], { plan }), feel: 'swing', seed: 1 });
    expect(made.comp.hits).toEqual([]);
  });
});

describe('voicing round the soloist', () => {
  it('takes another voicing where the first would rub against a note that is held', () => {
    // A C held on top of Cmaj7 rubs against its B.
    const line = [note(72, 0, 4)];
    const hits = [hit(1, 2, { hold: 'full', length: ticks(960) })];
    const rubbing = compose(request(line, { hits, yields: false }));
    const clear = compose(request(line, { hits, yields: true }));
    if (clear.voiced.status !== 'found') throw new Error(clear.voiced.why);
    expect(clear.yielding).toEqual([0]);
    expect(clear.figures).toMatchObject({ clashes: 0, collisions: 0 });
    expect(clear.voiced.path[0]!.notes.at(-1)!.midi).toBeLessThanOrEqual(69);
    expect(rubbing.figures!.clashes + rubbing.figures!.collisions).toBeGreaterThan(0);
  });

  it('cuts a hit short where no voicing keeps clear', () => {
    const cluster = Array.from({ length: 48 }, (_, at) => note(36 + at, 0, 4));
    const hits = [hit(1, 2, { hold: 'full', length: ticks(960) })];
    const mended = mendBar(request(cluster, { hits }), 1);
    expect(mended.comp.hits[0]).toMatchObject({ hold: 'short' });
    expect(mended.decisions.at(-1)!.why).toBe('No voicing keeps clear of the note that is held.');
  });
});

describe('what sounds', () => {
  it('is every chord plainly where no hits are placed', () => {
    const { sounding } = compose(request([]));
    expect(sounding.map(({ at, end }) => [at, end])).toEqual([
      [0, 1920],
      [1920, 3840],
      [3840, 5760],
      [5760, 7680],
    ]);
  });

  it('has the hits of a device in place of those the player has there', () => {
    const devices = [
      { at: 0, chorus: 0, symbol: 'Cmaj7', device: 'slide', variant: 'from below, a beat early' },
    ] as const;
    const { sounding } = compose(request([], { hits: [hit(1, 2), hit(2, 2)], devices }));
    expect(sounding.map(({ at }) => at / 480)).toEqual([0, 3, 5]);
  });

  it('is thinner or fuller as the plan has it', () => {
    const plan = [planFor(chorusFrom(TUNE), { texture: 'guide tones' })];
    const { voiced } = compose(request([], { plan }));
    if (voiced.status !== 'found') throw new Error(voiced.why);
    expect(new Set(voiced.path.map(({ family }) => family))).toEqual(new Set(['guide']));
  });
});
