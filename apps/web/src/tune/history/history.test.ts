import type { TuneThen } from '@drop-close/core';
import { tuneOf } from '../../testing/tunes';
import { byDay, documentThen } from './useHistory';

describe('earlier versions by day', () => {
  it('stand under the day of the player, each with the one before it', () => {
    const at = (day: number, hour: number) => new Date(2026, 10, day, hour).toISOString();
    const moments = [at(29, 18), at(29, 9), at(27, 21)];
    expect(byDay(moments).map(({ day, moments: all }) => [day.split(' ')[0], all])).toEqual([
      [
        'Sunday',
        [
          { at: moments[0], before: moments[1] },
          { at: moments[1], before: moments[2] },
        ],
      ],
      ['Friday', [{ at: moments[2], before: undefined }]],
    ]);
  });

  it('are documents with the arrangement on the desk, or the first where that is newer', () => {
    const tune = tuneOf('| C6 |');
    const { arrangementName, setup, ...fields } = tune;
    const first = { id: 'a', name: arrangementName, setup };
    const second = { id: 'b', name: 'Shells', setup: { ...setup, loop: false } };
    const then: TuneThen = { ...fields, at: '', arrangements: [first, second] };
    expect(documentThen(then, 'b')).toMatchObject({ arrangementName: 'Shells' });
    expect(documentThen(then, 'c')).toEqual(tune);
  });
});
