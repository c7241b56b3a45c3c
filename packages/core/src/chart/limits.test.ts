import { formatChart } from './formatChart';
import {
  LONGEST_SYMBOL,
  MOST_BARS,
  MOST_CHORDS,
  MOST_PLAYED_BARS,
  MOST_SECTIONS,
  MOST_SLOTS,
} from './limits';
import { parseChart } from './parseChart';
import { timeline } from './timeline';

const messages = (text: string): string[] => parseChart(text).problems.map((each) => each.message);
const bars = (count: number, bar: string): string => `| ${Array(count).fill(bar).join(' | ')} |`;

describe('a chart beyond what can be read', () => {
  it('is read up to the most chords of a bar, and the rest of the bar is said', () => {
    const text = `| ${'C '.repeat(20_000)}${'| % '.repeat(499)}| Dm7 |`;
    const { chart, whole } = parseChart(text);
    expect(chart.sections[0]?.bars[0]?.slots).toHaveLength(MOST_SLOTS);
    expect(whole).toBe(false);
    expect(messages(text).filter((each) => each.includes('not read'))).toEqual([
      'A bar holds up to 32 chords and holds; what follows here up to the bar line is not read.',
      'A chart holds up to 500 bars; what follows here is not read.',
    ]);
    expect(timeline(chart).events.length).toBeLessThanOrEqual(MOST_CHORDS);
  });

  it('says at which bar 500 bars of ten chords become too many', () => {
    const text = bars(MOST_BARS, 'C7 F7 C7 F7 C7 F7 C7 F7 C7 F7');
    const { chart, problems } = parseChart(text);
    expect(timeline(chart)).toMatchObject({ cutAt: 200 });
    expect(timeline(chart).events).toHaveLength(MOST_CHORDS);
    expect(problems.find(({ message }) => message.includes('chorus ends'))).toEqual({
      line: 1,
      column: text.indexOf('C7', 200 * '| C7 F7 C7 F7 C7 F7 C7 F7 C7 F7 '.length) + 1,
      length: 2,
      message:
        'With its repeats this is more than 1000 bars or 2000 chords; the chorus ends before this bar.',
    });
  });

  it('follows repeats that multiply no further than the longest chorus', () => {
    const text = `|: ${bars(120, 'C')} ${[1, 2, 3, 4, 5, 6, 7, 8, 9].map((n) => `(${n} F :|`).join(' ')}`;
    const { chart } = parseChart(text);
    expect(timeline(chart).bars).toHaveLength(MOST_PLAYED_BARS);
    expect(messages(text).at(-1)).toMatch(/the chorus ends before this bar/);
  });

  it('has no more sections than a chart holds', () => {
    const text = '[A]\n'.repeat(10_000);
    expect(parseChart(text).chart.sections).toHaveLength(MOST_SECTIONS);
    expect(messages(text)).toContain(
      'A chart holds up to 200 sections; what follows here is not read.',
    );
  });

  it('says of a symbol without end how long a symbol is, and keeps it as typed', () => {
    const symbol = `C7(${'b9,'.repeat(14_000)})`;
    const { chart, problems } = parseChart(`| Dm7 | ${symbol} | C |`);
    expect(problems[0]?.message).toContain(
      `A chord symbol has up to ${LONGEST_SYMBOL} characters; this has ${symbol.length}.`,
    );
    expect(problems[0]?.message.length).toBeLessThan(200);
    expect(formatChart(chart)).toContain(symbol);
  });
});

describe('text with a character that cannot be stored', () => {
  it('says where it stands and reads the rest', () => {
    const { chart, problems } = parseChart('[A]\n| Dm7 | G7\u0000 | C |');
    expect(problems[0]).toEqual({
      line: 2,
      column: 11,
      length: 1,
      message: 'Here stands a character that cannot be stored (NUL): delete it.',
    });
    expect(timeline(chart).events.map(({ chord }) => chord.symbol)).toEqual(['Dm7', 'C']);
  });
});

describe('the longest chart that is read', () => {
  it('is whole, and nothing is said of it', () => {
    const { chart, problems, whole } = parseChart(bars(MOST_BARS, 'Dm7 G7 C7 F7'));
    expect(problems).toEqual([]);
    expect(whole).toBe(true);
    expect(timeline(chart).events).toHaveLength(MOST_CHORDS);
    expect(timeline(chart).cutAt).toBeUndefined();
  });

  it('may be played once more by a repeat', () => {
    const { chart, problems } = parseChart(`|: ${'C | '.repeat(MOST_BARS - 1)} C :|`);
    expect(problems).toEqual([]);
    expect(timeline(chart).bars).toHaveLength(2 * MOST_BARS);
  });
});
