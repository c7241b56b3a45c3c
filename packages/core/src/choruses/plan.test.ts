import { chorusFrom, planFor } from '../testing/choruses';
import type { SectionPlan } from '../comp/comping';
import { defaultSection } from '../comp/defaults';
import type { Density } from '../comp/patterns/types';
import { playPlan } from './hits';
import { arcFrom, planShapes, shapeOver, withPlan } from './plan';
import { plannedSections } from './sections';

const chorus = chorusFrom(
  '[A]\n| Dm7 | G7 | Cmaj7 | A7 |\n[B]\n| Fm7 | Bb7 | Em7 | A7 |\n[A]\n| Dm7 | G7 | C6 | % |',
);

const play = (plan: Parameters<typeof playPlan>[0]['plan'], seed = 1) =>
  playPlan({ chorus, plan, feel: 'swing', seed, window: { low: 48, high: 76 } });

describe('a chorus plan', () => {
  it('has a section for each of the tune, chorus by chorus, bars counted on', () => {
    const arc = plannedSections(chorus, [[], []]);
    expect(arc.map(({ name, fromBar, toBar }) => `${name} ${fromBar}-${toBar}`)).toEqual([
      'A1 1-4',
      'B 5-8',
      'A2 9-12',
      'A1 13-16',
      'B 17-20',
      'A2 21-24',
    ]);
  });

  it('is changed section by section, and what nobody planned is as usual', () => {
    const last = plannedSections(chorus, [[], []]).at(-1)!;
    const plan = withPlan([[], []], last, { density: 5 });
    expect(plannedSections(chorus, plan).map((section) => section.plan)).toEqual([
      ...Array.from({ length: 5 }, () => defaultSection),
      { ...defaultSection, density: 5 },
    ]);
  });

  it('comes to hits in every section that does not rest, and in no other', () => {
    const plan = withPlan([[]], plannedSections(chorus, [[]])[1]!, { rests: ['comp'] });
    const bars = new Set(play(plan).hits.map(({ bar }) => bar));
    expect([...bars].some((bar) => bar >= 5 && bar <= 8)).toBe(false);
    expect([...bars].some((bar) => bar <= 4)).toBe(true);
    expect([...bars].some((bar) => bar >= 9)).toBe(true);
  });

  it('lays the family it names, and more hits the denser it is', () => {
    const section = (change: Partial<SectionPlan>) => [planFor(chorus, change)];
    const { laid } = play(section({ family: 'Charleston' }));
    expect(new Set(laid.map(({ pattern }) => pattern.family))).toEqual(new Set(['Charleston']));
    const count = (density: Density): number =>
      Array.from({ length: 10 }, (_, seed) => play(section({ density }), seed).hits.length).reduce(
        (sum, hits) => sum + hits,
        0,
      );
    expect(count(1)).toBeLessThan(count(3));
    expect(count(3)).toBeLessThan(count(5));
  });

  it('applies devices no further out than it says, and none at level 0', () => {
    const plan = (devices: 0 | 1 | 3) => [planFor(chorus, { devices })];
    expect(play(plan(0)).devices).toEqual([]);
    const found = (devices: 1 | 3): string[] =>
      Array.from({ length: 30 }, (_, seed) => play(plan(devices), seed).devices)
        .flat()
        .map(({ device }) => device);
    expect(found(1)).not.toContain('stand-in');
    expect(found(1).length).toBeGreaterThan(5);
    expect(found(3)).toContain('stand-in');
    expect(found(3).length).toBeGreaterThan(found(1).length);
  });
});

describe('ready shapes', () => {
  const weights = (id: string): number[] => {
    const shape = planShapes.find((each) => each.id === id)!;
    const plan = shapeOver(plannedSections(chorus, [[]]), 4, shape);
    return arcFrom(plannedSections(chorus, plan)).map(({ weight }) => weight);
  };

  it('build all the way', () => {
    const rising = weights('build');
    expect(rising).toEqual([...rising].sort((a, b) => a - b));
    expect(rising.at(-1)).toBeGreaterThan(2 * rising[0]!);
  });

  it('go up and back down, fullest after the middle', () => {
    const arch = weights('arch');
    const summit = arch.indexOf(Math.max(...arch));
    expect(summit).toBeGreaterThan(5);
    expect(summit).toBeLessThan(11);
    expect(arch.at(-1)).toBeLessThan(arch[summit]!);
  });

  it('stay under throughout, or lay out first', () => {
    expect(Math.max(...weights('stay low'))).toBeLessThan(60);
    expect(weights('stroll')[0]).toBe(0);
  });
});
