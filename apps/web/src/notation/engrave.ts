import {
  Accidental,
  BarNote,
  BarlineType,
  Formatter,
  Renderer,
  type RenderContext,
  Stave,
  StaveConnector,
  StaveNote,
  type StemmableNote,
  TabNote,
  TabStave,
  Voice,
} from 'vexflow/bravura';
import { keyOfNote, type Clef, type EngravedNote } from './keys';
import type { VoicingScore } from './voicingScore';

export interface StaffContent {
  readonly clef: Clef;
  /** Sounding together. */
  readonly chord: readonly EngravedNote[];
  /** One after another. */
  readonly line: readonly EngravedNote[];
}

const HEIGHT = 112;
const TOP = 4;

/** An empty place of the engraver's, as wide as the host, which has a width. */
function blank(host: HTMLElement, height: number) {
  host.replaceChildren();
  const width = host.clientWidth;
  const renderer = new Renderer(host as HTMLDivElement, Renderer.Backends.SVG);
  renderer.resize(width, height);
  return { context: renderer.getContext(), width };
}

/** Draws a chord and a line of notes on one staff, as wide as its place; smaller where they need more room. */
export function engrave(host: HTMLElement, content: StaffContent): void {
  const { context, width } = blank(host, HEIGHT);
  const chord = content.chord.length ? [noteOf(content.chord, content.clef)] : [];
  const line = content.line.map((note) => noteOf([note], content.clef));
  const between = chord.length && line.length ? [new BarNote()] : [];
  const voice = new Voice().setMode(Voice.Mode.SOFT).addTickables([...chord, ...between, ...line]);
  const formatter = new Formatter().joinVoices([voice]);
  const needed = new Stave(0, TOP, width).addClef(content.clef).getNoteStartX();
  const scale = Math.min(
    1,
    width / (needed + formatter.preCalculateMinTotalWidth([voice]) + SPARE),
  );
  context.scale(scale, scale);
  const stave = new Stave(0, TOP, width / scale - 1).addClef(content.clef);
  stave.setEndBarType(BarlineType.NONE).setBegBarType(BarlineType.NONE);
  stave.setContext(context).draw();
  formatter.formatToStave([voice], stave);
  voice.draw(context, stave);
}

/** Behind the last note, in pixels. */
const SPARE = 12;

function noteOf(group: readonly EngravedNote[], clef: Clef): StaveNote {
  const note = new StaveNote({ keys: group.map(keyOfNote), duration: 'w', clef });
  group.forEach(({ name }, index) => {
    if (name.length > 1) note.addModifier(new Accidental(name.slice(1)), index);
  });
  return note;
}

/** From the top of one stave to that of the next. */
const BETWEEN = 92;
/** Two staves of five lines; each line of a tab takes so much. */
const TWO_STAVES = 218;
const TAB_LINE = 13;
const ABOVE_TAB = 140;
/** Room for the brace before two staves. */
const BRACE = 18;

/** Draws one voicing: a staff over its tab, or treble and bass in a brace. */
export function engraveVoicing(host: HTMLElement, score: VoicingScore): void {
  if (score.kind === 'staff and tab') engraveOverTab(host, score);
  else engraveInBrace(host, score);
}

type ScoreOf<K extends VoicingScore['kind']> = Extract<VoicingScore, { readonly kind: K }>;

function engraveOverTab(
  host: HTMLElement,
  { notes, tab, strings, writtenAbove }: ScoreOf<'staff and tab'>,
): void {
  const height = Math.max(TWO_STAVES, ABOVE_TAB + strings * TAB_LINE);
  const { context, width } = blank(host, height);
  const upper = new Stave(0, TOP, width - 1);
  const lower = new TabStave(0, TOP + BETWEEN, width - 1, { numLines: strings });
  upper.addClef('treble', 'default', writtenAbove ? '8vb' : undefined);
  lower.addClef('tab');
  drawPair(context, [upper, lower], ['singleLeft']);
  drawOn(context, upper, chordOf(notes, 'treble'));
  drawOn(context, lower, tabOf(tab));
}

function engraveInBrace(host: HTMLElement, { treble, bass }: ScoreOf<'two staves'>): void {
  const { context, width } = blank(host, TWO_STAVES);
  const upper = new Stave(BRACE, TOP, width - BRACE - 1).addClef('treble');
  const lower = new Stave(BRACE, TOP + BETWEEN, width - BRACE - 1).addClef('bass');
  drawPair(context, [upper, lower], ['singleLeft', 'brace']);
  drawOn(context, upper, chordOf(treble, 'treble'));
  drawOn(context, lower, chordOf(bass, 'bass'));
}

function drawPair(
  context: RenderContext,
  [upper, lower]: readonly [Stave, Stave],
  connectors: readonly ('brace' | 'singleLeft')[],
): void {
  Stave.formatBegModifiers([upper, lower]);
  for (const stave of [upper, lower]) stave.setContext(context).draw();
  for (const type of connectors) {
    new StaveConnector(upper, lower).setType(type).setContext(context).draw();
  }
}

function drawOn(context: RenderContext, stave: Stave, note: StemmableNote | undefined): void {
  if (!note) return;
  const voice = new Voice().setMode(Voice.Mode.SOFT).addTickables([note]);
  new Formatter().joinVoices([voice]).formatToStave([voice], stave);
  voice.draw(context, stave);
}

const chordOf = (group: readonly EngravedNote[], clef: Clef): StaveNote | undefined =>
  group.length ? noteOf(group, clef) : undefined;

const tabOf = (places: readonly { readonly string: number; readonly fret: number }[]): TabNote =>
  new TabNote({
    positions: places.map(({ string, fret }) => ({ str: string, fret })),
    duration: 'w',
  });
