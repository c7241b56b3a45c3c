import fc from 'fast-check';
import { analyzeChart } from '../analysis/analyzeChart';
import { transposeChart } from '../analysis/transposeChart';
import { formatChart } from '../chart/formatChart';
import { parseChart } from '../chart/parseChart';
import { parseChord } from '../chord/parseChord';
import { nameNotes } from '../chord/nameNotes';
import { DEGREES } from '../chord/degrees';
import { midi } from '../base/units';
import { charts, symbols } from './randomText';

/**
 * Random input gives a reading or a clear problem, never a crash or a hang. Here at a tenth of its size;
 * `npm run fuzz` runs it whole, and `DROP_CLOSE_FUZZ_SEED` takes another seed.
 */
const SCALE = Number(process.env['DROP_CLOSE_FUZZ'] ?? 0.1);
const SEED = Number(process.env['DROP_CLOSE_FUZZ_SEED'] ?? 20261125);
const SYMBOLS = Math.round(100_000 * SCALE);
const CHARTS = Math.round(10_000 * SCALE);
const MINUTES = 60_000;

it(
  `reads ${SYMBOLS} random symbols, or says where and why not (seed ${SEED})`,
  () => {
    fc.assert(
      fc.property(symbols, (symbol) => {
        const result = parseChord(symbol);
        if (result.ok) {
          for (const tone of result.value.tones) {
            expect(tone.note).toMatch(/^[A-G](?:b{0,4}|#{0,4})$/);
            expect(DEGREES[tone.degree]).toBeDefined();
          }
          return;
        }
        const { message, index, suggestion } = result.problem;
        expect(message.length).toBeGreaterThan(10);
        expect(index).toBeGreaterThanOrEqual(0);
        expect(index).toBeLessThanOrEqual(symbol.length);
        if (suggestion !== undefined) expect(parseChord(suggestion).ok).toBe(true);
      }),
      { numRuns: SYMBOLS, seed: SEED },
    );
  },
  5 * MINUTES,
);

it(
  `reads, writes, analyses and moves ${CHARTS} random charts (seed ${SEED})`,
  () => {
    fc.assert(
      fc.property(charts, fc.integer({ min: -14, max: 14 }), (text, semitones) => {
        const { chart, problems } = parseChart(text);
        const lines = text.split('\n');
        for (const { line, column, message } of problems) {
          expect(message.length).toBeGreaterThan(10);
          expect(line).toBeLessThanOrEqual(lines.length);
          expect(column).toBeLessThanOrEqual(Math.max(1, lines[line - 1]!.length + 1));
        }
        const written = formatChart(chart);
        expect(formatChart(parseChart(written).chart)).toBe(written);
        const { chords, landmarks, sections } = analyzeChart(chart);
        for (const { numeral, key } of chords)
          expect(`${key} ${numeral}`).toMatch(/^[A-G]\S* m\S+ \S+/);
        for (const { fromBar, toBar } of [...landmarks, ...sections]) {
          expect(toBar).toBeGreaterThanOrEqual(fromBar);
        }
        const moved = transposeChart(chart, semitones);
        expect(analyzeChart(moved).chords.map(({ numeral }) => numeral)).toEqual(
          chords.map(({ numeral }) => numeral),
        );
      }),
      { numRuns: CHARTS, seed: SEED },
    );
  },
  30 * MINUTES,
);

it(`names any handful of notes without trouble (2,000 handfuls, seed ${SEED})`, () => {
  const handful = fc.array(fc.integer({ min: 28, max: 96 }), { maxLength: 9 });
  fc.assert(
    fc.property(handful, (numbers) => {
      for (const { symbol, degrees } of nameNotes(numbers.map(midi))) {
        expect(parseChord(symbol).ok).toBe(true);
        expect(degrees).toHaveLength(numbers.length);
        expect(degrees).not.toContain(undefined);
      }
    }),
    { numRuns: 2_000, seed: SEED },
  );
});
