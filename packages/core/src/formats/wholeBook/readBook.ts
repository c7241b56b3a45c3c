/** A book out of its archive, as `writeBook` makes it; what cannot be read is told, and the rest goes on. */
import { strFromU8, unzipSync } from 'fflate';
import { upgradeArrangement } from '../../arrangement/stored/upgrade';
import { fail, ok, type Result } from '../../base/result';
import { parseMeter } from '../../chart/meter';
import { readWritten } from '../../chart/places/written';
import { BOOK_SCHEMA, type BookArrangement, type BookTune, type WholeBook } from './types';

export interface BookReading {
  readonly book: WholeBook;
  /** What was not read, and why, in sentences. */
  readonly problems: readonly string[];
}

/** Of an archive, in bytes, packed; a book of 2,000 tunes is far smaller. */
export const LARGEST_BOOK = 100_000_000;
/** Of one file and of all that is read, unpacked, in bytes. */
const LARGEST_FILE = 20_000_000;
const LARGEST_WHOLE = 400_000_000;
const MOST_FILES = 60_000;

const OWN_FILE =
  /^(?:tunes\/[^/]+\/tune|sets|licks|profile|practice\/(?:notes|sessions|logbook))\.json$/;

/** Reads a whole book. Fails with a sentence for the player where the file is none. */
export function readBook(bytes: Uint8Array): Result<BookReading, string> {
  if (bytes.length > LARGEST_BOOK) return fail('This file is larger than 100 MB; no book is.');
  const files = unpacked(bytes);
  if (!files.ok) return files;
  const problems: string[] = [];
  const read = (name: string, field: string): unknown => {
    const file = files.value.get(name);
    if (!file) return undefined;
    const content = contentOf(file, field);
    if (typeof content !== 'string') return content.value;
    problems.push(`${name} ${content}`);
    return undefined;
  };
  const names = [...files.value.keys()].filter((name) => name.startsWith('tunes/')).sort();
  const tunes = names.flatMap((name): BookTune[] => {
    const tune = read(name, 'tune');
    if (tune === undefined) return [];
    const brought = broughtUp(tune as BookTune);
    if (!brought) problems.push(`${name} is no tune of a book`);
    return brought ? [brought] : [];
  });
  const list = (name: string, field: string): readonly unknown[] => {
    const items = read(name, field);
    if (items === undefined) return [];
    if (Array.isArray(items)) return items as readonly unknown[];
    problems.push(`${name} has no list of ${field}`);
    return [];
  };
  const profile = read('profile.json', 'profile') as WholeBook['profile'];
  const book: WholeBook = {
    tunes,
    sets: list('sets.json', 'sets') as WholeBook['sets'],
    licks: list('licks.json', 'licks') as WholeBook['licks'],
    notes: list('practice/notes.json', 'notes') as WholeBook['notes'],
    sessions: list('practice/sessions.json', 'sessions') as WholeBook['sessions'],
    entries: list('practice/logbook.json', 'entries') as WholeBook['entries'],
    ...(profile && { profile }),
  };
  if (!names.length && !files.value.size) return fail('This is no book of Drop Close.');
  return ok({ book, problems });
}

function unpacked(bytes: Uint8Array): Result<ReadonlyMap<string, Uint8Array>, string> {
  const seen = { files: 0, size: 0 };
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        seen.files += 1;
        if (!OWN_FILE.test(name) || originalSize > LARGEST_FILE) return false;
        seen.size += originalSize;
        return seen.files <= MOST_FILES && seen.size <= LARGEST_WHOLE;
      },
    });
    if (seen.files > MOST_FILES || seen.size > LARGEST_WHOLE) {
      return fail('This archive holds more than any book.');
    }
    return ok(new Map(Object.entries(files)));
  } catch {
    return fail('This archive is damaged and cannot be opened.');
  }
}

/** What a file says, or why it says nothing. */
function contentOf(file: Uint8Array, field: string): { readonly value: unknown } | string {
  let content: unknown;
  try {
    content = JSON.parse(strFromU8(file));
  } catch {
    return 'is damaged and cannot be read';
  }
  const { schema, [field]: value } = (content ?? {}) as Record<string, unknown>;
  if (typeof schema === 'number' && schema > BOOK_SCHEMA) {
    return 'comes from a newer version; this one cannot read it';
  }
  return value === undefined || value === null ? `says nothing of ${field}` : { value };
}

/** A tune with its arrangements in the shape of today; `undefined` where it is none. */
function broughtUp(tune: BookTune): BookTune | undefined {
  const { id, title, text, meter, arrangements, solos } = tune as Partial<BookTune>;
  const isTune =
    [id, title, text, meter].every((each) => typeof each === 'string') &&
    Array.isArray(arrangements) &&
    Array.isArray(solos);
  if (!isTune) return undefined;
  try {
    const { chart } = readWritten({ text: tune.text, places: tune.places }, parseMeter(tune.meter));
    const written = { chart, places: tune.places };
    return {
      ...tune,
      arrangements: tune.arrangements.map((each): BookArrangement => ({
        ...each,
        setup: upgradeArrangement(each.setup, written),
      })),
    };
  } catch {
    return undefined;
  }
}
