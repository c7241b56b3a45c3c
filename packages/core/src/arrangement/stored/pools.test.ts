import { edited, firstWritten, readWritten } from '../../chart/places/written';
import { transposeChart } from '../../analysis/transposeChart';
import { connect } from '../../connect/connect';
import { chord } from '../../testing/builders';
import { canOpen, openedBy, scalesToOpen, topTones } from '../../chord/openedBy';
import { defaultInstruments, rooms } from '../../voicing/data';
import { chorusOf } from '../chorus/chorus';
import { settingsOf } from '../chorus/settings';
import { defaultArrangement } from './defaults';
import { fitArrangement } from './fit';
import { misfitsOf, putBack } from './misfits';
import { withPool } from './pools';
import { positionsIn } from './positions';
import { storeArrangement } from './store';
import { withNote } from './topLine';

const ALTERED = { scale: 'altered', on: 0 } as const;
const TUNE = firstWritten('| Dm7 | C7 | Fmaj7 | F6 |');
const { chart } = readWritten(TUNE);
const opened = withPool(defaultArrangement, { at: 1, symbol: 'C7', open: ALTERED });

describe('a scale opened over a chord', () => {
  it('makes its tensions available, and takes a natural fifth away that it does not have (arithmetic)', () => {
    const { tensions, tones, scale } = openedBy(chord('C7'), ALTERED);
    expect(tensions).toEqual(['b9', '#9', '#11', 'b13']);
    expect(tones.map(({ degree }) => degree)).toEqual(['R', '3', 'b7']);
    expect(scale).toEqual(['R', 'b9', '#9', '3', '#11', 'b13', 'b7']);
  });
  it('keeps what rubs against the chord out: Mixolydian brings 9 and 13, no 11', () => {
    expect(openedBy(chord('C7'), { scale: 'Mixolydian', on: 0 }).tensions).toEqual(['9', '13']);
  });
  it('is refused where it contradicts what is written', () => {
    expect(canOpen(chord('Cmaj7'), ALTERED)).toBe(false);
    expect(openedBy(chord('C13'), ALTERED)).toEqual(chord('C13'));
  });
  it('is offered for dominants as players name them (common practice)', () => {
    expect(scalesToOpen(chord('C7')).slice(0, 4)).toEqual([
      'altered',
      'half-whole diminished',
      'whole tone',
      'Lydian b7',
    ]);
    expect(scalesToOpen(chord('C7b9'))).not.toContain('Lydian b7');
  });
  it('brings its tones to the top line', () => {
    expect(topTones(chord('C7')).map(({ note }) => note)).not.toContain('Eb');
    expect(topTones(openedBy(chord('C7'), ALTERED)).map(({ note }) => note)).toEqual(
      expect.arrayContaining(['Db', 'D#', 'F#', 'Ab']),
    );
  });
});

describe('an altered dominant under E flat, without rewriting the chord', () => {
  const E_FLAT = 75;
  const wanted = withNote(opened, { at: 1, symbol: 'C7', midi: E_FLAT });
  const top = (arrangement: typeof wanted, instrument: 'guitar' | 'keyboard'): number => {
    const chorus = chorusOf(chart, [], undefined, arrangement.pools);
    const settings = settingsOf({ ...arrangement, instrument, room: rooms.bass }, chorus);
    const outcome = connect(chorus.chords, settings);
    if (outcome.status !== 'found') throw new Error(outcome.why);
    return outcome.path[1]!.notes.at(-1)!.midi;
  };
  it.each(['guitar', 'keyboard'] as const)('E flat is on top, %s', (instrument) => {
    expect(top(wanted, instrument)).toBe(E_FLAT);
    // As written there is none.
    expect(top({ ...wanted, pools: [] }, instrument)).not.toBe(E_FLAT);
  });
});

describe('where it was opened', () => {
  const positions = positionsIn(chart, TUNE.places);
  const stored = storeArrangement(opened, positions);

  it('it stays through a transposition and back', () => {
    const moved = edited(TUNE, { edit: (c) => transposeChart(c, 3), moved: 3 }, 'up');
    const there = readWritten(moved);
    const fitted = fitArrangement(stored, positionsIn(there.chart, moved.places));
    expect(fitted.arrangement.pools).toEqual([{ at: 1, symbol: 'C7', ...ALTERED }]);
    const chorus = chorusOf(there.chart, [], undefined, fitted.arrangement.pools);
    expect(chorus.chords[1]).toMatchObject({ symbol: 'Eb7', opened: true });
  });
  it('it is told of where the chord contradicts it by now, and put back at another', () => {
    const other = edited(
      TUNE,
      { edit: () => readWritten(firstWritten('| Dm7 | Cmaj7 | Fmaj7 | F7 |')).chart },
      'edit',
    );
    const now = readWritten(other);
    const at = positionsIn(now.chart, other.places);
    const fitted = fitArrangement(stored, at);
    const misfits = misfitsOf(fitted, at, other.places, defaultInstruments);
    expect(misfits).toMatchObject([{ why: 'the chord has changed', items: [{ kind: 'pool' }] }]);
    const { place } = at.whole[3]!;
    const again = putBack(stored, misfits[0]!.items, {
      chord: place,
      symbol: 'F7',
      bar: at.timeline.bars[3]!.place,
      chorus: 0,
    });
    expect(fitArrangement(again, at).arrangement.pools).toMatchObject([
      { at: 3, scale: 'altered' },
    ]);
  });
});
