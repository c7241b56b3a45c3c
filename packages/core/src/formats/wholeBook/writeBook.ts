/**
 * The whole book as one archive of open files: each tune as chart text, as MusicXML and as JSON with its arrangements and
 * solo lines; sets, licks, practice and profile as JSON with their schema's version; reviews as a table; an index to read. The
 * same book is the same file, byte for byte.
 */
import { strToU8, zipSync } from 'fflate';
import Papa from 'papaparse';
import { parseMeter } from '../../chart/meter';
import { readWritten } from '../../chart/places/written';
import { leadSheet } from '../../score/documents';
import { chartFile } from '../chartFile';
import { fileName } from '../../base/fileName';
import { ALWAYS } from '../musicxml/packed';
import { writeMusicXml } from '../musicxml/writeScore';
import { BOOK_SCHEMA, type BookNote, type BookTune, type WholeBook } from './types';

/** A text that a spreadsheet would take for a formula gets an apostrophe before it. Source: OWASP, CSV injection. */
const SAFE = { escapeFormulae: true };

/** @param onTune is told how many tunes are written */
export function writeBook(
  book: WholeBook,
  onTune: (done: number) => void = () => undefined,
): Uint8Array<ArrayBuffer> {
  const files: Record<string, Uint8Array> = {};
  const folders = foldersOf(book.tunes);
  book.tunes.forEach((tune, at) => {
    Object.assign(files, tuneFiles(tune, folders[at]!));
    onTune(at + 1);
  });
  const { sets, licks, notes, sessions, entries, profile } = book;
  const json = (name: string, value: unknown): void => {
    files[name] = strToU8(stable({ schema: BOOK_SCHEMA, ...(value as object) }));
  };
  json('sets.json', { sets: byId(sets) });
  json('licks.json', { licks: byId(licks) });
  json('practice/notes.json', { notes: [...notes].sort(inTime) });
  json('practice/sessions.json', { sessions: byId(sessions) });
  json('practice/logbook.json', { entries: byId(entries) });
  if (profile) json('profile.json', { profile });
  files['practice/reviews.csv'] = strToU8(reviewsCsv([...notes].sort(inTime)));
  files['index.txt'] = strToU8(indexOf(book, folders));
  return new Uint8Array(zipSync(files, { mtime: ALWAYS }));
}

const byId = <T extends { readonly id: string }>(items: readonly T[]): T[] =>
  [...items].sort((a, b) => (a.id < b.id ? -1 : 1));
const inTime = (a: BookNote, b: BookNote): number => a.at - b.at || (a.id < b.id ? -1 : 1);

/** The same value is the same text: names of fields in order. */
export const stable = (value: unknown): string =>
  `${JSON.stringify(value, (_, each: unknown) => (isPlain(each) ? sorted(each) : each), 1)}\n`;

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const sorted = (value: Record<string, unknown>): Record<string, unknown> =>
  Object.fromEntries(
    Object.keys(value)
      .sort()
      .map((name) => [name, value[name]]),
  );

/** "tunes/001 Half Past the Tide": names of any script, without signs that no disk takes. */
function foldersOf(tunes: readonly BookTune[]): string[] {
  const digits = String(tunes.length).length;
  return tunes.map(
    ({ title }, at) => `tunes/${String(at + 1).padStart(digits, '0')} ${fileName(title) || 'tune'}`,
  );
}

function tuneFiles(tune: BookTune, folder: string): Record<string, Uint8Array> {
  const { title, text, places, key, meter, tempo, feel } = tune;
  const { chart } = readWritten({ text, places }, parseMeter(meter));
  const score = leadSheet({ title, chart, key, tempo, feel });
  return {
    [`${folder}/chart.txt`]: strToU8(chartFile(tune)),
    [`${folder}/chart.musicxml`]: strToU8(writeMusicXml(score)),
    [`${folder}/tune.json`]: strToU8(stable({ schema: BOOK_SCHEMA, tune })),
  };
}

function reviewsCsv(notes: readonly BookNote[]): string {
  const data = notes.flatMap((note) =>
    note.kind === 'review'
      ? [[new Date(note.at).toISOString(), note.item, note.grade, note.tempo ?? '']]
      : [],
  );
  const fields = ['when', 'item', 'grade', 'tempo'];
  return `${Papa.unparse({ fields, data }, SAFE)}\r\n`;
}

function indexOf({ tunes, sets, licks, notes, entries }: WholeBook, folders: readonly string[]) {
  const titles = new Map(tunes.map(({ id, title }) => [id, title]));
  const lines = [
    'A book of Drop Close, in open files.',
    '',
    'Each tune has its own folder: chart.txt as it is typed, chart.musicxml for notation programs, tune.json with everything',
    'else. Brought in again, the .json files are read; the others are there to be read by you and by other programs.',
    '',
    ...tunes.map(
      ({ title, key, meter, tempo, arrangements, solos }, at) =>
        `${folders[at]!}: ${title}, ${key}, ${meter}, ${tempo} a minute, arrangements: ${arrangements.length}, solo lines: ${solos.length}`,
    ),
    '',
    ...byId(sets).map(
      ({ name, tuneIds }) =>
        `Set ${name}: ${tuneIds.map((id) => titles.get(id) ?? 'a tune that is not here').join(', ')}`,
    ),
    '',
    `Licks: ${licks.length}. Notes of practice: ${notes.length}. Entries of the logbook: ${entries.length}.`,
  ];
  return `${lines.join('\n')}\n`;
}
