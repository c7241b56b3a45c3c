import { connect, defaultKeyboard, defaultSettings, parseChart, timeline } from '@drop-close/core';
import { againstInWords } from './againstShape';

const { events } = timeline(parseChart('| Dm7 | G7 | Cmaj7 | Cmaj7 |').chart);
const outcome = connect(
  events.map(({ chord }) => chord),
  { ...defaultSettings, instrument: defaultKeyboard, families: ['close'] },
);
if (outcome.status !== 'found') throw new Error(outcome.why);
const { path } = outcome;

it('names the bars into which the top does not go as it was asked', () => {
  expect(againstInWords({ from: 0, to: 3, shape: 'rise' }, path, events)).toMatch(
    /^, but not into bars/,
  );
  expect(againstInWords({ from: 2, to: 3, shape: 'rise' }, path, events)).toBe(
    ', but not into bar 4',
  );
  expect(againstInWords({ from: 2, to: 3, shape: 'hold' }, path, events)).toBe('');
});
