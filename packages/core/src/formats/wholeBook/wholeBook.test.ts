import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { defaultArrangement } from '../../arrangement/stored/defaults';
import { frameOf } from '../../arrangement/stored/placedLine';
import { positionsIn } from '../../arrangement/stored/positions';
import { storeArrangement } from '../../arrangement/stored/store';
import { midi, ticks } from '../../base/units';
import { formatMeter, parseMeter } from '../../chart/meter';
import { firstWritten, readWritten } from '../../chart/places/written';
import { parseChart } from '../../chart/parseChart';
import { demoTexts } from '../../testing/demo';
import { compareBooks } from './compareBooks';
import { readBook } from './readBook';
import type { BookTune, WholeBook } from './types';
import { writeBook } from './writeBook';

const uuid = (number: number): string =>
  `00000000-0000-4000-8000-${String(number).padStart(12, '0')}`;

function tuneOf(text: string, number: number): BookTune {
  const { header, meter } = parseChart(text).chart;
  const written = firstWritten(text, meter);
  const { chart } = readWritten(written, meter);
  const positions = positionsIn(chart, written.places);
  const note = { midi: midi(60), at: ticks(0), length: ticks(480), velocity: 80 };
  return {
    ...{ id: uuid(number), title: header.title ?? 'x', text, places: written.places },
    ...{ key: header.key ?? 'C', meter: formatMeter(meter), tempo: 120, feel: 'swing' },
    arrangements: [
      {
        id: uuid(100 + number),
        name: 'First',
        setup: storeArrangement(defaultArrangement, positions),
      },
    ],
    solos: [
      {
        ...{ id: uuid(200 + number), name: 'Tenor', over: frameOf(positions) },
        line: { notes: [note], written: true },
      },
    ],
  };
}

const book: WholeBook = {
  tunes: demoTexts().map((text, at) => tuneOf(text, at)),
  sets: [{ id: uuid(300), name: 'Ferry 縄', tuneIds: [uuid(1), uuid(0)], day: '2026-12-04' }],
  licks: [{ id: uuid(400), name: 'Call', key: 'C', notes: 'C4 D4', answer: '. x' }],
  notes: [
    { id: uuid(501), item: 'x', kind: 'review', at: 2, grade: 'good', tempo: 120 },
    { id: uuid(500), item: '=HYPERLINK("x")', kind: 'review', at: 1, grade: 'again' },
  ],
  sessions: [],
  entries: [{ id: uuid(600), day: '2026-11-29', minutes: 12.5, what: 'Shells' }],
};

const read = (bytes: Uint8Array) => {
  const result = readBook(bytes);
  if (!result.ok) throw new Error(result.problem);
  return result.value;
};

it('a book is the same book after it was written and read, and the same file when it is written again', () => {
  const bytes = writeBook(book);
  const { book: again, problems } = read(bytes);
  expect(problems).toEqual([]);
  expect(again.tunes).toEqual(book.tunes);
  expect(again.sets).toEqual(book.sets);
  expect(again.entries).toEqual(book.entries);
  expect(again.notes.map(({ at }) => at)).toEqual([1, 2]);
  expect(Buffer.compare(Buffer.from(writeBook(again)), Buffer.from(bytes))).toBe(0);
});

it('an archive can be read by other programs: charts as text and MusicXML, an index, reviews that are no formulas', () => {
  const files = unzipSync(writeBook(book));
  const names = Object.keys(files);
  expect(names.filter((name) => name.endsWith('chart.txt'))).toHaveLength(12);
  expect(names.filter((name) => name.endsWith('chart.musicxml'))).toHaveLength(12);
  const blues = strFromU8(files['tunes/01 Bilge Lamp Blues/chart.txt']!);
  expect(parseChart(blues).problems).toEqual([]);
  const index = strFromU8(files['index.txt']!);
  for (const { title } of book.tunes) expect(index).toContain(title);
  expect(strFromU8(files['practice/reviews.csv']!)).toContain(`'=HYPERLINK`);
});

it('names of any script, of signs and of nothing make folders that every disk takes', () => {
  const odd = ['縄の歌', '../../etc', 'a/b:c*?"<>|', '...', '\u0007'].map((title, at) => ({
    ...book.tunes[0]!,
    ...{ id: uuid(900 + at), title },
  }));
  const folders = Object.keys(unzipSync(writeBook({ ...book, tunes: odd })))
    .filter((name) => name.endsWith('tune.json'))
    .map((name) => name.split('/')[1]);
  expect(folders).toEqual(['1 縄の歌', '2 .. .. etc', '3 a b c', '4 tune', '5 tune']);
});

it('what is new, the same and different is told', () => {
  const [first, second, ...rest] = book.tunes;
  const here = { ...book, tunes: [{ ...first!, tempo: 99 }, second!], licks: [] };
  const told = compareBooks(book, here).map(({ kind, standing }) => `${kind} ${standing}`);
  expect(told.slice(0, 3)).toEqual(['tunes different', 'tunes same', 'tunes new']);
  expect(told.filter((each) => each === 'tunes new')).toHaveLength(rest.length);
  expect(told.slice(-2)).toEqual(['sets same', 'licks new']);
});

describe('what is damaged is told, and the rest is read', () => {
  const files = unzipSync(writeBook(book));
  const tune = 'tunes/01 Bilge Lamp Blues/tune.json';
  it('a tune that is cut off, of a newer version, or none', () => {
    const cut = { ...files, [tune]: files[tune]!.slice(0, 200) };
    expect(read(zipSync(cut))).toMatchObject({
      problems: [`${tune} is damaged and cannot be read`],
      book: { tunes: expect.arrayContaining([book.tunes[1]!]) as unknown },
    });
    const newer = { ...files, 'sets.json': strToU8('{"schema":2,"sets":[]}') };
    expect(read(zipSync(newer)).problems).toEqual([
      'sets.json comes from a newer version; this one cannot read it',
    ]);
    const none = { ...files, [tune]: strToU8('{"schema":1,"tune":{"id":4}}') };
    expect(read(zipSync(none)).problems).toEqual([`${tune} is no tune of a book`]);
  });
  it('an archive that is cut off, of something else, or that grows beyond measure', () => {
    const bytes = writeBook(book);
    const refused = (own: Uint8Array): string => {
      const result = readBook(own);
      return result.ok ? 'was read' : result.problem;
    };
    expect(refused(bytes.slice(0, bytes.length - 50))).toMatch(/damaged/);
    expect(refused(zipSync({ 'a.txt': strToU8('x') }))).toMatch(/no book of Drop Close/);
    expect(refused(strToU8('hello'))).toMatch(/damaged/);
    const bomb = Object.fromEntries(
      Array.from({ length: 25 }, (_, at) => [`tunes/${at}/tune.json`, new Uint8Array(19_000_000)]),
    );
    expect(refused(zipSync(bomb, { level: 1 }))).toMatch(/more than any book/);
  });
  it('a meter that is none, and places that fit nothing, are no reason to stop', () => {
    const odd = { ...book.tunes[0]!, meter: 'x', places: 4 };
    const own = { ...files, [tune]: strToU8(JSON.stringify({ schema: 1, tune: odd })) };
    expect(read(zipSync(own)).book.tunes.length).toBeGreaterThanOrEqual(11);
    expect(parseMeter('x')).toBeUndefined();
  });
});
