import { midi } from '../base/units';
import type { MidiSong, MidiTrack } from './midi/types';
import { writeMidi } from './midi/write';
import { readSoloFile } from './soloFile';

const track = (name: string, channel: number, ...pitches: number[]): MidiTrack => ({
  name,
  channel,
  program: 0,
  notes: pitches.map((pitch, at) => ({ midi: pitch, at: at * 480, length: 480, velocity: 90 })),
});
const file = (...tracks: MidiTrack[]): Uint8Array => {
  const meters = [{ at: 0, meter: { beats: 4, unit: 4 } }];
  const song: MidiSong = {
    ...{ title: 'Slack Water', tempo: 120, key: 'C', meters, sections: [], chords: [], tracks },
  };
  return writeMidi(song);
};
const read = (...tracks: MidiTrack[]) => {
  const result = readSoloFile(file(...tracks));
  if (!result.ok) throw new Error(result.problem);
  return result.value;
};

describe('a solo out of a MIDI file with several tracks', () => {
  it('is the track that is called so, whatever lies higher', () => {
    const { name, line, skipped } = read(track('Flute', 0, 90), track('Tenor solo', 1, 60));
    expect(name).toBe('Tenor solo');
    expect(line).toMatchObject({ written: false, notes: [{ midi: midi(60), at: 0, length: 480 }] });
    expect(skipped).toEqual(['1 other track: taken was Tenor solo.']);
  });
  it('is else the highest, never the drums', () => {
    const taken = read(track('Bass', 1, 40), track('Horn', 2, 70), track('Kit', 9, 80));
    expect(taken.name).toBe('Horn');
    expect(taken.skipped).toEqual(['2 other tracks: taken was Horn.']);
  });
  it('takes the title where the track has no name', () => {
    expect(read(track('', 0, 60))).toMatchObject({ name: 'Slack Water', skipped: [] });
  });
  it('is refused where it has more notes than a solo, with how many', () => {
    const long = track('Tenor', 0, ...Array.from({ length: 10_001 }, () => 60));
    expect(readSoloFile(file(long))).toEqual({
      ok: false,
      problem:
        'This line has 10001 notes; a solo line has up to 10000. Cut the file into choruses.',
    });
  });
  it('has a name that can be stored, whatever the file says', () => {
    expect(read(track('Tenor\u0001 solo', 0, 60)).name).toBe('Tenor solo');
  });
  it('is refused where there are only drums', () => {
    expect(readSoloFile(file(track('Kit', 9, 51)))).toEqual({
      ok: false,
      problem: 'There are only drums in this MIDI file, no line.',
    });
  });
});
