import type { DegreeStack, Fretted } from '../base/types';
import { alongNeck, fretsLeft, openPitches } from './geometry';
import type { Shape } from './shapes';

/** Every way to lay a stack on strings of its own, at least one of them open, for one root. */
export function openStackShapes(
  neck: Fretted,
  { tones }: DegreeStack,
  root: number,
  limitMm: number,
): Shape[] {
  const open = openPitches(neck);
  const frets = fretsLeft(neck);
  const shapes: Shape[] = [];
  const strings: number[] = [];
  const offsets: number[] = [];
  const visit = (from: number): void => {
    if (tooWide(neck, offsets, limitMm)) return;
    const tone = tones[strings.length];
    if (!tone) {
      if (!offsets.includes(0)) return;
      shapes.push({ tones, strings: [...strings], offsets: [...offsets], base: -from });
      return;
    }
    open.forEach((pitch, string) => {
      const fret = from + tone.height - pitch;
      if (fret < 0 || fret > frets || strings.includes(string)) return;
      strings.push(string);
      offsets.push(fret);
      visit(from);
      strings.pop();
      offsets.pop();
    });
  };
  const lowest = tones[0]?.height ?? 0;
  const highest = Math.max(...open) + frets;
  for (let octave = root - 36; octave + lowest <= highest; octave += 12) visit(octave);
  return shapes;
}

function tooWide(neck: Fretted, offsets: readonly number[], limitMm: number): boolean {
  let [low, high] = [Infinity, 0];
  for (const fret of offsets) {
    if (fret === 0) continue;
    low = Math.min(low, fret);
    high = Math.max(high, fret);
  }
  return high > low && alongNeck(neck, low, high) > limitMm;
}
