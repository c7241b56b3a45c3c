import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { midi, ticks } from '../base/units';
import { leadSheet, lineSheet, voicingsSheet } from '../score/documents';
import { defaultGuitar, defaultKeyboard } from '../index';
import { readMidi } from './midi/read';
import { writeMidi } from './midi/write';
import { songOfScore } from './songOfScore';

const head = { title: 'Rope', key: 'C', tempo: 96, feel: 'swing' } as const;
const sound = { part: 'solo', instrument: 'guitar' } as const;
const note = (pitch: number, name: string, at: number, length: number) => ({
  ...{ midi: midi(pitch), note: name, at: ticks(at), length: ticks(length) },
});

it('a line is in the file where it is written; what is tied over the bar line sounds once', () => {
  const { chart } = parseChart('[A] | Dm7 | G7 |');
  const score = lineSheet({ ...head, chart }, 'Line', [note(65, 'F', 1440, 960)]);
  const song = songOfScore(score, sound)!;
  expect(song.tracks[0]!.notes).toEqual([{ midi: 65, at: 1440, length: 960, velocity: 84 }]);
  expect(song.chords).toEqual([
    { at: 0, text: 'Dm7' },
    { at: 1920, text: 'G7' },
  ]);
  expect(song.sections).toEqual([{ at: 0, text: 'A' }]);
  const read = readMidi(writeMidi(song));
  expect(read.ok && read.value.song.tempo).toBe(96);
});

it('a chart in slashes has nothing to sound', () => {
  const { chart } = parseChart('| Dm7 | G7 |');
  expect(songOfScore(leadSheet({ ...head, chart }), sound)).toBeUndefined();
});

it('a pickup comes first, in a bar of its own length', () => {
  const { chart } = parseChart('pickup: 1\n| G7 | C6 | F7 |');
  const score = lineSheet({ ...head, chart }, 'Line', [note(67, 'G', -480, 480)]);
  const song = songOfScore(score, sound)!;
  const first = score.measures[0]!;
  expect(first.number).toBe(0);
  expect(song.tracks[0]!.notes[0]!.at).toBe(first.length - 480);
  expect(song.meters.map(({ at, meter }) => [at, meter.beats])).toEqual([
    [0, first.length / 480],
    [first.length, 4],
  ]);
});

it.each([
  ['guitar', defaultGuitar],
  ['keyboard', defaultKeyboard],
] as const)('of voicings on %s both staves sound, tab adds nothing', (name, instrument) => {
  const { chart } = parseChart('| C |');
  const time = timeline(chart);
  const notes = [
    { midi: midi(48), note: 'C', degree: 'R', string: 5, fret: 3, hand: 'left' },
    { midi: midi(64), note: 'E', degree: '3', string: 2, fret: 5, hand: 'right' },
  ];
  const path = [{ family: 'shell', notes } as never];
  const score = voicingsSheet(head, { name: 'Voicings', instrument, timeline: time, path });
  const song = songOfScore(score, { part: 'comp', instrument: name })!;
  expect(song.tracks[0]!.notes.map((each) => each.midi)).toEqual([48, 64]);
});
