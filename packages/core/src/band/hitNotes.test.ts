import { chord } from '../testing/builders';
import { ticks } from '../base/units';
import { enumerateVoicings } from '../voicing/enumerate';
import { defaultVoicingSettings } from '../voicing/data';
import { REST } from '../voicing/enumerate';
import { hitNotes } from './hitNotes';
import type { Touch } from '../comp/base/types';

const voicing = enumerateVoicings(chord('G7'), {
  ...defaultVoicingSettings,
  families: ['shell'],
})[0]!;
const pitches = voicing.notes.map(({ midi }) => midi as number);

const struck = (touch: Touch, end = 480, accent = false) =>
  hitNotes(
    {
      hit: { bar: 1, at: ticks(0), length: ticks(end), hold: 'full', touch, accent },
      at: ticks(0),
      end: ticks(end),
      chord: 0,
    },
    voicing,
  );

it('strikes all notes together, harder with an accent', () => {
  const notes = struck('plain');
  expect(notes.map(({ midi }) => midi)).toEqual(pitches);
  expect(new Set(notes.map(({ at, length }) => `${at} ${length}`))).toEqual(new Set(['0 1']));
  expect(struck('plain', 480, true)[0]!.velocity).toBeGreaterThan(notes[0]!.velocity);
});

it('slides in from a half step below with a grace note, softer and just before', () => {
  const notes = struck('grace');
  const before = notes.filter(({ at }) => at < 0);
  expect(before.map(({ midi }) => midi + 1)).toEqual(pitches);
  expect(before[0]!.at + before[0]!.length).toBeCloseTo(0, 12);
  expect(before[0]!.velocity).toBeLessThan(notes.at(-1)!.velocity);
});

it('rolls from the bottom up and ends together, in no more than half a short hit', () => {
  const notes = struck('rolled', 24);
  const times = notes.map(({ at }) => at);
  expect(times).toEqual([...times].sort((a, b) => a - b));
  expect(new Set(times).size).toBe(pitches.length);
  expect(times.at(-1)).toBeLessThanOrEqual(12 / 480);
  for (const { at, length } of notes) expect(at + length).toBeCloseTo(24 / 480, 12);
});

it('strikes again every sixteenth in a tremolo, once where there is time for no more', () => {
  const strokes = new Set(struck('tremolo', 480).map(({ at }) => at));
  expect([...strokes]).toEqual([0, 0.25, 0.5, 0.75]);
  expect(struck('tremolo', 100)).toHaveLength(pitches.length);
});

it('strikes nothing where nothing is voiced', () => {
  const hit = { bar: 1, at: ticks(0), length: ticks(480), hold: 'full', accent: false } as const;
  const sounding = { hit: { ...hit, touch: 'rolled' as const }, at: ticks(0), end: ticks(480) };
  expect(hitNotes({ ...sounding, chord: 0 }, REST)).toEqual([]);
});

it('is struck as loud beside the others as it is marked', () => {
  const velocities = ([1, 2, 3, 4, 5] as const).map((loudness) => {
    const hit = { bar: 1, at: ticks(0), length: ticks(480), hold: 'full', touch: 'plain' } as const;
    const sounding = { hit: { ...hit, accent: false, loudness }, at: ticks(0), end: ticks(480) };
    return hitNotes({ ...sounding, chord: 0 }, voicing)[0]!.velocity;
  });
  expect(velocities).toEqual([...velocities].sort((a, b) => a - b));
  expect(new Set(velocities).size).toBe(5);
  expect(velocities[2]).toBe(struck('plain')[0]!.velocity);
});
