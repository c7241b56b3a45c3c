import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { demoTexts } from '../testing/demo';
import { analyzeChart } from './analyzeChart';
import { pitchClassOf, type NoteName } from '../pitch/spelling';
import { chord } from '../testing/builders';
import { random } from '../testing/random';
import { heldLines } from './heldLines';

const tonesOf = (symbols: string): NoteName[][] =>
  symbols.split(' ').map((symbol) => chord(symbol).tones.map(({ note }) => note));
const said = (symbols: string, voices: number): string[] =>
  heldLines(tonesOf(symbols), voices).map((line) =>
    line.map(({ note, from, to }) => `${note} ${from + 1}-${to + 1}`).join(', '),
  );

describe('lines that hold longest (worked out by hand)', () => {
  it('one note over a cycle that all its chords share', () => {
    // C is the root of Cmaj7, the b3 of Am7, the b7 of Dm7, the 5 of Fmaj7.
    expect(said('Cmaj7 Am7 Dm7 Fmaj7', 1)).toEqual(['C 1-4']);
  });
  it('a ii–V–I: the two guide-tone lines, one change a half step each', () => {
    expect(said('Dm7 G7 Cmaj7', 2)).toEqual(['F 1-2, E 3-3', 'C 1-1, B 2-3']);
  });
  it('over a minor iv the tonic stays, and a half step goes up and comes back beside it', () => {
    // E F E and G A flat G move alike; the third comes first in the chord.
    expect(said('Cmaj7 Fm6 Cmaj7', 2)).toEqual(['C 1-3', 'E 1-1, F 2-2, E 3-3']);
  });
  it('notes that are spelled in two ways are one', () => {
    expect(said('E7 Fm', 1)).toEqual(['G# 1-2']);
  });
  it('none of no chords, and fewer where notes run out', () => {
    expect(heldLines([], 2)).toEqual([]);
    expect(heldLines([['C'], ['C', 'E']], 3)).toHaveLength(1);
  });
});

/** Changes and half steps of the best of all ways, tried one by one. */
function plainBest(rows: readonly (readonly NoteName[])[]): number {
  const cost = (line: readonly NoteName[]): number =>
    line.slice(1).reduce((sum, note, at) => {
      const up = (pitchClassOf(note) - pitchClassOf(line[at]!) + 12) % 12;
      const step = Math.min(up, 12 - up);
      return sum + (step ? 1000 + step : 0);
    }, 0);
  let best = Infinity;
  const go = (line: NoteName[]): void => {
    if (line.length === rows.length) best = Math.min(best, cost(line));
    else for (const note of rows[line.length]!) go([...line, note]);
  };
  go([]);
  return best;
}

it('the first line is the best of all ways, and no two voices share a note (property, 300 runs, seed 41)', () => {
  const next = random(41);
  const symbols = 'Dm7 G7 Cmaj7 Am7 Fm6 Bb7 E7alt C#dim7 F#m7b5 B7 Ebmaj7 Ab7 C6 Gm7'.split(' ');
  let changes = 0;
  for (let run = 0; run < 300; run += 1) {
    const count = 2 + Math.floor(next() * 4);
    const rows = tonesOf(
      Array.from({ length: count }, () => symbols[Math.floor(next() * symbols.length)]!).join(' '),
    );
    const lines = heldLines(rows, 3);
    const whole = lines.map((line) =>
      rows.map((_, at) => line.find(({ from, to }) => at >= from && at <= to)!.note),
    );
    expect(plainBest(whole[0]!.map((note) => [note]))).toBe(plainBest(rows));
    rows.forEach((row, at) => {
      const here = whole.map((line) => pitchClassOf(line[at]!));
      expect(new Set(here).size).toBe(here.length);
      for (const pitch of here) expect(row.map(pitchClassOf)).toContain(pitch);
    });
    changes += lines[0]!.length - 1;
  }
  expect(changes).toBeGreaterThan(100);
});

it('over every demo tune, of its chords and of its scales, three voices hold notes of every chord they pass', () => {
  let held = 0;
  for (const { chart } of demoTexts().map((text) => parseChart(text))) {
    const { chords } = analyzeChart(chart);
    const sounding = timeline(chart).events.flatMap(({ chord: each }, at) =>
      each.kind === 'chord' ? [{ tones: each.tones, scale: chords[at]!.scales[0]!.notes }] : [],
    );
    for (const rows of [
      sounding.map(({ tones }) => tones.map(({ note }) => note)),
      sounding.map(({ scale }) => scale),
    ]) {
      const lines = heldLines(rows, 3);
      expect(lines).toHaveLength(3);
      for (const line of lines) {
        expect(line.map(({ from }) => from)).toEqual([
          0,
          ...line.slice(0, -1).map(({ to }) => to + 1),
        ]);
        expect(line.at(-1)!.to).toBe(rows.length - 1);
        for (const { note, from, to } of line) {
          for (const row of rows.slice(from, to + 1)) {
            expect(row.map(pitchClassOf)).toContain(pitchClassOf(note));
            held += 1;
          }
        }
      }
    }
  }
  expect(held).toBeGreaterThan(2000);
});
