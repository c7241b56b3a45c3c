import fc from 'fast-check';
import { formatChart } from './formatChart';
import { MOST_BARS } from './limits';
import { parseChart } from './parseChart';

const symbolsOf = (text: string): string[][] =>
  parseChart(text).chart.sections.map((section) =>
    section.bars.map((bar) =>
      bar.slots.map((slot) => (slot.kind === 'chord' ? slot.text : slot.kind)).join(' '),
    ),
  );
const problems = (text: string) => parseChart(text).problems;
const there = (text: string): string => formatChart(parseChart(text).chart);

describe('reading chart text', () => {
  it('reads bars, several chords a bar, holds and repeated bars', () => {
    expect(symbolsOf('| Dm7 G7 | Cmaj7 | % | F . . G7 |')).toEqual([
      ['Dm7 G7', 'Cmaj7', 'repeat bar', 'F hold hold G7'],
    ]);
    expect(problems('| Dm7 G7 | Cmaj7 | % | F . . G7 |')).toEqual([]);
  });

  it('takes a line break for a bar line, so lines of changes can be typed bare', () => {
    expect(symbolsOf('dm7 g7\nCmaj7')).toEqual([['dm7 g7', 'Cmaj7']]);
  });

  it('reads section labels, on a line of their own or before the bars', () => {
    const { chart } = parseChart('[A]\n| C |\n\n[Bridge] | F |');
    expect(chart.sections.map((section) => section.name)).toEqual(['A', 'Bridge']);
  });

  it('keeps alterations after a space with their chord', () => {
    expect(symbolsOf('| C7 (b9) | G7(b9, b13) | D7 (#9,#5) A |')).toEqual([
      ['C7 (b9)', 'G7(b9, b13)', 'D7 (#9,#5) A'],
    ]);
  });

  it('reads key, meter, tempo and feel above the bars', () => {
    const { chart } = parseChart('key: E♭ minor\nmeter: 3/4\ntempo: 132\nfeel: Waltz\n| C |');
    expect(chart.header).toEqual({
      key: 'Ebm',
      meter: { beats: 3, unit: 4 },
      tempo: 132,
      feel: 'waltz',
    });
    expect(chart.meter).toEqual({ beats: 3, unit: 4 });
  });

  it('keeps words in quotes with the bar they stand at, before or behind its line', () => {
    const { chart } = parseChart('"easy"\n| C "ring" | F | "D.C."\n| G |');
    const [section] = chart.sections;
    expect(section?.bars.map((bar) => bar.words)).toEqual([['easy', 'ring'], ['D.C.'], undefined]);
  });

  it('uses the meter it is given when the text names none', () => {
    expect(parseChart('| C |', { beats: 3, unit: 4 }).chart.meter.beats).toBe(3);
  });
});

