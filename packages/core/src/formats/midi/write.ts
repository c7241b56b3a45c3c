/**
 * Standard MIDI Files, format 1: a first track with title, tempo, meter, key, feel as a cue, sections as markers and
 * chord symbols as text; then a track for each part. Source: Standard MIDI Files 1.0.
 */
import { strToU8 } from 'fflate';
import { writeMidi as encode, type MidiEvent } from 'midi-file';
import { keyOf, signatureOf } from '../../analysis/base/key';
import { TICKS_PER_QUARTER } from '../../comp/base/time';
import type { MidiNote, MidiSong, MidiText, MidiTrack } from './types';

const MICROSECONDS_A_MINUTE = 60_000_000;

/** An event at a moment of the file. Of two at one moment the one with the lower rank comes first. */
interface Timed {
  readonly at: number;
  readonly rank: number;
  readonly event: Unplaced;
}

type Unplaced = MidiEvent extends infer E
  ? E extends MidiEvent
    ? Omit<E, 'deltaTime'>
    : never
  : never;

/** The bytes of a file. */
export function writeMidi(song: MidiSong): Uint8Array {
  const tracks = [conductor(song), ...song.tracks.map(trackEvents)].map(inDeltas);
  const header = { format: 1 as const, numTracks: tracks.length, ticksPerBeat: TICKS_PER_QUARTER };
  return Uint8Array.from(encode({ header, tracks }));
}

function conductor({ title, tempo, meters, key, feel, sections, chords }: MidiSong): Timed[] {
  const texts = (items: readonly MidiText[], type: 'marker' | 'text', rank: number): Timed[] =>
    items.map(({ at, text }) => ({ at, rank, event: { type, text: bytesOf(text) } }));
  return [
    first({ type: 'trackName', text: bytesOf(title) }),
    first({ type: 'setTempo', microsecondsPerBeat: Math.round(MICROSECONDS_A_MINUTE / tempo) }),
    ...(feel ? [first({ type: 'cuePoint', text: bytesOf(feel) })] : []),
    ...(key === undefined ? [] : [first(signatureIn(key))]),
    ...meters.map(({ at, meter }): Timed => ({
      at,
      rank: 1,
      event: {
        type: 'timeSignature',
        numerator: meter.beats,
        denominator: meter.unit,
        metronome: 24,
        thirtyseconds: 8,
      },
    })),
    ...texts(sections, 'marker', 2),
    ...texts(chords, 'text', 3),
  ];
}

function signatureIn(key: string): Unplaced {
  const { name, mode } = keyOf(key);
  return { type: 'keySignature', key: signatureOf(name, mode), scale: mode === 'minor' ? 1 : 0 };
}

const first = (event: Unplaced): Timed => ({ at: 0, rank: 0, event });

/** The library writes one byte a character, so text is given to it as the bytes of UTF-8. */
const bytesOf = (text: string): string => String.fromCharCode(...strToU8(text));

function trackEvents({ name, channel, program, notes }: MidiTrack): Timed[] {
  return [
    first({ type: 'trackName', text: bytesOf(name) }),
    first({ type: 'programChange', channel, programNumber: program }),
    ...notes.flatMap((note) => noteEvents(note, channel)),
  ];
}

/** Where one note ends and the same one begins again, the end comes first. */
const noteEvents = ({ midi, at, length, velocity }: MidiNote, channel: number): Timed[] => [
  { at, rank: 3, event: { type: 'noteOn', channel, noteNumber: midi, velocity } },
  { at: at + length, rank: 2, event: { type: 'noteOff', channel, noteNumber: midi, velocity: 0 } },
];

function inDeltas(events: readonly Timed[]): MidiEvent[] {
  let now = 0;
  const placed = [...events]
    .sort((a, b) => a.at - b.at || a.rank - b.rank)
    .map(({ at, event }) => {
      const deltaTime = at - now;
      now = at;
      return { deltaTime, ...event };
    });
  return [...placed, { deltaTime: 0, type: 'endOfTrack' }];
}
