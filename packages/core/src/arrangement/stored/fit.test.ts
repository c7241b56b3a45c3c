import { transposeChart } from '../../analysis/transposeChart';
import { deleteBar, insertBar, markBar, moveBar, writeBar } from '../../chart/edit';
import {
  edited,
  firstWritten,
  readWritten,
  retyped,
  type WrittenChart,
} from '../../chart/places/written';
import type { Chart } from '../../chart/types';
import { enumerateVoicings } from '../../voicing/enumerate';
import { defaultGuitar, defaultInstruments, defaultVoicingSettings } from '../../voicing/data';
import type { Voicing } from '../../voicing/base/types';
import { chord, chords, shape } from '../../testing/builders';
import { ticks } from '../../base/units';
import { defaultArrangement, withLock } from './defaults';
import { heldLocks } from './heldLocks';
import { fitArrangement, type FittedArrangement } from './fit';
import { positionsIn } from './positions';
import { withSplit } from './splits';
import { storeArrangement } from './store';
import type { StoredArrangement } from './stored';
import type { Arrangement } from './types';

const positionsOf = (written: WrittenChart) =>
  positionsIn(readWritten(written).chart, written.places);
const fit = (stored: StoredArrangement, written: WrittenChart): FittedArrangement =>
  fitArrangement(stored, positionsOf(written));
const grip = (symbol: string, at = 0): Voicing =>
  enumerateVoicings(chord(symbol), { ...defaultVoicingSettings, families: ['drop2'] }).filter(
    ({ notes }) => notes.every(({ fret = 0 }) => fret > 0 && fret < 9),
  )[at]!;

const TUNE = firstWritten('[A]\n| Dm7 G7 | C6 |\n[B]\n| A7 | Fm6 |');
const marked: Arrangement = {
  ...withLock(defaultArrangement, 1, { symbol: 'G7', voicing: grip('G7') }),
  line: {
    notes: [{ at: 3, symbol: 'A7', midi: 73 }],
    spans: [{ from: 0, to: 2, shape: 'rise' }],
    keepTop: true,
  },
  comp: {
    ...defaultArrangement.comp,
    hits: [
      { bar: 2, at: ticks(240), length: ticks(240), hold: 'short', touch: 'plain', accent: true },
      { bar: 7, at: ticks(0), length: ticks(480), hold: 'full', touch: 'plain', accent: false },
    ],
    devices: [
      { at: 3, symbol: 'A7', chorus: 1, device: 'slide', variant: 'from below, a beat early' },
    ],
    plan: [[], []],
  },
};
const stored = storeArrangement(marked, positionsOf(TUNE));

/** Where everything of the marked tune is: lock, top note, shape, hits, device. */
function whereIs({ arrangement: { locks, line, comp } }: FittedArrangement): string {
  const [span] = line.spans;
  return [
    ...locks.guitar.map(({ at }) => `lock ${at}`),
    ...line.notes.map(({ at, midi }) => `top ${at} ${midi}`),
    ...(span ? [`shape ${span.from}-${span.to}`] : []),
    ...comp.hits.map(({ bar, at }) => `hit ${bar}+${at}`),
    ...comp.devices.map(({ at, chorus }) => `device ${at} in ${chorus}`),
  ].join(', ');
}
const after = (edit: (chart: Chart) => Chart, moved = 0): FittedArrangement =>
  fit(stored, edited(TUNE, { edit, moved }, 'new'));