describe('problems say what, where and what would be right', () => {
  it('marks an unreadable chord where it stands and reads the rest', () => {
    const text = '| Dm7 | Gm77 |\n| Cmjaj7 F |';
    expect(symbolsOf(text)).toEqual([['Dm7', 'unreadable', 'unreadable F']]);
    expect(problems(text)).toMatchObject([
      { line: 1, column: 12, length: 1, suggestion: 'Gm7' },
      { line: 2, column: 5, length: 4, suggestion: 'Cmaj7' },
    ]);
    expect(problems(text)[1]?.message).toMatch(/^Cmjaj7: "j" cannot be read here; expected/);
  });

  it.each([
    [
      '| C D E |',
      1,
      3,
      '3 chords in 4 beats: put a . for every beat on which a chord is held, as Dm7 . G7 C7.',
    ],
    [
      '| C | | D |',
      1,
      7,
      'This bar is empty: write % to repeat the bar before, or . to hold its chord.',
    ],
    ['| % | C |', 1, 3, 'Nothing stands before the first bar that could be repeated or held.'],
    ['| C | D % |', 1, 7, '% repeats a whole bar, so it stands alone between its bar lines.'],
    ['tempo: fast\n| C |', 1, 1, '"fast" is no tempo: write 30 to 360 beats a minute.'],
    ['pickup: x\n| C |', 1, 1, '"x" is no pickup: write its beats, as pickup: 1.'],
    [
      '| C | F 3/4 G |',
      1,
      9,
      'A change of meter stands at the beginning of its bar, as | 3/4 Dm7 |.',
    ],
    ['| 3/5 C |', 1, 3, '"3/5" is no meter: write beats and unit, as 3/4.'],
    ['| C "go on | F |', 1, 5, 'These words have no end: close them with ".'],
    ['| C "D.S." |', 1, 5, 'D.S. goes back to a sign: write "Segno" where it is.'],
    [
      '| "Fine" C | "D.C. al Coda" F | "Coda" G |',
      1,
      14,
      'al Coda leaves from a bar: write "To Coda" in it.',
    ],
    ['meter: 4\n| C |', 1, 1, '"4" is no meter: write beats and unit, as 3/4.'],
    ['key: X\n| C |', 1, 1, '"X" is no key: write a letter A to G, with m for minor, as Ebm.'],
    [
      '| C |\nkey: F',
      2,
      1,
      'Title, key, meter, tempo, feel and pickup stand at the top, before the first label and bar.',
    ],
    [
      '',
      1,
      1,
      'There are no chords here yet: type changes between bar lines, as | Dm7 G7 | Cmaj7 |.',
    ],
  ])('%j: line %i, column %i', (text, line, column, message) => {
    expect(problems(text)).toEqual([expect.objectContaining({ line, column, message })]);
  });

  it('keeps a header line it cannot take as a remark, so that nothing is lost', () => {
    expect(there('tempo: fast\n[A]\nkey: F\n| C |')).toBe('[A]\n| "tempo: fast" "key: F" C |');
  });

  it('tells who writes an ending as a bare number how it is written', () => {
    for (const text of ['|: C | F |1 G7 :|2 C |', '|: C | F |1. G7 :|2. C |']) {
      const [first, second, ...more] = parseChart(text).problems;
      expect([first!.column, first!.suggestion, second!.suggestion]).toEqual([11, '(1', '(2']);
      expect(first!.message).toBe(
        `${text.includes('.') ? '1.' : '1'}: An ending is written with a bracket, as |(1 Gm7 C7 :|(2 F6 |.`,
      );
      expect(more).toEqual([]);
    }
  });

  it('says whether all of the text is in the chart', () => {
    expect(parseChart('| C | oops |').whole).toBe(true);
    expect(parseChart('| C '.repeat(600)).whole).toBe(false);
  });

  it('says one plain thing about a page of prose, and voices none of it', () => {
    const prose =
      'We meet at the ferry by seven and the band will load in before the tide turns. Bring a coat.';
    const { chart, problems: found, whole } = parseChart(prose);
    expect(whole).toBe(false);
    expect(found).toHaveLength(1);
    expect(found[0]?.message).toMatch(/^This reads like prose, not changes/);
    expect(chart.sections).toEqual([]);
  });

  it('reads no further than the longest chart, and says so once', () => {
    const { chart, problems: found } = parseChart('| C '.repeat(2000));
    expect(chart.sections.flatMap((section) => section.bars).length).toBeLessThanOrEqual(
      MOST_BARS + 1,
    );
    expect(found).toHaveLength(1);
    expect(found[0]?.message).toBe('A chart holds up to 500 bars; what follows here is not read.');
  });
});

describe('text to chart to text loses nothing', () => {
  it.each([
    '[A] |: Dm7 G7 | Cmaj7 | % :|\n[B]\n| C7 (b9) | F . G C |(1 D :|(2 E |',
    'key: Eb\nmeter: 3/4\n\n| C | D |\n\n[B]\n|: E | F :|: G | A :|',
    '| C | Gm77 | oops F |',
    '[Intro] | Bb6 | [A] | Cm7 |',
    'pickup: 2\n| G7 | "Segno" 3/4 C | "softly" "To Coda" F |(1 "x" G |',
    'title: Night boat\ntempo: 96\nfeel: ballad\n[A]\n| N.C. | D/F# |',
  ])('%j comes back as it was', (text) => {
    expect(there(text)).toBe(text);
  });

  it('spaces loosely typed text evenly, once and for all', () => {
    expect(there('|Dm7   G7|Cmaj7||\n  F ')).toBe('| Dm7 G7 | Cmaj7 |\n| F |');
  });

  it('reads its own writing back as the same chart (2,000 random charts, seed 11)', () => {
    const word = fc.constantFrom(
      'C',
      'Dm7',
      'G7 (b9)',
      '%',
      '.',
      '|',
      '|:',
      ':|',
      '||',
      '\n',
      '[A]',
      '[B] ',
      '(1',
      '(2',
      'x9',
      'key: F\n',
      ' ',
      ':',
      '(',
      '3/4',
      '"Segno"',
      '"so',
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 24 }), (words) => {
        const { chart } = parseChart(words.join(' '));
        const text = formatChart(chart);
        expect(parseChart(text).chart).toEqual(chart);
        expect(formatChart(parseChart(text).chart)).toBe(text);
      }),
      { numRuns: 2_000, seed: 11 },
    );
  });
});
