import { midi, ticks } from '../base/units';
import { parseChart } from '../chart/parseChart';
import { keyOf } from '../analysis/base/key';
import { pitchClassOf } from '../pitch/spelling';
import { demoTexts } from '../testing/demo';
import { leadSheet, lineSheet, type SheetNote, type SheetTune } from './documents';
import { movedByOctaves, octaveOffered, outOfRange } from './inRange';
import { READER_IDS, READERS, type ReaderId } from './readers';
import type { Score } from './types';

const tune = (text: string, key: string): SheetTune => ({
  ...{ title: 'T', chart: parseChart(text).chart, key, tempo: 120, feel: 'swing' },
});
const symbols = ({ measures }: Score): string =>
  measures.flatMap(({ chords }) => chords.map(({ chord }) => chord.symbol)).join(' ');
/** "C5:72 …" in quarters. */
const line = (text: string): SheetNote[] =>
  text.split(' ').map((each, at) => {
    const [note, pitch] = each.split(':');
    return { note: note!, midi: midi(Number(pitch)), at: ticks(at * 480), length: ticks(480) };
  });
/** Written notes with their MIDI numbers. */
const written = ({ parts: [part] }: Score): string =>
  part!.measures
    .flatMap(({ voices }) => voices.flatMap(({ moments }) => moments.flatMap(({ notes }) => notes)))
    .map(({ note, midi: pitch }) => `${note}:${pitch + part!.writtenAbove}`)
    .join(' ');

describe('a part for a transposing instrument', () => {
  it('a B flat tenor reads C5 for the B flat 3 that sounds, symbols a whole step up', () => {
    const score = lineSheet(
      tune('| Bb6 Cm7 | F7 Bb6 |', 'Bb'),
      'Line',
      line('Bb:58 D:62'),
      'tenor sax',
    );
    expect(written(score)).toBe('C:72 E:76');
    expect(symbols(score)).toBe('C6 Dm7 G7 C6');
    expect(score.key).toBe('C');
  });
  it.each([
    ['trumpet', 'D', 62 + 2],
    ['clarinet', 'D', 62 + 2],
    ['alto sax', 'A', 60 + 9],
    ['tenor sax', 'D', 60 + 14],
    ['baritone sax', 'A', 60 + 21],
    ['flute', 'C', 60],
    ['trombone', 'C', 60],
    ['guitar', 'C', 72],
    ['bass', 'C', 72],
  ] as const)('%s', (reader, note, pitch) => {
    const score = lineSheet(tune('| C6 | G7 |', 'C'), 'Line', line('C:60'), reader);
    expect(written(score)).toBe(
      `${note}:${reader === 'trumpet' || reader === 'clarinet' ? 62 : pitch}`,
    );
    expect(score.parts[0]!.staves).toEqual([READERS[reader].clef]);
  });
  it('is told what lies outside its range, and offered the octave that helps', () => {
    const score = lineSheet(tune('| C6 | G7 |', 'C'), 'Line', line('E:40 G:43 C:60'), 'tenor sax');
    const [part] = score.parts;
    expect(outOfRange(part!, 'tenor sax')).toEqual([
      { measure: 0, midi: 54, way: 'too low' },
      { measure: 0, midi: 57, way: 'too low' },
    ]);
    expect(octaveOffered(part!, 'tenor sax')).toBe(1);
    expect(outOfRange(movedByOctaves(part!, 1), 'tenor sax')).toEqual([]);
  });
  it('is offered nothing where nothing is better', () => {
    const score = lineSheet(tune('| C6 |', 'C'), 'Line', line('C:60 D:62'), 'flute');
    expect(octaveOffered(score.parts[0]!, 'flute')).toBe(0);
  });
});

it('every demo tune for every reader: roots and keys move by the interval, as often as they are written', () => {
  let chords = 0;
  for (const text of demoTexts()) {
    const { chart } = parseChart(text);
    const own: SheetTune = { ...tune('', chart.header.key ?? 'C'), chart };
    const concert = leadSheet(own);
    for (const reader of READER_IDS as readonly ReaderId[]) {
      const score = leadSheet(own, reader);
      const up = (144 - READERS[reader].sounds) % 12;
      expect((keyOf(own.key).tonic + up) % 12).toBe(keyOf(score.key).tonic);
      score.measures.forEach((measure, at) => {
        measure.chords.forEach(({ chord }, position) => {
          const before = concert.measures[at]!.chords[position]!.chord;
          if (chord.kind !== 'chord' || before.kind !== 'chord') return;
          expect(pitchClassOf(chord.root)).toBe((pitchClassOf(before.root) + up) % 12);
          expect(chord.tones.map(({ degree }) => degree)).toEqual(
            before.tones.map(({ degree }) => degree),
          );
          chords += 1;
        });
      });
    }
  }
  expect(chords).toBeGreaterThan(4000);
});