describe('what a player decided, found again', () => {
  it('is where it was in a chart nobody has edited, saved and read back to the last field', () => {
    const fitted = fit(stored, TUNE);
    expect(fitted.arrangement).toEqual(marked);
    expect(fitted.unfit).toEqual([]);
    expect(storeArrangement(fitted.arrangement, positionsOf(TUNE), fitted)).toEqual(stored);
  });

  it.each([
    [
      'bars put in before it',
      (chart: Chart) => insertBar(insertBar(chart, 0, ['F6']), 0, ['E7', 'Eb7']),
      'lock 4, top 6 73, shape 3-5, hit 4+240, hit 11+0, device 6 in 1',
    ],
    [
      'its bar dragged elsewhere',
      (chart: Chart) => moveBar(chart, 2, 0),
      'lock 2, top 0 73, shape 1-3, hit 3+240, hit 5+0, device 0 in 1',
    ],
    [
      'a chord put in before it in its bar',
      (chart: Chart) => writeBar(chart, 0, ['Dm7', 'Ab7', 'G7', '.']),
      'lock 2, top 4 73, shape 0-3, hit 2+240, hit 7+0, device 4 in 1',
    ],
  ])('%s', (_, edit, expected) => {
    const fitted = after(edit);
    expect(whereIs(fitted)).toBe(expected);
    expect(fitted.unfit).toEqual([]);
  });

  it('has no place while its bar is gone, stays saved, and is back with the bar', () => {
    const gone = edited(TUNE, { edit: (chart) => deleteBar(chart, 2) }, 'new');
    const fitted = fit(stored, gone);
    expect(fitted.unfit.map(({ kind }) => kind).sort()).toEqual(['hit', 'movement', 'top note']);
    const edits = { ...fitted.arrangement, loop: false };
    const saved = storeArrangement(edits, positionsOf(gone), fitted);
    expect(whereIs(fit(saved, TUNE))).toBe(whereIs(fit(stored, TUNE)));
    expect(saved.loop).toBe(false);
  });

  it('holds at the second time through only while there is one', () => {
    const repeated = edited(TUNE, { edit: (chart) => markBar(chart, 1, { repeatEnd: true }) }, 'n');
    const again = storeArrangement(
      withLock(defaultArrangement, 4, { symbol: 'G7', voicing: grip('G7') }),
      positionsOf(repeated),
    );
    expect(fit(again, repeated).arrangement.locks.guitar.map(({ at }) => at)).toEqual([4]);
    expect(fit(again, TUNE).unfit.map(({ kind }) => kind)).toEqual(['lock']);
  });

  it('keeps what is said of a part of a split chord while the chord is whole', () => {
    const { place } = positionsOf(TUNE).whole[2]!;
    const split = { place, symbol: 'C6', after: 2 };
    const parted = withSplit(stored, split, true);
    const fitted = fit(parted, TUNE);
    expect(whereIs(fitted)).toBe('lock 1, top 4 73, shape 0-2, hit 2+240, hit 7+0, device 3 in 1');
    const onPart = withLock(fitted.arrangement, 3, { symbol: 'C6', voicing: grip('C6') });
    const saved = storeArrangement(onPart, positionsOf(TUNE), fitted);
    const whole = withSplit(saved, split, false);
    expect(fit(whole, TUNE).unfit.map(({ kind }) => kind)).toEqual(['lock']);
    const back = fit(withSplit(whole, split, true), TUNE).arrangement.locks.guitar;
    expect(back.map(({ at }) => at)).toEqual([1, 3]);
    expect(withSplit(parted, split, true)).toBe(parted);
  });

  it('keeps a device and a rhythm that this version does not know', () => {
    const { place } = stored.comp.devices[0]!;
    const device = { ...stored.comp.devices[0]!, place, device: 'from another version' };
    const [bar] = positionsOf(TUNE).timeline.bars;
    const plan = [
      [{ from: bar!.place, to: bar!.place, plan: { ...SECTION, family: 'from another version' } }],
    ];
    const newer = { ...stored, comp: { ...stored.comp, devices: [device], plan } };
    const fitted = fit(newer, TUNE);
    expect(fitted.unfit).toEqual([{ kind: 'movement', stored: device }]);
    expect(fitted.arrangement.comp.plan[0]![0]!.plan.family).toBe('any');
    expect(storeArrangement(fitted.arrangement, positionsOf(TUNE), fitted)).toEqual(newer);
  });
});

const SECTION = {
  texture: 'as voiced',
  density: 3,
  loudness: 3,
  devices: 0,
  rests: [],
} as const;

