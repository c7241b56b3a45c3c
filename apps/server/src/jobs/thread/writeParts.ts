import {
  createConnector,
  createTuneReader,
  inList,
  isForReaders,
  outsideNote,
  packParts,
  READERS,
  SHEET_LABELS,
  tuneSheet,
  type NamedScore,
  type ReaderId,
  type Sheet,
} from '@drop-close/core';
import type { AskedParts, AskedTune, JobOutcome } from '../asked';
import type { Hand } from './runJob';

/** One document of every tune for every reader, as MusicXML in an archive with a folder for each reader. */
export function writeParts(asked: AskedParts, hand: Hand): JobOutcome {
  const { tunes, readers, kind } = asked;
  const write = sheetWriter(asked);
  const byReader = new Map<ReaderId, NamedScore[]>(readers.map((reader) => [reader, []]));
  const notes: string[] = [];
  const without: string[] = [];
  for (const [at, tune] of tunes.entries()) {
    const sheets = readers.map((reader) => ({ reader, sheet: write(tune, reader) }));
    if (sheets.some(({ sheet }) => !sheet)) without.push(tune.title);
    for (const { reader, sheet } of sheets) {
      if (!sheet) continue;
      byReader.get(reader)?.push({ name: tune.title, score: sheet.score });
      notes.push(...outsideNote(tune.title, sheet, reader));
    }
    hand({ progress: (at + 1) / tunes.length });
  }
  if (without.length === tunes.length) {
    return {
      ok: false,
      problem: 'None of the tunes of this set is voiced. Open them in Voice first.',
    };
  }
  if (without.length) notes.push(`Not voiced, and so not among the parts: ${inList(without)}.`);
  const folderOf = (reader: ReaderId): string =>
    isForReaders(kind) ? READERS[reader].label : SHEET_LABELS[kind];
  const parts = [...byReader].map(([reader, scores]) => ({ folder: folderOf(reader), scores }));
  hand({ bytes: packParts(parts), progress: 1 });
  return { ok: true, result: { notes } };
}

function sheetWriter({ kind, numbers, school, instruments }: AskedParts) {
  const read = createTuneReader();
  const connector = createConnector();
  return ({ title, text, setup, feel, tempo }: AskedTune, reader: ReaderId): Sheet | undefined =>
    tuneSheet({ setup, instruments, feel, tempo }, read(text), connector, {
      ...{ title, key: text.key, tempo, feel, kind, reader, numbers, school },
      octaves: 0,
    });
}
