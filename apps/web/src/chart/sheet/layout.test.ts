import { analyzeChart, parseChart, timeline } from '@drop-close/core';
import { layoutSheet, type SheetBlock } from './layout';

function sheet(text: string): SheetBlock[] {
  const { chart } = parseChart(text);
  return layoutSheet(chart, timeline(chart), analyzeChart(chart));
}
const brackets = ({ lines }: SheetBlock): string[][] =>
  lines.map((line) =>
    line.brackets.map(
      ({ landmark, from, to, lane }) => `${landmark.kind} ${from}-${to.toFixed(2)} in ${lane}`,
    ),
  );

it('lays blocks of four bars a line, each with its label, bars numbered as played', () => {
  const blocks = sheet('[A]\n| C | D | E | F | G |\n[B]\n|: A | B :| C |');
  expect(blocks.map(({ label, lines }) => [label, lines.map(({ bars }) => bars.length)])).toEqual([
    ['A', [4, 1]],
    ['B', [3]],
  ]);
  expect(blocks[1]?.lines[0]?.bars.map(({ number }) => number)).toEqual([6, 7, 10]);
});

it('places chords on their beats and knows which chord of the chorus each is', () => {
  const [block] = sheet('| Dm7 . G7 C7 | % | F |');
  const [first, repeated, last] = block!.lines[0]!.bars;
  expect(first?.slots.map(({ beat, from, event }) => [beat, from, event])).toEqual([
    [1, 0, 0],
    [2, 0.25, undefined],
    [3, 0.5, 1],
    [4, 0.75, 2],
  ]);
  expect(repeated?.slots[0]?.event).toBe(3);
  expect(last?.slots[0]?.event).toBe(6);
});

it('draws a ii–V–I from its ii into the bar of its I', () => {
  const [block] = sheet('key: C\n| C6 | Dm7 G7 | Cmaj7 | % |');
  expect(brackets(block!)).toEqual([['ii–V–I 1-2.42 in 0']]);
});

it('carries a bracket over to the next line, where more than its last chord stands there', () => {
  const ends = (changes: string) =>
    sheet(`key: C\n${changes}`)[0]!.lines.map(({ brackets: drawn }) =>
      drawn.map((bracket) => [bracket.begins, bracket.ends]),
    );
  const [over, arrives] = [
    [true, false],
    [false, true],
  ];
  expect(ends('| C6 | F6 | C6 | Dm7 | G7 | Cmaj7 | F6 | % |')).toEqual([[over], [arrives]]);
  expect(ends('| C6 | F6 | C6 | Dm7 G7 | Cmaj7 | % | F6 | % |')).toEqual([[over], []]);
});

it('puts overlapping landmarks in lanes of their own, three at most', () => {
  const [block] = sheet('key: C\n| Em7 A7 | Dm7 G7 | Cmaj7 | % |');
  const lanes = block!.lines[0]!.brackets;
  for (const a of lanes) {
    for (const b of lanes) {
      if (a !== b && a.lane === b.lane) expect(a.to <= b.from || b.to <= a.from).toBe(true);
    }
  }
  expect(block!.lines[0]!.lanes).toBeLessThanOrEqual(3);
});

it('draws the more telling ones where there is room for few, and none when none are wanted', () => {
  const { chart } = parseChart('key: C\n| Em7 A7 | Dm7 G7 | Cmaj7 | % |');
  const drawn = (lanes: number): string[] =>
    layoutSheet(chart, timeline(chart), analyzeChart(chart), lanes)[0]!.lines[0]!.brackets.map(
      ({ landmark }) => landmark.kind,
    );
  expect(drawn(1)).toEqual(['ii–V–I', 'ii–V']);
  expect(drawn(0)).toEqual([]);
});

it('draws what is played twice once, and nothing backwards over a repeat', () => {
  const [block] = sheet('key: C\n|: Cmaj7 Am7 | Dm7 G7 :| C6 |');
  expect(brackets(block!)[0]?.filter((text) => text.startsWith('turnaround'))).toHaveLength(1);
  for (const { from, to } of block!.lines[0]!.brackets) expect(to).toBeGreaterThan(from);
});

it('names the form over the block it begins at', () => {
  const blues = '| F7 | Bb7 | F7 | % | Bb7 | % | F7 | % | C7 | Bb7 | F7 | C7 |';
  expect(sheet(blues)[0]?.forms.map(({ label }) => label)).toEqual(['twelve-bar blues in F']);
});

it('splits a chart without labels where a phrase comes again', () => {
  const a = '| Ebmaj7 | Cm7 | Fm7 | Bb7 | Gm7 C7b9 | Fm7 Bb7 | Eb6 | Fm7 Bb7 |';
  const b = '| Bbm7 | Eb7 | Abmaj7 | % | Am7 | D7 | Gm7 C7 | Fm7 Bb7 |';
  expect(sheet([a, a, b, a].join('\n')).map(({ section }) => section?.name)).toEqual([
    'A1',
    'A2',
    'B',
    'A3',
  ]);
});
