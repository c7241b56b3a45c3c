import type { Arrangement, LineNote, LineShape, LineSpan } from './types';

/** Wants a note on top of a chord, in place of any that was wanted there; `undefined` wants none. */
export function withNote(
  arrangement: Arrangement,
  { at, symbol, midi }: Omit<LineNote, 'midi'> & { readonly midi: number | undefined },
): Arrangement {
  const { line } = arrangement;
  const others = line.notes.filter((note) => note.at !== at);
  const all = midi === undefined ? others : [...others, { at, symbol, midi }];
  const notes = [...all].sort((a, b) => a.at - b.at);
  return { ...arrangement, line: { ...line, notes } };
}

/** Gives a stretch of the top line a shape, in place of any it overlaps; `undefined` leaves it free. */
export function withSpan(
  arrangement: Arrangement,
  { from, to, shape }: Omit<LineSpan, 'shape'> & { readonly shape: LineShape | undefined },
): Arrangement {
  const { line } = arrangement;
  const others = line.spans.filter((span) => span.to <= from || span.from >= to);
  const all = shape && to > from ? [...others, { from, to, shape }] : others;
  const spans = [...all].sort((a, b) => a.from - b.from);
  return { ...arrangement, line: { ...line, spans } };
}
