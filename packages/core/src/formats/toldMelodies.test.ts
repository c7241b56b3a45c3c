/**
 * Melodies of our own, written as MusicXML, and what every note of them is on its chord: pencilled in by hand before the
 * engine was asked. Source of the terms: common practice.
 */
import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { analyzeChart } from '../analysis/analyzeChart';
import type { ToldNote } from '../analysis/melody';
import { sayNote } from '../comp/solo/sayNote';
import { tellLine, type ToldLine } from '../comp/solo/tellLine';
import { readSoloFile } from './soloFile';

const NOTE = /^([A-G])([b#]?)(\d)\/(\d+)$/;

/** Bars of notes as `Bb4/2`, with lengths in eighths; `-/2` is a rest. */
function scoreOf(meter: string, bars: string): Uint8Array {
  const [beats, unit] = meter.split('/');
  const measures = bars.split('|').map((bar, at) => {
    const notes = bar
      .trim()
      .split(' ')
      .map((word) => {
        const [, step, sign, octave, length] = NOTE.exec(word) ?? [];
        if (!step) return `<note><rest/><duration>${word.slice(2)}</duration></note>`;
        const alter = sign ? `<alter>${sign === 'b' ? -1 : 1}</alter>` : '';
        const pitch = `<pitch><step>${step}</step>${alter}<octave>${octave}</octave></pitch>`;
        return `<note>${pitch}<duration>${length}</duration></note>`;
      });
    const time = `<time><beats>${beats}</beats><beat-type>${unit}</beat-type></time>`;
    const begin = at ? '' : `<attributes><divisions>2</divisions>${time}</attributes>`;
    return `<measure number="${at + 1}">${begin}${notes.join('')}</measure>`;
  });
  const list =
    '<part-list><score-part id="P1"><part-name>Tenor</part-name></score-part></part-list>';
  const part = `<part id="P1">${measures.join('')}</part>`;
  const text = `<score-partwise version="4.0">${list}${part}</score-partwise>`;
  return new TextEncoder().encode(text);
}

function told(changes: string, meter: string, bars: string): ToldLine {
  const read = readSoloFile(scoreOf(meter, bars));
  if (!read.ok) throw new Error(read.problem);
  expect(read.value.meter).toBe(meter);
  const { chart } = parseChart(changes);
  return tellLine(read.value.line.notes, timeline(chart), analyzeChart(chart).chords);
}

const pencilled = ({
  degree,
  part,
  avoid,
  approach,
  sevenToThree,
  foreshadows,
}: ToldNote): string =>
  [
    degree ?? '-',
    part === 'outside' ? 'out' : avoid ? 'avoid' : '',
    approach
      ? `${approach.encloses ? 'enc' : 'app'}${approach.from === 'above' ? '>' : '<'}${approach.semitones}`
      : '',
    sevenToThree ? '7-3' : '',
    foreshadows ? `early ${foreshadows}` : '',
  ]
    .filter(Boolean)
    .join(' ');

const MAJOR = [
  'key: F\n| Gm7 | C7 | Fmaj7 | % |',
  '4/4',
  'D5/2 Bb4/2 G4/2 F4/2 | E4/2 G4/2 Bb4/1 B4/1 C5/2 | A4/4 G#4/1 Bb4/1 A4/2 | G4/4 F4/4',
] as const;
const WALTZ = [
  'key: Dm\nmeter: 3/4\n| Em7b5 | A7b9 | Dm6 | N.C. |',
  '3/4',
  'Bb4/2 A4/2 G4/2 | F4/2 E4/2 C#4/2 | E4/2 D4/4 | A4/6',
] as const;
const EARLY = ['key: C\n| Dm7 G7 | Cmaj7 |', '4/4', '-/2 A4/1 G4/1 F4/2 E4/2 | E4/4 -/4'] as const;

it.each([
  [
    'in F: 7 to 3, a half step up to the root, the 3 enclosed',
    MAJOR,
    '5, b3, R, b7 7-3, 3, 5, b7, 7 out app<1, R, 3, #9 out enc<1, 11 avoid enc>1, 3, 9 app>2, R',
  ],
  [
    'a waltz in D minor: the tonic enclosed across the bar line, and a bar of N.C.',
    WALTZ,
    'b5, 11 app>2, b3, b13 app>1, 5, 3 enc<1, 9 enc>2, R, -',
  ],
  [
    'in C: the root and the 3 of the next chord come early',
    EARLY,
    '5, 11 app>2 early R, b7, 13 early 3, 3',
  ],
] as const)('%s', (_, [changes, meter, bars], expected) => {
  expect(told(changes, meter, bars).told.map(pencilled).join(', ')).toBe(expected);
});

it('a phrase says how much of it stands on its chords (counted by hand)', () => {
  expect(told(...MAJOR).phrases).toEqual([
    {
      ...{ fromBar: 1, toBar: 4, first: 0, last: 14 },
      ...{ strong: { tones: 6, of: 8 }, targets: 3, resolved: 1, outside: 2 },
    },
  ]);
  expect(told(...WALTZ).phrases).toEqual([
    {
      ...{ fromBar: 1, toBar: 4, first: 0, last: 8 },
      ...{ strong: { tones: 1, of: 3 }, targets: 3, resolved: 0, outside: 0 },
    },
  ]);
});

it('every note is said in a sentence of its own', () => {
  const major = told(...MAJOR);
  expect(major.notes.map((_, at) => sayNote(major, at))).toEqual([
    '5 of Gm7',
    '♭3 of Gm7',
    'root of Gm7',
    '♭7 of Gm7, falls to the 3 of C7',
    '3 of C7',
    '5 of C7',
    '♭7 of C7',
    'outside C7, its 7, leads to the root from a half step below',
    'root of C7',
    '3 of Fmaj7',
    'outside Fmaj7, its ♯9, encloses the 3 from a half step below',
    '11 over Fmaj7, to pass and not to hold, encloses the 3 from a half step above',
    '3 of Fmaj7',
    '9 over Fmaj7, leads to the root from a whole step above',
    'root of Fmaj7',
  ]);
  const early = told(...EARLY);
  expect(sayNote(early, 1)).toBe(
    '11 over Dm7, leads to the ♭7 of G7 from a whole step above, early: the root of G7',
  );
});

it('a line with notes that no chord sounds under says where, and one of chords keeps its top voice', () => {
  expect(told(...WALTZ).problems).toEqual([
    '1 note in bar 4 without a chord: only the name is told.',
  ]);
  const { chart } = parseChart('key: C\n| C6 | F6 |');
  const struck = [60, 64, 67].map((pitch) => ({ midi: pitch, at: 0, length: 480, velocity: 80 }));
  const line = tellLine(struck as never, timeline(chart), analyzeChart(chart).chords);
  expect(line.told.map(({ degree }) => degree)).toEqual(['5']);
  expect(line.problems).toEqual([
    '2 notes struck under another at the same time: only the top voice is told.',
  ]);
});

it('a line of several choruses is told against the changes each time through', () => {
  const bars = 'D4/8 | G4/8 | A4/8 | B4/8';
  const twice = told('key: C\n| Dm7 | G7 |', '4/4', bars);
  expect(twice.told.map(pencilled)).toEqual(['R', 'R', '5', '3']);
  expect(twice.bars.map(({ number }) => number)).toEqual([1, 2, 3, 4]);
});