describe('a tune transposed', () => {
  const move = (written: WrittenChart, semitones: number): WrittenChart =>
    edited(
      written,
      { edit: (chart) => transposeChart(chart, semitones), moved: semitones },
      `up ${semitones}`,
    );
  const shapes = (written: WrittenChart): string[] => {
    const positions = positionsOf(written);
    const { arrangement } = fitArrangement(stored, positions);
    const { held } = heldLocks(
      arrangement,
      positions.whole.map((event) => event.chord),
    );
    return held.map(({ voicing }) => shape(voicing));
  };

  it('takes locks along the neck, top notes and devices with it', () => {
    const before = grip('G7');
    const up = move(TUNE, 3);
    expect(whereIs(fit(stored, up))).toBe(
      whereIs(fit(stored, TUNE)).replace('top 3 73', 'top 3 76'),
    );
    const frets = before.notes.map(({ fret }) => fret! + 3);
    const [held] = heldLocks(
      fit(stored, up).arrangement,
      positionsOf(up).whole.map((event) => event.chord),
    ).held;
    expect(held!.voicing.notes.map(({ fret }) => fret)).toEqual(frets);
    expect(held!.voicing.notes.map(({ degree }) => degree)).toEqual(
      before.notes.map(({ degree }) => degree),
    );
  });

  it('up a third and back is as it was', () => {
    for (const semitones of [1, 3, 4, 5, 6, 7, 11]) {
      const back = move(move(TUNE, semitones), -semitones);
      expect(fit(stored, back).arrangement).toEqual(marked);
      expect(shapes(back)).toEqual(shapes(TUNE));
    }
  });

  it('twelve times up a fourth is as it was, and never climbs', () => {
    let written = TUNE;
    for (let times = 0; times < 12; times += 1) {
      written = move(written, 5);
      const [note] = fit(stored, written).arrangement.line.notes;
      expect(Math.abs(note!.midi - 73)).toBeLessThanOrEqual(12);
    }
    expect(fit(stored, written).arrangement).toEqual(marked);
  });

  it('is the same tune where its text is pasted in the other key', () => {
    const typed = retyped(TUNE, '[A]\n| Fm7 Bb7 | Eb6 |\n[B]\n| C7 | Abm6 |', 'new');
    const chords = positionsOf(typed).whole.map((event) => event.chord);
    const { held, fallen } = heldLocks(fit(stored, typed).arrangement, chords);
    expect(fallen).toEqual([]);
    expect(held).toHaveLength(1);
    expect(shapes(typed)).toEqual(shapes(move(TUNE, 3)));
  });
});

describe('a lock under another symbol', () => {
  const held = (locked: string, now: string, at = 0) =>
    heldLocks(
      withLock(defaultArrangement, 0, { symbol: locked, voicing: grip(locked, at) }),
      chords(now),
    );
  it('holds where its notes still read as the chord, by the degrees that gives them', () => {
    const [still] = held('Am7', 'C6').held;
    const names = grip('Am7').notes.map(({ degree }) => degree);
    const again = { R: '6', b3: 'R', '5': '3', b7: '5' } as Record<string, string>;
    expect(still!.voicing.notes.map(({ degree }) => degree)).toEqual(names.map((d) => again[d]));
    expect(held('G7', 'G13').held).toHaveLength(1);
    expect(held('G7', 'G7b9').held).toHaveLength(1);
  });
  it.each([
    ['G7', 'Gm7'],
    ['G7', 'Gmaj7'],
    ['G7', 'Db7'],
    ['Cmaj7', 'C7'],
    ['Cmaj7', 'N.C.'],
  ])('%s does not hold as %s', (before, now) => {
    const { fallen } = held(before, now);
    expect(fallen.map(({ why }) => why)).toEqual(['the chord has changed']);
  });
});

describe('a lock that no neck has in the new key', () => {
  it('is played an octave off, or in another place, or is told of', () => {
    const voicing = grip('G7');
    const short = { ...defaultInstruments, guitar: { ...defaultGuitar, frets: 5 } };
    const arrangement: Arrangement = {
      ...defaultArrangement,
      locks: {
        ...defaultArrangement.locks,
        guitar: [{ at: 0, symbol: 'G7', voicing, moved: 5 }],
      },
    };
    const { held, fallen } = heldLocks(arrangement, [chord('C7')], short);
    expect(held.length + fallen.length).toBe(1);
    for (const each of held) {
      for (const { fret } of each.voicing.notes) expect(fret).toBeLessThanOrEqual(5);
    }
    const tiny = { ...defaultInstruments, guitar: { ...defaultGuitar, frets: 1 } };
    expect(heldLocks(arrangement, [chord('C7')], tiny).fallen.map(({ why }) => why)).toEqual([
      'it cannot be played here',
    ]);
  });
});
