import {
  connect,
  defaultKeyboard,
  defaultSettings,
  parseChart,
  timeline,
  type FamilyId,
} from '@drop-close/core';
import { layoutThreads, threadScale, type SystemLayout } from './threadLayout';

const WINDOW = { low: 50, high: 72 };

function layout(text: string, family: FamilyId = 'close'): SystemLayout[] {
  const { chart } = parseChart(text);
  const time = timeline(chart);
  const settings = { ...defaultSettings, instrument: defaultKeyboard, families: [family] };
  const outcome = connect(
    time.events.map(({ chord }) => chord),
    settings,
  );
  if (outcome.status !== 'found') throw new Error(outcome.why);
  const { path, changes } = outcome;
  const score = { timeline: time, path, changes };
  return layoutThreads(score, threadScale(path, WINDOW), 842);
}

it('lays four bars to a system and names the sections where they begin', () => {
  const systems = layout('[A] | C6 | F6 | G7 | C6 |\n[B] | F6 | C6 |');
  expect(systems.map((system) => system.bars.map((bar) => bar.number))).toEqual([
    [1, 2, 3, 4],
    [5, 6],
  ]);
  expect(systems.map((system) => system.bars[0]?.section)).toEqual(['A', 'B']);
});

it('sets a pickup narrow, before the four bars of the first system', () => {
  const [system, next] = layout('pickup: 1\n| G7 | C6 | F6 | G7 | C6 | F6 |');
  expect(system?.bars.map((bar) => bar.number)).toEqual([0, 1, 2, 3, 4]);
  expect(system!.bars[0]!.width).toBeLessThan(system!.bars[1]!.width / 2);
  expect(next?.bars.map((bar) => bar.number)).toEqual([5]);
});

it('says by its kind whether a voice is held, steps or leaps', () => {
  const [system] = layout('| Dm7 G7 |');
  const turns = system?.strands.filter(
    (strand) => strand.chord === 0 && strand.kind !== 'sounding',
  );
  expect(turns?.map((strand) => strand.kind).sort()).toEqual([
    'half step',
    'held',
    'held',
    'whole step',
  ]);
});

it('draws a held voice flat and lets a moving one end at the head of the next chord', () => {
  const [system] = layout('| Dm7 G7 |');
  const next = system?.chords[1]?.heads ?? [];
  for (const strand of system?.strands.filter(({ chord }) => chord === 0) ?? []) {
    if (strand.kind === 'held') expect(strand.from.y).toBe(strand.to.y);
    if (strand.kind !== 'sounding') expect(next).toContainEqual(strand.to);
  }
});

it('leads over from one system to the next', () => {
  const [, second] = layout('| C6 | F6 | G7 | C6 | F6 |');
  const lead = second?.strands.filter((strand) => strand.chord === 3) ?? [];
  expect(lead.length).toBeGreaterThan(0);
  expect(Math.max(...lead.map((strand) => strand.to.x))).toBe(second?.chords[0]?.x);
});

it('lets the chorus rise and fall on one scale, with the whole register of the room on it', () => {
  const scale = threadScale([], WINDOW);
  expect(scale.y(60)).toBeGreaterThan(scale.y(72));
  expect(scale.y(72)).toBeGreaterThan(0);
  expect(scale.y(50)).toBeLessThan(scale.height);
});

it('finds the pitch again at any height', () => {
  const scale = threadScale([], WINDOW);
  for (let midi = 48; midi <= 74; midi += 1) expect(scale.midi(scale.y(midi))).toBe(midi);
});
