import { RangeSetBuilder } from '@codemirror/state';
import {
  Decoration,
  ViewPlugin,
  type DecorationSet,
  type EditorView,
  type ViewUpdate,
} from '@codemirror/view';
import { chartTokens, type ChartToken } from '@drop-close/core';

/** How each word of a chart is set; chords are the plain text. */
const CLASSES: Readonly<Partial<Record<ChartToken['kind'], string>>> = {
  header: 'word-header',
  section: 'word-section',
  'bar line': 'word-line',
  'repeat start': 'word-line',
  'repeat end': 'word-line',
  'repeat end and start': 'word-line',
  ending: 'word-line',
  meter: 'word-header',
  words: 'word-remark',
  hold: 'word-hold',
  'repeat bar': 'word-hold',
};

function decorate({ state: { doc } }: EditorView): DecorationSet {
  const builder = new RangeSetBuilder<Decoration>();
  for (const { kind, text, line, column } of chartTokens(doc.toString())) {
    const name = CLASSES[kind];
    if (!name) continue;
    const from = doc.line(line).from + column - 1;
    builder.add(from, from + text.length, Decoration.mark({ class: name }));
  }
  return builder.finish();
}

/** Sets the words of the text in their roles. */
export const chartHighlight = ViewPlugin.fromClass(
  class {
    decorations: DecorationSet;
    constructor(view: EditorView) {
      this.decorations = decorate(view);
    }
    update(update: ViewUpdate): void {
      if (update.docChanged) this.decorations = decorate(update.view);
    }
  },
  { decorations: (plugin) => plugin.decorations },
);
