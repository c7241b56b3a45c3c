import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { demoTunes } from '../../testing/demo';
import { coverChart, nextRung, RUNGS, type Covered } from './cover';

const AABA = timeline(
  parseChart('[A]\n|: Dm7 G7 | Cmaj7 :|\n[B]\n| Gm7 C7 | Fmaj7 | % |\n[A]\n| Dm7 G7 | C6 |').chart,
);
const SYMBOLS = new Map(AABA.events.map(({ place, chord }) => [place.slot, chord.symbol]));
const seen = ({ slots }: Covered): string =>
  [...slots]
    .map(([slot, how]) => (how === 'symbol' ? SYMBOLS.get(slot) : how === 'number' ? 'n' : '-'))
    .join(' ');
const covered = ({ slots }: Covered): string[] =>
  [...slots].flatMap(([slot, how]) => (how === 'nothing' ? [slot] : []));

describe('a chart on the ladder', () => {
  // Worked by hand: the repeated A is written once.
  it('keeps the first chord of each section', () => {
    const chart = coverChart(AABA, 'first of each section', { seed: 1 });
    expect(seen(chart)).toBe('Dm7 - - Gm7 - - - Dm7 - -');
  });
  it('shows numbers, then the form, then nothing', () => {
    expect(seen(coverChart(AABA, 'numbers only', { seed: 1 }))).toBe('n n n n n n n n n n');
    expect(coverChart(AABA, 'form only', { seed: 1 }).form).toBe(true);
    const blank = coverChart(AABA, 'blank', { seed: 1 });
    expect([seen(blank), blank.form]).toEqual(['- - - - - - - - - -', false]);
  });
  it('covers a third at first, the same for the same seed, others for another', () => {
    const chart = coverChart(AABA, 'some symbols', { seed: 5 });
    expect(covered(chart)).toHaveLength(4);
    expect(coverChart(AABA, 'some symbols', { seed: 5 })).toEqual(chart);
    const others = [1, 2, 3, 4].map((seed) =>
      covered(coverChart(AABA, 'some symbols', { seed })).join(),
    );
    expect(new Set(others).size).toBeGreaterThan(1);
  });
  it('covers what was missed before all others', () => {
    const missed = [...SYMBOLS.keys()].slice(1, 3);
    for (let seed = 0; seed < 20; seed += 1) {
      expect(covered(coverChart(AABA, 'some symbols', { seed, missed }))).toEqual(
        expect.arrayContaining(missed),
      );
    }
    const many = [...SYMBOLS.keys()].slice(0, 8);
    const chart = coverChart(AABA, 'some symbols', { seed: 1, missed: many });
    expect(covered(chart)).toEqual(many);
  });
});

it('over every demo tune each rung covers as much as the one before or more', () => {
  const counts = demoTunes().map(({ chorus }) => {
    const hidden = RUNGS.map((rung) => {
      const { slots, form } = coverChart(chorus.timeline, rung, { seed: 3 });
      const lost = [...slots.values()].reduce(
        (sum, how) => sum + (how === 'nothing' ? 2 : how === 'number' ? 1 : 0),
        0,
      );
      return { lost, size: slots.size, form };
    });
    return hidden;
  });
  expect(counts).toHaveLength(12);
  for (const rungs of counts) {
    const [some, first, numbers, form, blank] = rungs;
    expect(some!.lost).toBe(2 * Math.ceil(some!.size / 3));
    expect(first!.lost).toBeGreaterThanOrEqual(some!.lost);
    expect(numbers!.lost).toBe(numbers!.size);
    expect(form).toEqual({ lost: 2 * form!.size, size: form!.size, form: true });
    expect(blank).toEqual({ ...form, form: false });
  }
});

it.each([
  ['some symbols', 4, 4, 'first of each section'],
  ['numbers only', 9, 10, 'numbers only'],
  ['numbers only', 6, 10, 'first of each section'],
  ['some symbols', 0, 4, 'some symbols'],
  ['blank', 10, 10, 'blank'],
  ['form only', 0, 0, 'form only'],
] as const)('from %s with %i of %i recalled one goes to %s', (rung, recalled, asked, next) => {
  expect(nextRung(rung, recalled, asked)).toBe(next);
});
