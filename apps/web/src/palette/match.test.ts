import { match } from './match';

const score = (search: string, label: string, words = ''): number =>
  match('', search, [label, words]);

it('every word that is typed must be found, in the label or in what else it is called', () => {
  expect(score('lock', 'Lock or unlock this voicing')).toBe(1);
  expect(score('lock tide', 'Lock or unlock this voicing')).toBe(0);
  expect(score('dark', 'Stage light', 'dark dim theme')).toBeGreaterThan(0);
});

it('a label that begins so comes before one that only holds it', () => {
  expect(score('loop', 'Loop on or off')).toBeGreaterThan(score('loop', 'The loop tool'));
  expect(score('tide', 'Half Past the Tide')).toBeGreaterThan(score('tid', 'Untidy', ''));
});

it('accents need not be typed', () => {
  expect(score('etude', 'New étude')).toBeGreaterThan(0);
});

it('nothing typed finds everything', () => {
  expect(score('  ', 'Loop on or off')).toBe(1);
});
