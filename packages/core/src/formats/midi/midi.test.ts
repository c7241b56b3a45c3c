import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { writeMidi as encode } from 'midi-file';
import { LARGEST_MIDI, readMidi } from './read';
import type { MidiSong } from './types';
import { writeMidi } from './write';

// eslint-disable-next-line @typescript-eslint/no-require-imports -- the package has no types
const JZZ = require('jzz') as JzzWithFiles;
// eslint-disable-next-line @typescript-eslint/no-require-imports -- as above
(require('jzz-midi-smf') as (jzz: unknown) => void)(JZZ);

interface JzzWithFiles {
  readonly MIDI: { readonly SMF: new (data: string) => { validate: () => unknown[] | undefined } };
}

const SONG: MidiSong = {
  title: 'Käpt’n, ahoi ♭',
  tempo: 138,
  meters: [
    { at: 0, meter: { beats: 3, unit: 4 } },
    { at: 1440, meter: { beats: 4, unit: 4 } },
  ],
  key: 'Ebm',
  feel: 'waltz',
  sections: [
    { at: 0, text: 'A' },
    { at: 1440, text: 'B' },
  ],
  chords: [
    { at: 0, text: 'Ebm6' },
    { at: 1440, text: 'Bb7♭9' },
  ],
  tracks: [
    {
      name: 'Comp',
      channel: 0,
      program: 26,
      notes: [
        { midi: 63, at: 0, length: 480, velocity: 72 },
        { midi: 66, at: 0, length: 480, velocity: 72 },
        { midi: 63, at: 480, length: 317, velocity: 92 },
      ],
    },
    {
      name: 'Drums',
      channel: 9,
      program: 32,
      notes: [{ midi: 51, at: 1760, length: 240, velocity: 46 }],
    },
  ],
};

const read = (bytes: Uint8Array) => {
  const result = readMidi(bytes);
  if (!result.ok) throw new Error(result.problem);
  return result.value;
};

const refusal = (bytes: Uint8Array): string => {
  const result = readMidi(bytes);
  return result.ok ? 'was read' : result.problem;
};

/** Every byte as one character, as the validator wants it. */
const binary = (bytes: Uint8Array): string =>
  Array.from(bytes, (byte) => String.fromCharCode(byte)).join('');

describe('a file of ours', () => {
  it('is read back without loss', () => {
    expect(read(writeMidi(SONG))).toEqual({ song: SONG, skipped: [] });
  });

  it('is read back without loss, whatever the notes', () => {
    const note = fc.record({
      midi: fc.integer({ min: 0, max: 127 }),
      at: fc.nat(100_000),
      length: fc.integer({ min: 1, max: 20_000 }),
      velocity: fc.integer({ min: 1, max: 127 }),
    });
    // Two notes of one pitch that overlap cannot be told apart in such a file.
    const notes = fc.uniqueArray(note, {
      minLength: 1,
      maxLength: 60,
      selector: ({ midi }) => midi,
    });
    fc.assert(
      fc.property(notes, (some) => {
        const sorted = [...some].sort((a, b) => a.at - b.at || a.midi - b.midi);
        const song = { ...SONG, tracks: [{ ...SONG.tracks[0]!, notes: sorted }] };
        expect(read(writeMidi(song)).song).toEqual(song);
      }),
      { seed: 6, numRuns: 200 },
    );
  });

  it('is valid to jzz-midi-smf', () => {
    expect(new JZZ.MIDI.SMF(binary(writeMidi(SONG))).validate() ?? []).toEqual([]);
  });

  it('is read by python3-mido with the same notes, ticks, tempo, key, meter and feel', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'drop-close-')), 'song.mid');
    writeFileSync(file, writeMidi(SONG));
    const script = `
import json, mido, sys
song = mido.MidiFile(sys.argv[1], charset='utf-8')
found = {'ticks': song.ticks_per_beat, 'meters': [], 'notes': [], 'texts': [], 'names': []}
for track in song.tracks:
    at, on = 0, {}
    for m in track:
        at += m.time
        if m.type == 'set_tempo': found['tempo'] = round(mido.tempo2bpm(m.tempo))
        if m.type == 'key_signature': found['key'] = m.key
        if m.type == 'time_signature': found['meters'].append([at, m.numerator, m.denominator])
        if m.type in ('marker', 'text', 'cue_marker'): found['texts'].append([at, m.type, m.text])
        if m.type == 'track_name': found['names'].append(m.name)
        if m.type == 'note_on': on[m.note] = (at, m.velocity)
        if m.type == 'note_off': found['notes'].append([m.channel, m.note, on[m.note][0], at - on[m.note][0], on[m.note][1]])
print(json.dumps(found))`;
    const found: unknown = JSON.parse(
      execFileSync('/usr/bin/python3', ['-c', script, file], { encoding: 'utf8' }),
    );
    expect(found).toEqual({
      ticks: 480,
      tempo: 138,
      key: 'Ebm',
      meters: [
        [0, 3, 4],
        [1440, 4, 4],
      ],
      texts: [
        [0, 'cue_marker', 'waltz'],
        [0, 'marker', 'A'],
        [0, 'text', 'Ebm6'],
        [1440, 'marker', 'B'],
        [1440, 'text', 'Bb7♭9'],
      ],
      names: ['Käpt’n, ahoi ♭', 'Comp', 'Drums'],
      notes: [
        [0, 63, 0, 480, 72],
        [0, 66, 0, 480, 72],
        [0, 63, 480, 317, 92],
        [9, 51, 1760, 240, 46],
      ],
    });
  });

  it.each(['C', 'F#', 'Gb', 'Db', 'B', 'Am', 'G#m', 'Bbm', 'D#m', 'Ebm'])(
    'keeps the key of %s',
    (key) => {
      expect(read(writeMidi({ ...SONG, key })).song.key).toBe(key);
    },
  );
});

