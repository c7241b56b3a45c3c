import { leadSheet, parseChart } from '@drop-close/core';
import { wordsWidth } from '../../ui/textWidth';
import { remarksOf } from './remarks';

const score = (text: string) =>
  leadSheet({ title: 'T', chart: parseChart(text).chart, key: 'C', tempo: 120, feel: 'swing' });
const remarks = (text: string, count: number, width = 679) =>
  remarksOf(score(text), { first: 0, count, width }, String);

const LONG = 'only the bass and the soloist until the bridge';

it('what is said in few words stands in one row over its bar', () => {
  const [first, second] = remarks('| "softly" C | F | G | "last time" C |', 4);
  expect([first!.rows, second!.rows]).toEqual([['softly'], ['last time']]);
  expect(first!.x).toBe(0);
  expect(second!.x).toBeGreaterThan(679 * 0.7);
});

it('what is said longer than there is room to the edge goes in rows, from its own bar', () => {
  const [long] = remarks(`| C | F | G | "${LONG}" C |`, 4);
  const [short] = remarks('| C | F | G | "last time" C |', 4);
  expect(long!.x).toBe(short!.x);
  expect(long!.rows.length).toBeGreaterThan(1);
  expect(long!.rows.join(' ')).toBe(LONG);
});

it('what would take more than three rows over its bar begins before it', () => {
  const essay = `${LONG}, then everyone softly, with brushes, and no comp until the sax has had its say`;
  const [placed] = remarks(`| C | F | G | "${essay}" C |`, 4);
  const [short] = remarks('| C | F | G | "last time" C |', 4);
  expect(placed!.x).toBeLessThan(short!.x);
  expect(placed!.rows).toHaveLength(3);
  expect(placed!.rows.join(' ')).toBe(essay);
});

it('what is said ends where the next begins, and begins after its section', () => {
  const [first, second] = remarks(`[A] | "${LONG}" C | "brushes" F | G | C |`, 4);
  expect(first!.x).toBeGreaterThan(12);
  expect(first!.rows.length).toBeGreaterThan(1);
  expect(second!.rows).toEqual(['brushes']);
});

it('in any line nothing that is said goes over the edge or on the next, and no word is lost', () => {
  const words = ['solo', 'tacet', 'softly', 'everyone', 'Donaudampfschifffahrtsgesellschaft', 'in'];
  let cases = 0;
  for (let seed = 1; seed <= 300; seed += 1) {
    let state = seed * 7919;
    const next = (below: number): number => {
      state = (state * 48271) % 2147483647;
      return state % below;
    };
    const count = 1 + next(8);
    const said = Array.from({ length: count }, () =>
      Array.from({ length: next(9) }, () => words[next(words.length)]!).join(' '),
    );
    const width = 400 + next(500);
    const line = said.map((each) => `| ${each && `"${each}" `}C `).join('');
    const placed = remarks(`[Bridge] ${line}|`, count, width);
    expect(placed.map(({ rows }) => rows.join('').replaceAll(' ', ''))).toEqual(
      said.filter((each) => each).map((each) => each.replaceAll(' ', '')),
    );
    placed.forEach(({ x, rows }, at) => {
      const end = x + Math.max(...rows.map(wordsWidth));
      expect([seed, x >= 0, end <= (placed[at + 1]?.x ?? width)]).toEqual([seed, true, true]);
      cases += 1;
    });
  }
  expect(cases).toBeGreaterThan(800);
});
