import { timeline } from '../chart/timeline';
import { parseChart } from '../chart/parseChart';
import { pitchClassOf, type NoteName } from '../pitch/spelling';
import { random } from '../testing/random';
import { analyzeChart } from './analyzeChart';
import { melodyChords, tellMelody, type MelodyNote, type ToldNote } from './melody';

const OCTAVE = 12;

/** Notes as `E4/2`: name, octave, quarters; a dash is a rest. They follow each other from bar 1. */
function lineOf(text: string): MelodyNote[] {
  let at = 0;
  return text.split(' ').flatMap((word) => {
    const [, name, octave, length] = /^([A-G][b#]*|-)(\d?)\/([\d.]+)$/.exec(word)!;
    const begins = at;
    at += Number(length);
    if (name === '-') return [];
    const midi = pitchClassOf(name as NoteName) + OCTAVE * (Number(octave) + 1);
    return [{ midi, at: begins, length: Number(length) }];
  });
}

function told(changes: string, line: string): ToldNote[] {
  const { chart } = parseChart(changes);
  return tellMelody(lineOf(line), melodyChords(timeline(chart).events, analyzeChart(chart).chords));
}

/** What a note is, in one word or two, as one would pencil it under the staff. */
const pencilled = (note: ToldNote): string =>
  [
    note.degree ?? '-',
    note.part === 'outside' ? 'out' : note.avoid ? 'avoid' : undefined,
    note.approach &&
      `${note.approach.encloses ? 'enc' : 'app'}${note.approach.from === 'above' ? '>' : '<'}${note.approach.semitones}`,
    note.sevenToThree && '7-3',
    note.foreshadows && `early ${note.foreshadows}`,
  ]
    .filter(Boolean)
    .join(' ');

describe('a line against its chords (common practice, pencilled in by hand first)', () => {
  it.each([
    [
      'chord tones, 7 to 3 across each change, an enclosure of the 3',
      'key: C\n| Dm7 | G7 | Cmaj7 |',
      'D4/1 F4/1 A4/1 C5/1 B4/1 A4/1 F4/1 D#4/1 E4/2 G4/2',
      'R, b3, 5, b7 7-3, 3, 9, b7 enc>1, b13 out enc<1, 3, 5',
    ],
    [
      '7 to 3 by a whole step in minor, and the b9 that falls to 5',
      'key: Cm\n| Dm7b5 | G7b9 | Cm6 |',
      'C5/4 B4/2 Ab4/1 F4/1 Eb4/2 G4/2',
      'b7 7-3, 3, b9, b7 7-3, b3, 5',
    ],
    [
      'a note of the scale that is not for holding, on its way down',
      'key: C\n| Cmaj7 |',
      'G4/1 F4/1 E4/2',
      '5, 11 avoid app>1, 3',
    ],
    [
      'the next 3 comes early',
      'key: C\n| G7 | Cmaj7 |',
      'D4/2 F4/1 E4/1 E4/4',
      '5, b7, 13 early 3, 3',
    ],
    [
      'approaches from outside by a half step below, and the 5 and 9 round the next third',
      'key: F\n| Fmaj7 | Gm7 |',
      'G#3/1 A3/1 B3/1 C4/1 A3/2 Bb3/2',
      '#9 out app<1, 3, #11 out app<1, 5 enc>2, 9 enc<1, b3',
    ],
    ['over N.C. and past the end', 'key: C\n| C6 | N.C. |', 'E4/4 E4/4 E4/4', '3, -, -'],
  ])('%s', (_, changes, line, expected) => {
    expect(told(changes, line).map(pencilled).join(', ')).toBe(expected);
  });
  it('tells which chord each note stands on, and which note an approach goes to', () => {
    const [first, second] = told('key: C\n| Dm7 G7 |', 'D#4/2 E4/1 F4/1');
    expect(first).toMatchObject({ chord: 0, part: 'outside' });
    expect(second).toMatchObject({ chord: 1, approach: { to: 2, from: 'below', semitones: 1 } });
  });
  it('says nothing of no notes, or of no chords', () => {
    expect(tellMelody([], [])).toEqual([]);
    expect(tellMelody(lineOf('C4/1'), [])).toEqual([{ part: 'no chord' }]);
  });
});

it('what is told of any line holds (property, 4,000 notes, seed 29)', () => {
  const next = random(29);
  const { chart } = parseChart(
    'key: Eb\n| Ebmaj7 Cm7 | Fm7 Bb7b9 | Gm7b5 C7alt | Fm9 E7 | Eb6 N.C. |',
  );
  const chords = melodyChords(timeline(chart).events, analyzeChart(chart).chords);
  const counts = { tones: 0, approaches: 0, enclosures: 0, early: 0, falls: 0 };
  for (let line = 0; line < 200; line += 1) {
    const notes = Array.from({ length: 20 }, (_, at) => ({
      midi: 60 + Math.floor(next() * 14),
      at,
      length: 1,
    }));
    tellMelody(notes, chords).forEach((note, at) => {
      const { midi } = notes[at]!;
      const here = chords[note.chord ?? -1]?.chord;
      const has = (index: number, pitch: number): boolean =>
        !!chords[index]?.chord?.tones.some((tone) => pitchClassOf(tone.note) === pitch % OCTAVE);
      expect(note.part === 'chord tone').toBe(!!here && has(note.chord!, midi));
      if (note.part === 'chord tone') counts.tones += 1;
      if (note.approach) {
        const { to, from, semitones, encloses } = note.approach;
        expect(notes[to]!.midi - midi).toBe(from === 'below' ? semitones : -semitones);
        expect(to - at).toBeLessThanOrEqual(encloses ? 2 : 1);
        counts[encloses ? 'enclosures' : 'approaches'] += 1;
      }
      if (note.foreshadows) {
        expect(has(note.chord! + 1, midi)).toBe(true);
        expect(note.part).not.toBe('chord tone');
        counts.early += 1;
      }
      if (note.sevenToThree) {
        expect([1, 2]).toContain(midi - notes[at + 1]!.midi);
        counts.falls += 1;
      }
    });
  }
  for (const count of Object.values(counts)) expect(count).toBeGreaterThan(5);
});