describe('a file from elsewhere', () => {
  it('comes out in ticks of 480 a quarter, whatever its own', () => {
    const bytes = encode({
      header: { format: 0, numTracks: 1, ticksPerBeat: 96 },
      tracks: [
        [
          { deltaTime: 48, type: 'noteOn', channel: 3, noteNumber: 60, velocity: 80 },
          { deltaTime: 24, type: 'noteOn', channel: 3, noteNumber: 60, velocity: 0 },
          { deltaTime: 0, type: 'endOfTrack' },
        ],
      ],
    });
    const { song } = read(Uint8Array.from(bytes));
    expect(song.tracks).toEqual([
      {
        name: '',
        channel: 3,
        program: 0,
        notes: [{ midi: 60, at: 240, length: 120, velocity: 80 }],
      },
    ]);
    expect([song.tempo, song.key]).toEqual([120, undefined]);
  });

  it('is told what was passed over', () => {
    const bytes = encode({
      header: { format: 0, numTracks: 1, ticksPerBeat: 480 },
      tracks: [
        [
          { deltaTime: 0, type: 'setTempo', microsecondsPerBeat: 0 },
          { deltaTime: 0, type: 'setTempo', microsecondsPerBeat: 500_000 },
          { deltaTime: 0, type: 'setTempo', microsecondsPerBeat: 400_000 },
          { deltaTime: 0, type: 'pitchBend', channel: 0, value: 10 },
          { deltaTime: 0, type: 'noteOn', channel: 0, noteNumber: 60, velocity: 80 },
          { deltaTime: 100, type: 'noteOff', channel: 0, noteNumber: 60, velocity: 0 },
          { deltaTime: 0, type: 'endOfTrack' },
        ],
      ],
    });
    const { song, skipped } = read(Uint8Array.from(bytes));
    expect(song.tempo).toBe(120);
    expect(skipped).toEqual([
      '1 changes of tempo: the line follows the tempo of the tune.',
      'A tempo of 0 makes no sense and was passed over.',
      '1 bends of pitch.',
    ]);
  });

  it('may have 200 tracks; the first 64 are read', () => {
    const tracks = Array.from({ length: 200 }, () => SONG.tracks[0]!);
    const { song, skipped } = read(writeMidi({ ...SONG, tracks }));
    expect(song.tracks).toHaveLength(63);
    expect(skipped).toEqual(['Only the first 64 of 201 tracks were read.']);
  });
});

describe('a file that is no use', () => {
  const whole = writeMidi(SONG);
  it('is refused where it is cut off, wherever that is', () => {
    for (let bytes = 15; bytes < whole.length; bytes += 1) {
      expect(refusal(whole.slice(0, bytes))).toMatch(/cut off or damaged|no notes/);
    }
  });
  it('is refused where it has no notes', () => {
    expect(refusal(writeMidi({ ...SONG, tracks: [] }))).toBe(
      'There are no notes in this MIDI file.',
    );
  });
  it('is refused where it counts in film frames', () => {
    const smpte = Uint8Array.from(whole);
    smpte.set([0xe7, 0x28], 12);
    expect(refusal(smpte)).toMatch(/film frames \(SMPTE\)/);
  });
  it('is refused where it is far too large, or something else', () => {
    expect(refusal(new Uint8Array(10_000_000))).toMatch(/10 MB/);
    expect(refusal(new TextEncoder().encode('<score-partwise/> is no MIDI'))).toMatch(/MThd/);
    expect(refusal(new Uint8Array(0))).toMatch(/MThd/);
    expect(LARGEST_MIDI).toBeLessThan(10_000_000);
  });
  it('never throws, whatever the bytes', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 300 }), (tail) => {
        const bytes = Uint8Array.from([...whole.slice(0, 22), ...tail]);
        expect(typeof readMidi(bytes).ok).toBe('boolean');
      }),
      { seed: 7, numRuns: 500 },
    );
  });
});
