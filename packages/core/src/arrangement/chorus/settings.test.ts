import { chord, chorusOfChords } from '../../testing/builders';
import { enumerateVoicings } from '../../voicing/enumerate';
import type { Voicing } from '../../voicing/base/types';
import { defaultGuitar, defaultInstruments } from '../../voicing/data';
import { defaultArrangement, withLock } from '../stored/defaults';
import { heldLocks } from '../stored/heldLocks';
import { settingsOf } from './settings';
import type { Arrangement } from '../stored/types';

const voicingOf = (symbol: string): Voicing => {
  return enumerateVoicings(chord(symbol), settingsOf(defaultArrangement, chorusOfChords('')))[0]!;
};
const locked = (at: number, symbol: string, base: Arrangement = defaultArrangement): Arrangement =>
  withLock(base, at, { symbol, voicing: voicingOf(symbol) });
const places = (arrangement: Arrangement): string[] =>
  arrangement.locks.guitar.map(({ at, symbol }) => `${at} ${symbol}`);

it('hands its locks to the engine, and leaves out one whose chord has changed', () => {
  const arrangement = locked(1, 'G7', locked(0, 'Dm7'));
  expect(Object.keys(settingsOf(arrangement, chorusOfChords('Dm7 G7 C')).locks)).toEqual([
    '0',
    '1',
  ]);
  expect(Object.keys(settingsOf(arrangement, chorusOfChords('Dm7 Db7 C')).locks)).toEqual(['0']);
});

it('keeps the locks of one instrument while the other is tried', () => {
  const arrangement = locked(0, 'Dm7');
  const keys = { ...arrangement, instrument: 'keyboard' as const };
  expect(settingsOf(keys, chorusOfChords('Dm7')).locks).toEqual({});
  expect(keys.locks.guitar).toHaveLength(1);
});

it('keeps a lock made on another tuning, and lets it stand again when that is back', () => {
  const arrangement = locked(0, 'Dm7');
  const tuning = defaultGuitar.tuning.map((pitch) => pitch - 2);
  const lower = { ...defaultInstruments, guitar: { ...defaultGuitar, tuning } };
  expect(settingsOf(arrangement, chorusOfChords('Dm7'), lower).locks).toEqual({});
  const { held, fallen } = heldLocks(arrangement, [chord('Dm7')], lower);
  expect(held).toEqual([]);
  expect(fallen.map(({ why }) => why)).toEqual(['it cannot be played here']);
  expect(heldLocks(arrangement, [chord('Dm7')]).held).toHaveLength(1);
});

it('has one lock at a chord, and takes it off again', () => {
  const twice = locked(0, 'Dm7', locked(0, 'Dm7'));
  expect(places(twice)).toEqual(['0 Dm7']);
  expect(places(withLock(twice, 0, undefined))).toEqual([]);
});
