import { deleteBar, markBar, writeBar } from '../../chart/edit';
import { edited, firstWritten, readWritten, type WrittenChart } from '../../chart/places/written';
import type { Chart } from '../../chart/types';
import { defaultSection } from '../../comp/defaults';
import type { Hit } from '../../comp/base/types';
import { chord } from '../../testing/builders';
import { ticks } from '../../base/units';
import { defaultVoicingSettings } from '../../voicing/data';
import { enumerateVoicings } from '../../voicing/enumerate';
import { defaultInstruments } from '../../voicing/data';
import { defaultArrangement, withLock } from './defaults';
import { fitArrangement } from './fit';
import { misfitsOf, putBack, throwAway, type Misfit } from './misfits';
import { positionsIn } from './positions';
import { storeArrangement } from './store';
import type { StoredArrangement } from './stored';
import type { Arrangement } from './types';

const TUNE = firstWritten('[A]\n| Dm7 | G7 | C6 | A7 |');
const positionsOf = (written: WrittenChart) =>
  positionsIn(readWritten(written).chart, written.places);
const misfits = (setup: StoredArrangement, written: WrittenChart): Misfit[] => {
  const positions = positionsOf(written);
  return misfitsOf(fitArrangement(setup, positions), positions, written.places, defaultInstruments);
};
const told = (setup: StoredArrangement, written: WrittenChart): string[] =>
  misfits(setup, written).map(
    ({ items, why }) => `${items.length > 1 ? `${items.length} ` : ''}${items[0].kind}: ${why}`,
  );
const after = (edit: (chart: Chart) => Chart): WrittenChart => edited(TUNE, { edit }, 'new');

const hit = (bar: number, at: number): Hit => ({
  ...{ bar, at: ticks(at), length: ticks(240) },
  ...{ hold: 'short', touch: 'plain', accent: false },
});
const g7 = enumerateVoicings(chord('G7'), defaultVoicingSettings)[0]!;
const [, second] = positionsOf(TUNE).timeline.bars;
const marked: Arrangement = {
  ...withLock(defaultArrangement, 1, { symbol: 'G7', voicing: g7 }),
  splits: [{ at: 1, symbol: 'G7', after: 2 }],
  line: {
    notes: [{ at: 1, symbol: 'G7', midi: 65 }],
    spans: [{ from: 0, to: 3, shape: 'rise' }],
    keepTop: false,
  },
  comp: {
    ...defaultArrangement.comp,
    hits: [hit(2, 0), hit(2, 240), hit(6, 0)],
    devices: [{ at: 1, symbol: 'G7', chorus: 0, device: 'sus', variant: '4 to 3' }],
    plan: [[{ from: second!.place, to: second!.place, plan: defaultSection }], []],
  },
};
const stored = storeArrangement(marked, positionsOf(TUNE));

describe('what no longer fits', () => {
  it('is nothing in the chart it was decided for', () => {
    expect(told(stored, TUNE)).toEqual([]);
  });

  it('is all that was said of a bar that is gone, its hits a row for each chorus', () => {
    expect(
      told(
        stored,
        after((chart) => deleteBar(chart, 1)),
      ).sort(),
    ).toEqual([
      '2 hit: its bar is gone',
      'hit: its bar is gone',
      'lock: its chord is gone',
      'movement: its chord is gone',
      'section plan: its bar is gone',
      'split: its chord is gone',
      'top note: its chord is gone',
    ]);
  });

  it('is the lock and the top note of a chord that is another now, and nothing else', () => {
    expect(
      told(
        stored,
        after((chart) => writeBar(chart, 1, ['E7'])),
      ),
    ).toEqual(['lock: the chord has changed', 'top note: the chord has changed']);
  });

  it('is a split of a chord that has become too short, and what is said of a part that is joined', () => {
    const short = after((chart) => writeBar(chart, 1, ['G7', 'Db7']));
    expect(told(stored, short)).toEqual(['split: the chord is too short now']);
    const onPart = storeArrangement(
      { ...marked, line: { ...marked.line, notes: [{ at: 2, symbol: 'G7', midi: 65 }] } },
      positionsOf(TUNE),
    );
    const joined = { ...onPart, splits: [] };
    expect(told(joined, TUNE)).toEqual(['top note: the chord is not split there now']);
  });

  it('is what was said of the second time through once the repeat sign is gone', () => {
    const repeated = after((chart) => markBar(chart, 3, { repeatEnd: true }));
    const again = storeArrangement(
      { ...defaultArrangement, comp: { ...defaultArrangement.comp, hits: [hit(6, 0)] } },
      positionsOf(repeated),
    );
    expect(told(again, repeated)).toEqual([]);
    expect(told(again, TUNE)).toEqual(['hit: that time through is not played now']);
  });

  it('is a device that this version does not know', () => {
    const [device] = stored.comp.devices;
    const comp = { ...stored.comp, devices: [{ ...device!, device: 'of another version' }] };
    expect(told({ ...stored, comp }, TUNE)).toEqual(['movement: this version does not know it']);
  });
});

describe('what no longer fits is put back', () => {
  const gone = after((chart) => deleteBar(chart, 1));
  const [, c6] = positionsOf(gone).whole;
  const place = {
    chord: c6!.place,
    symbol: 'C6',
    bar: positionsOf(gone).timeline.bars[1]!.place,
    chorus: 0,
  };

  it('at the chord or bar in hand, row by row, until nothing is left over', () => {
    let setup = stored;
    for (let rows = 0; rows < 10; rows += 1) {
      const [first] = misfits(setup, gone).filter(({ why }) => why !== 'the chord has changed');
      if (!first) break;
      setup = putBack(setup, first.items, place);
    }
    // A G7 is no C6: these two are at that chord now, and told so.
    expect(told(setup, gone)).toEqual([
      'lock: the chord has changed',
      'top note: the chord has changed',
    ]);
    const { arrangement } = fitArrangement(setup, positionsOf(gone));
    // Of the two first hits of their bars one stands at that moment.
    expect(arrangement.comp.hits.map(({ bar, at }) => `${bar}+${at}`)).toEqual(['2+0', '2+240']);
    expect(arrangement.splits).toEqual([{ at: 1, symbol: 'C6', after: 2 }]);
    expect(arrangement.comp.devices).toMatchObject([{ at: 1, device: 'sus' }]);
  });

  it('in place of a lock that is there', () => {
    const other = withLock(fitArrangement(stored, positionsOf(gone)).arrangement, 1, {
      symbol: 'C6',
      voicing: g7,
    });
    const fitted = fitArrangement(stored, positionsOf(gone));
    const setup = storeArrangement(other, positionsOf(gone), fitted);
    const lock = misfits(setup, gone).find(
      ({ items }) => items[0].kind === 'lock' && items[0].stored.symbol === 'G7',
    )!;
    expect(putBack(setup, lock.items, place).locks.guitar).toHaveLength(1);
  });

  it('or thrown away, and nothing else with it', () => {
    const rows = misfits(stored, gone);
    const setup = rows.reduce((rest, { items }) => throwAway(rest, items), stored);
    expect(told(setup, gone)).toEqual([]);
    expect(setup.line.spans).toEqual(stored.line.spans);
    expect(setup.locks).toEqual({});
  });
});
