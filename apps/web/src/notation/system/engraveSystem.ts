/** One line of a score on paper: its staves, notes, chords, sections and repeats. */
import type { Score } from '@drop-close/core';
import { Renderer } from 'vexflow/bravura';
import { drawOver } from './over';
import { remarksOf } from './remarks';
import { drawSlashes } from './slashes';
import { segmentsOf } from './segments';
import { drawStaves } from './staves';
import { drawOpenTies } from './ties';
import type { DrawnMeasure, Engraved, OpenTies, SystemPlace } from './types';
import { drawVoices } from './voices';
import { widthsOf } from './widths';

let fonts: Promise<FontFaceSet> | undefined;

/** Draws the first part of a score, as far as a line goes. @param symbolOf how a symbol is written */
export async function engraveSystem(
  host: HTMLElement,
  score: Score,
  place: SystemPlace,
  symbolOf: (symbol: string) => string,
): Promise<void> {
  // The glyphs are text: before their font is there they would be measured wrong. To ask costs the page a layout.
  await (fonts ??= document.fonts.ready);
  host.replaceChildren();
  const renderer = new Renderer(host as HTMLDivElement, Renderer.Backends.SVG);
  renderer.resize(place.width, place.height);
  const context = renderer.getContext();
  const [part] = score.parts;
  if (!part) return;
  const widths = widthsOf(score, place, symbolOf);
  const ties: OpenTies = new Map();
  const drawn: DrawnMeasure[] = [];
  let x = 0;
  for (let at = 0; at < place.count; at += 1) {
    const position = place.first + at;
    const measure = score.measures[position]!;
    const width = widths[at]!;
    const staves = drawStaves(context, score, part, position, { x, width }, place);
    const stave = staves[0]!;
    const bar = part.measures[position]!;
    const { segments } = segmentsOf(measure, bar, score.key, symbolOf);
    if (bar.voices.length) {
      const { first, ...reach } = drawVoices(
        ...([context, score, part, position, measure, segments, staves, ties] as const),
      );
      drawn.push({ measure, stave, ...reach, degrees: degreesOf(first) });
    } else {
      const spots = drawSlashes(context, measure, segments, stave);
      drawn.push({ measure, stave, spots, highest: Infinity, lowest: -Infinity, degrees: [] });
    }
    x += width;
  }
  drawOpenTies(context, ties);
  const svg = host.querySelector('svg');
  if (svg) drawOver(svg, drawn, remarksOf(score, place, symbolOf), place, symbolOf);
}

/** What is written under notes, where each is struck. */
const degreesOf = (engraved: readonly Engraved[]): DrawnMeasure['degrees'] =>
  engraved.flatMap(({ moment: { notes }, note }) => {
    const [own] = notes;
    return own?.degree === undefined || own.tiedFrom
      ? []
      : [{ x: note.getAbsoluteX(), degree: own.degree }];
  });
