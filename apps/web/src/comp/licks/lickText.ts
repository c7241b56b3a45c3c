import {
  countedBars,
  fingerLine,
  inTicks,
  isFretted,
  phrasesOf,
  prettyNote,
  readLick,
  readNotes,
  ticks,
  writeNotes,
  type Instrument,
  type Lick,
  type Meter,
  type SoloNote,
  type Timeline,
} from '@drop-close/core';

/** A lick nobody has written yet, in the key of the tune. */
export const blankLick = (key: string): Lick => ({ name: '', key, notes: '', answer: '' });

/** What of a lick cannot be played, as sentences; empty where all can. */
export function problemsOf(lick: Lick, meter: Meter): string[] {
  const problems = lick.name.trim() ? [] : ['Give it a name.'];
  const read = readLick(lick, meter);
  return read.ok ? problems : [...problems, read.problem.message];
}

/** A lick in a few words: `8 notes, 2 bars, with its own answer`. */
export function inWords(
  lick: Lick,
  meter: Meter,
  nameOf: (note: string) => string = prettyNote,
): string {
  const read = readLick(lick, meter);
  if (!read.ok) return read.problem.message;
  const { notes, bars } = read.value;
  const answer = lick.answer.trim() ? 'with its own answer' : 'with a plain answer';
  return `${nameOf(lick.key)}, ${notes.length} notes, ${bars} ${bars === 1 ? 'bar' : 'bars'}, ${answer}`;
}

/**
 * Where the notes of a lick lie on the neck, as `3/5` for string 3, fret 5, apart by commas; none on keys or where
 * there is no place.
 */
export function onTheNeck(notes: string, instrument: Instrument): string | undefined {
  const read = readNotes(notes);
  if (!read.ok || !isFretted(instrument)) return undefined;
  const places = fingerLine(
    read.value.notes.map(({ midi }) => midi),
    instrument,
  );
  return places?.map(({ string, fret }) => `${string}/${fret}`).join(', ');
}

/** The phrase of a line that sounds in a bar, as it is typed; none where the soloist rests. */
export function phraseIn(
  line: readonly SoloNote[],
  timeline: Timeline,
  bar: number,
): string | undefined {
  const here = countedBars(timeline).find(({ number }) => number === bar);
  const next = countedBars(timeline).find(({ number }) => number === bar + 1);
  if (!here) return undefined;
  const from = inTicks(here.at);
  const to = next ? inTicks(next.at) : Infinity;
  const phrase = phrasesOf(line).find(({ at, end }) => at < to && end > from);
  if (!phrase) return undefined;
  const begins = countedBars(timeline).filter(({ at }) => inTicks(at) <= phrase.at + 1);
  const start = inTicks(begins.at(-1)?.at ?? here.at);
  return writeNotes(phrase.notes.map((note) => ({ ...note, at: ticks(note.at - start) })));
}
