import { defaultArrangement } from '../arrangement/stored/defaults';
import { createConnector } from '../connect/connect';
import type { AppliedDevice } from '../movement/types';
import { defaultInstruments } from '../voicing/data';
import { compositionOf } from './composition';
import { devicesOver } from './spread';
import { createTuneReader } from './tuneReader';

const TEXT = '[A]\n| Cmaj7 Am7 | Dm7 G7 |\n| Em7 | A7 |\n[B]\n| Dm7 | G7 | Cmaj7 | % |';

const composition = compositionOf(
  { setup: defaultArrangement, instruments: defaultInstruments, tempo: 120, feel: 'swing' },
  createTuneReader()({ text: TEXT, places: undefined, meter: '4/4', key: 'C' } as never),
  createConnector(),
);
const approach = (at: number, symbol: string): AppliedDevice => ({
  ...{ at, symbol, chorus: 0, device: 'approach chord', variant: 'from below' },
});
const shown = (devices: readonly AppliedDevice[]): string =>
  devices.map(({ at, symbol }) => `${at} ${symbol}`).join(', ');

describe('a device carried over more than one chord', () => {
  it('approaches every chord of a bar', () => {
    expect(shown(devicesOver(composition, approach(2, 'Dm7'), 'bar'))).toBe('2 Dm7, 3 G7');
  });
  it('approaches every chord of a section at once, and stays out of the next', () => {
    expect(shown(devicesOver(composition, approach(0, 'Cmaj7'), 'section'))).toBe(
      '0 Cmaj7, 1 Am7, 2 Dm7, 3 G7, 4 Em7, 5 A7',
    );
  });
  it('leaves chords alone that it does not fit', () => {
    const recast: AppliedDevice = {
      ...{ at: 6, symbol: 'Dm7', chorus: 0, device: 'recast', variant: 'as in minor, with its I' },
    };
    expect(shown(devicesOver(composition, recast, 'section'))).toBe('6 Dm7');
  });
});
