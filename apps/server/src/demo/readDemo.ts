import { readFile, readdir } from 'node:fs/promises';
import { join } from 'node:path';
import {
  dayNumber,
  dayOf,
  FOUR_FOUR,
  formatChart,
  formatMeter,
  parseChart,
  readLick,
  readLogCsv,
  readSoloFile,
  type Lick,
  type LogEntry,
  type SoloLine,
} from '@drop-close/core';
import type { TuneBody } from '../tunes/tune.dto';

/**
 * Reads the demo tunes: chart text whose header lines name title, key, meter, tempo and feel.
 * @throws when a file is not as it should be, with its name and what is wrong.
 */
export async function readDemo(folder: string): Promise<TuneBody[]> {
  const files = (await readdir(folder)).filter((name) => name.endsWith('.txt')).sort();
  return Promise.all(
    files.map(async (file) => readDemoTune(file, await readFile(join(folder, file), 'utf8'))),
  );
}

function readDemoTune(file: string, source: string): TuneBody {
  const { chart, problems } = parseChart(source);
  const [problem] = problems;
  if (problem) throw new Error(`${file}, line ${problem.line}: ${problem.message}`);
  const { title, key, meter, tempo, feel } = chart.header;
  if (!title || !key || !meter || !tempo || !feel) {
    throw new Error(`${file}: title, key, meter, tempo and feel should stand above the bars.`);
  }
  // A pickup belongs to the changes; all else stands over the tune.
  const { pickup } = chart.header;
  const text = formatChart({ ...chart, header: pickup === undefined ? {} : { pickup } });
  return { title, text, key, meter: formatMeter(meter), tempo, feel };
}

/** A demo set: tunes by title, in playing order. */
export interface DemoSet {
  readonly name: string;
  readonly tunes: readonly string[];
  /** The next one of these it is played, 0 a Sunday, but not before some days; on no day that is known when left out. */
  readonly weekday?: number;
}

/** Reads the demo sets. @throws when a set names a tune that is not there. */
export async function readDemoSets(folder: string, titles: readonly string[]): Promise<DemoSet[]> {
  const sets = JSON.parse(await readFile(join(folder, 'sets.json'), 'utf8')) as DemoSet[];
  for (const { name, tunes } of sets) {
    const missing = tunes.find((title) => !titles.includes(title));
    if (missing) throw new Error(`sets.json, "${name}": there is no demo tune "${missing}".`);
  }
  return sets;
}

/** A demo solo: a line over one of the tunes. */
export interface DemoSolo {
  /** Title of its tune. */
  readonly tune: string;
  readonly name: string;
  readonly line: SoloLine;
}

/**
 * Reads the demo solos: `solos/01-a-tune-a.mid` is one over `01-a-tune.txt`.
 * @throws when a file cannot be read or has no tune, with its name and what is wrong.
 */
export async function readDemoSolos(folder: string): Promise<DemoSolo[]> {
  const files = (await readdir(join(folder, 'solos'))).sort();
  return Promise.all(
    files.map(async (file) => {
      const stem = file.replace(/-[a-z]\.[a-z]+$/, '.txt');
      const { title } = readDemoTune(stem, await readFile(join(folder, stem), 'utf8'));
      const solo = readSoloFile(await readFile(join(folder, 'solos', file)));
      if (!solo.ok) throw new Error(`solos/${file}: ${solo.problem}`);
      return { tune: title, name: solo.value.name, line: solo.value.line };
    }),
  );
}

/** Reads the demo licks. @throws when one cannot be played, with its name and what is wrong. */
export async function readDemoLicks(folder: string): Promise<Lick[]> {
  const licks = JSON.parse(await readFile(join(folder, 'licks.json'), 'utf8')) as Lick[];
  for (const lick of licks) {
    const read = readLick(lick, FOUR_FOUR);
    if (read.ok) continue;
    throw new Error(`licks.json, "${lick.name}", ${read.problem.part}: ${read.problem.message}`);
  }
  return licks;
}

/**
 * Reads the demo's logbook, moved in time so that its last day was yesterday: it is never stale. Items of tunes have their
 * titles in place of ids.
 * @param today as `2026-11-29`
 * @throws when it is no logbook or a line of it is wrong, with what is wrong
 */
export async function readDemoLog(folder: string, today: string): Promise<LogEntry[]> {
  const read = readLogCsv(await readFile(join(folder, 'practice.csv'), 'utf8'));
  if (!read.ok) throw new Error(`practice.csv: ${read.problem}`);
  const { entries, problems } = read.value;
  const [problem] = problems;
  if (problem) throw new Error(`practice.csv, line ${problem.line}: ${problem.message}`);
  const last = Math.max(...entries.map(({ day }) => dayNumber(day) ?? 0));
  const later = (dayNumber(today) ?? 0) - 1 - last;
  return entries.map((entry) => ({ ...entry, day: dayOf((dayNumber(entry.day) ?? 0) + later) }));
}
