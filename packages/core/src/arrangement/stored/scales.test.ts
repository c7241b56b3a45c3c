import { analyzeChart } from '../../analysis/analyzeChart';
import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { pitchClassOf } from '../../pitch/spelling';
import { demoTexts } from '../../testing/demo';
import { transposeChart } from '../../analysis/transposeChart';
import { edited, firstWritten, readWritten } from '../../chart/places/written';
import { openFrom, scaleOver } from '../../chord/scaleOver';
import { chord } from '../../testing/builders';
import { defaultInstruments } from '../../voicing/data';
import { defaultArrangement } from './defaults';
import { fitArrangement } from './fit';
import { misfitsOf, putBack, throwAway } from './misfits';
import { positionsIn } from './positions';
import { scaleHolds, withScales, withScalesOpened } from './scales';
import { storeArrangement } from './store';

const TUNE = firstWritten('| Dm7 | G7 | Cmaj7 | Am7 |');
const { chart } = readWritten(TUNE);
const positions = positionsIn(chart, TUNE.places);
const kept = withScales(defaultArrangement, [
  { at: 1, symbol: 'G7', open: { scale: 'altered', on: 0 } },
  { at: 0, symbol: 'Dm7', open: { scale: 'blues', on: 10 } },
]);
const stored = storeArrangement(kept, positions);

/** The tune after an edit, with what was kept in it. */
function after(text: string) {
  const now = edited(TUNE, { edit: () => readWritten(firstWritten(text)).chart }, 'edit');
  const at = positionsIn(readWritten(now).chart, now.places);
  const fitted = fitArrangement(stored, at);
  return { fitted, at, misfits: misfitsOf(fitted, at, now.places, defaultInstruments) };
}

describe('scales kept for chords', () => {
  it('stand in order, each in place of the one before, and are let go', () => {
    expect(kept.scales.map(({ at, scale }) => [at, scale])).toEqual([
      [0, 'blues'],
      [1, 'altered'],
    ]);
    const other = withScales(kept, [
      { at: 1, symbol: 'G7', open: { scale: 'Mixolydian', on: 0 } },
      { at: 0, symbol: 'Dm7', open: undefined },
    ]);
    expect(other.scales).toEqual([{ at: 1, symbol: 'G7', scale: 'Mixolydian', on: 0 }]);
  });
  it('are read over their chord: C blues over Dm7, F melodic minor over Dm7b5', () => {
    expect(scaleOver(chord('Dm7'), { scale: 'blues', on: 10 })).toEqual({
      name: 'C blues',
      notes: ['C', 'Eb', 'F', 'Gb', 'G', 'Bb'],
    });
    expect(scaleOver(chord('Dm7b5'), { scale: 'melodic minor', on: 3 }).name).toBe(
      'F melodic minor',
    );
    expect(scaleOver(chord('Db7'), { scale: 'melodic minor', on: 1 }).name).toBe('D melodic minor');
  });
  it('move with the tune, up a third and back again', () => {
    const up = edited(TUNE, { edit: (c) => transposeChart(c, 4), moved: 4 }, 'up');
    const there = readWritten(up);
    const fitted = fitArrangement(stored, positionsIn(there.chart, up.places));
    const [, second] = fitted.arrangement.scales;
    expect(second).toMatchObject({ at: 1, scale: 'altered', on: 0 });
    const b7 = positionsIn(there.chart, up.places).whole[1]!.chord;
    expect(b7.kind === 'chord' && scaleOver(b7, second!).name).toBe('B altered');
    const back = edited(up, { edit: (c) => transposeChart(c, -4), moved: -4 }, 'down');
    const home = fitArrangement(stored, positionsIn(readWritten(back).chart, back.places));
    expect(home.arrangement.scales).toEqual(kept.scales);
  });
  it('hold over a chord of the same kind, and over another that has all its tones in the scale', () => {
    const pentatonic = { at: 0, symbol: 'G7', scale: 'major pentatonic', on: 0 } as const;
    expect(scaleHolds(pentatonic, chord('A7'))).toBe(true);
    expect(scaleHolds(pentatonic, chord('Am7'))).toBe(false);
    const altered = { at: 0, symbol: 'G7', scale: 'altered', on: 0 } as const;
    expect(scaleHolds(altered, chord('G7b9'))).toBe(true);
    expect(scaleHolds(altered, chord('G13'))).toBe(false);
  });
  it('are told of where the chord has changed, the rest going on, and put back elsewhere or thrown away', () => {
    const { misfits, at, fitted } = after('| Dm7 | Gmaj7 | Cmaj7 | A7 |');
    expect(misfits).toMatchObject([{ why: 'the chord has changed', items: [{ kind: 'scale' }] }]);
    expect(fitted.arrangement.scales).toHaveLength(2);
    const { items } = misfits[0]!;
    const target = at.whole[3]!;
    const again = putBack(stored, items, {
      ...{ chord: target.place, symbol: 'A7', bar: at.timeline.bars[3]!.place, chorus: 0 },
    });
    expect(fitArrangement(again, at).arrangement.scales).toMatchObject([
      { at: 0, scale: 'blues' },
      { at: 3, scale: 'altered' },
    ]);
    expect(fitArrangement(throwAway(stored, items), at).arrangement.scales).toMatchObject([
      { at: 0, scale: 'blues' },
    ]);
  });
  it('whose bar is gone stay saved and are back with it', () => {
    const { misfits, fitted, at } = after('| Dm7 |');
    expect(misfits).toMatchObject([{ why: 'its chord is gone' }]);
    const saved = storeArrangement(fitted.arrangement, at, fitted);
    expect(fitArrangement(saved, positions).arrangement.scales).toEqual(kept.scales);
  });
  it('open over their chords for voicings, but for those too small to build on', () => {
    const opened = withScalesOpened(kept, positions);
    expect(opened.pools).toEqual([{ at: 1, symbol: 'G7', scale: 'altered', on: 0 }]);
    const split = { ...kept, splits: [{ at: 1, symbol: 'G7', after: 2 }] };
    expect(withScalesOpened(split, positions).pools.map(({ at }) => at)).toEqual([1, 2]);
  });
});

it('any pool of any chord of the demo tunes can be kept: it holds, is read by its own name and notes, and moves to every key', () => {
  let pools = 0;
  for (const { chart: tune } of demoTexts().map((text) => parseChart(text))) {
    const { chords } = analyzeChart(tune);
    const moved = [1, 4, 6, 9].map((by) => timeline(transposeChart(tune, by)).events);
    timeline(tune).events.forEach((event, at) => {
      if (event.chord.kind !== 'chord') return;
      for (const pool of chords[at]!.scales) {
        const open = openFrom(pool.root, pool.scale, event.chord);
        const own = { at, symbol: event.chord.symbol, ...open };
        const read = scaleOver(event.chord, open).notes.map(pitchClassOf);
        expect([own, scaleHolds(own, event.chord)]).toEqual([own, true]);
        expect([own, read]).toEqual([own, pool.notes.map(pitchClassOf)]);
        for (const events of moved) expect(scaleHolds(own, events[at]!.chord)).toBe(true);
        pools += 1;
      }
    });
  }
  expect(pools).toBeGreaterThan(3000);
});
