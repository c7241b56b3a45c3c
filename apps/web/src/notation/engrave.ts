import {
  Accidental,
  BarNote,
  BarlineType,
  Formatter,
  Renderer,
  Stave,
  StaveNote,
  Voice,
} from 'vexflow/bravura';
import { keyOfNote, type Clef, type EngravedNote } from './keys';

export interface StaffContent {
  readonly clef: Clef;
  /** Sounding together. */
  readonly chord: readonly EngravedNote[];
  /** One after another. */
  readonly line: readonly EngravedNote[];
}

const HEIGHT = 112;
const TOP = 4;

/** Draws a chord and a line of notes on one staff, as wide as its place. */
export async function engrave(host: HTMLElement, content: StaffContent): Promise<void> {
  // The glyphs are text: before their font is there they would be measured wrong.
  await document.fonts.ready;
  host.replaceChildren();
  const width = host.clientWidth;
  const renderer = new Renderer(host as HTMLDivElement, Renderer.Backends.SVG);
  renderer.resize(width, HEIGHT);
  const context = renderer.getContext();
  const stave = new Stave(0, TOP, width - 1).addClef(content.clef);
  stave.setEndBarType(BarlineType.NONE).setBegBarType(BarlineType.NONE);
  stave.setContext(context).draw();
  const chord = content.chord.length ? [noteOf(content.chord, content.clef)] : [];
  const line = content.line.map((note) => noteOf([note], content.clef));
  const between = chord.length && line.length ? [new BarNote()] : [];
  const voice = new Voice().setMode(Voice.Mode.SOFT).addTickables([...chord, ...between, ...line]);
  new Formatter().joinVoices([voice]).formatToStave([voice], stave);
  voice.draw(context, stave);
}

function noteOf(group: readonly EngravedNote[], clef: Clef): StaveNote {
  const note = new StaveNote({ keys: group.map(keyOfNote), duration: 'w', clef });
  group.forEach(({ name }, index) => {
    if (name.length > 1) note.addModifier(new Accidental(name.slice(1)), index);
  });
  return note;
}
