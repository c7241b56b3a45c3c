import { defaultArrangement } from '../../arrangement/stored/defaults';
import { formatMeter } from '../../chart/meter';
import { parseChart } from '../../chart/parseChart';
import { createTuneReader } from '../../choruses/tuneReader';
import { createConnector } from '../../connect/connect';
import { demoTexts } from '../../testing/demo';
import { INSTRUMENT_IDS, type InstrumentId } from '../../voicing/base/instruments';
import { defaultInstruments } from '../../voicing/data';
import { noteInKey } from '../../analysis/base/key';
import { noteOf } from '../../pitch/spelling';
import { midi } from '../../base/units';
import { ledgerLines } from '../staff';
import type { Score } from '../types';
import { READER_IDS, READERS, type ReaderId } from '../readers';
import { tuneSheet } from './sheetOf';
import { isForReaders, SET_KINDS, usualReader } from './types';

/** All readers once; for the other instruments one of each clef and one that is transposed. */
const READERS_OF: Readonly<Record<InstrumentId, readonly ReaderId[]>> = {
  guitar: READER_IDS,
  ukulele: ['concert', 'bass', 'tenor sax'],
  keyboard: ['concert', 'bass', 'tenor sax'],
};

/** Notes with double flats or sharps, and slashes with a sign. */
const hardToRead = ({ key, parts: [part] }: Score) =>
  part!.measures.flatMap(({ voices }) =>
    voices.flatMap(({ moments }) =>
      moments.flatMap(({ slashed, notes }) =>
        notes.filter(({ note }) =>
          slashed ? note !== noteInKey('B', key) : Math.abs(noteOf(note).accidental) > 1,
        ),
      ),
    ),
  );

/** Every demo tune as it is read, with what its documents are headed by. */
const demoTunes = () =>
  demoTexts().map((text) => {
    const { header, meter } = parseChart(text).chart;
    const { title = '', key = 'C', feel = 'swing', tempo = 120 } = header;
    const places = { transposed: 0, sections: [] };
    const reading = createTuneReader()({ text, places, meter: formatMeter(meter), key });
    return { reading, title, key, feel, tempo };
  });

it.each([
  // The lowest string of a guitar is written with three; two octaves of keys in one clef need four, and B sharp one more.
  ['guitar', 'guitar', 3],
  ['ukulele', 'concert', 1],
  ['keyboard', 'concert', 5],
] as const)(
  'lines to be practised on %s are read by %s, with %i ledger lines at most',
  (instrument, reader, most) => {
    let notes = 0;
    for (const { reading, ...head } of demoTunes()) {
      const setup = { ...defaultArrangement, instrument };
      const question = { setup, instruments: defaultInstruments, ...head };
      for (const kind of ['roots', 'arpeggios', 'guide tones'] as const) {
        expect(usualReader(kind, instrument)).toBe(reader);
        const sheet = tuneSheet(question, reading, createConnector(), {
          ...{ ...head, kind, reader, octaves: 0, numbers: false, school: 'by function' },
        });
        const { staves, measures, writtenAbove } = sheet!.score.parts[0]!;
        const clef = staves[0] === 'bass' ? 'bass' : 'treble';
        for (const { note, midi: sounds } of measures.flatMap(({ voices }) =>
          voices.flatMap(({ moments }) => moments.flatMap((moment) => moment.notes)),
        )) {
          const written = { note, midi: midi(sounds + writtenAbove) };
          expect(ledgerLines(written, clef)).toBeLessThanOrEqual(most);
          notes += 1;
        }
      }
    }
    expect(notes).toBeGreaterThan(3000);
  },
);

it('other documents are read in concert pitch where nobody is chosen', () => {
  for (const kind of ['lead sheet', 'melody', 'solo line', 'scales', 'voicings'] as const) {
    for (const instrument of INSTRUMENT_IDS) expect(usualReader(kind, instrument)).toBe('concert');
  }
});

it.each(INSTRUMENT_IDS)(
  'on %s every demo tune has every document of a set, for every reader, and tells every note out of range',
  (instrument) => {
    const connector = createConnector();
    let sheets = 0;
    for (const { reading, title, key, feel, tempo } of demoTunes()) {
      const setup = { ...defaultArrangement, instrument };
      const question = { setup, instruments: defaultInstruments, feel, tempo };
      for (const kind of SET_KINDS) {
        const readers = isForReaders(kind) ? READERS_OF[instrument] : (['concert'] as const);
        for (const reader of readers) {
          const sheet = tuneSheet(question, reading, connector, {
            ...{ title, key, tempo, feel, kind, reader, octaves: 0 },
            ...{ numbers: true, school: 'by function' },
          });
          const [part] = sheet?.score.parts ?? [];
          expect([title, kind, reader, part?.measures.length]).toEqual([
            ...[title, kind, reader, sheet?.score.measures.length],
          ]);
          expect(hardToRead(sheet!.score)).toEqual([]);
          if (isForReaders(kind)) {
            const { low, high } = READERS[reader];
            const written = part!.measures.flatMap(({ voices }) =>
              voices.flatMap(({ moments }) =>
                moments.flatMap(({ slashed, notes }) => (slashed ? [] : notes)),
              ),
            );
            const isOut = ({ midi }: { midi: number }): boolean => {
              const at = midi - READERS[reader].sounds;
              return at < low || at > high;
            };
            // A note that is tied over a bar line is told once.
            const out = written.filter((note) => !note.tiedFrom && isOut(note));
            expect(sheet!.outside).toHaveLength(out.length);
          }
          sheets += 1;
        }
      }
    }
    expect(sheets).toBe(12 * (5 * READERS_OF[instrument].length + 3));
  },
);
