import { parseMidi, type MidiData, type MidiEvent } from 'midi-file';
import { tonicName } from '../../analysis/base/key';
import { TICKS_PER_QUARTER } from '../../comp/base/time';
import { fail, ok, type Result } from '../../base/result';
import { pitchClass } from '../../base/units';
import type { Feel } from '../../chart/types';
import { saidIn } from '../charts/headWords';
import { notesOn, type Placed } from './notes';
import { MOST_TRACKS, skippedIn } from './skipped';
import type { MidiSong, MidiText, MidiTrack } from './types';

/** A file as it was read, and what of it was passed over, in sentences for the player. */
export interface MidiReading {
  readonly song: MidiSong;
  readonly skipped: readonly string[];
}

/** No solo needs a larger file, in bytes. */
export const LARGEST_MIDI = 4_000_000;
const USUAL_TEMPO = 120;

/**
 * Reads a Standard MIDI File, whole or as much of it as makes sense. Fails with a sentence for the player
 * where there is nothing to be had from it. Times come out in ticks of 480 a quarter.
 */
export function readMidi(bytes: Uint8Array): Result<MidiReading, string> {
  if (bytes.length > LARGEST_MIDI) {
    const size = Math.round(bytes.length / 1_000_000);
    return fail(`This file has ${size} MB; a MIDI file of one tune has less than 4 MB.`);
  }
  if (!isMidi(bytes)) return fail('This is no Standard MIDI File: it should begin with MThd.');
  let data: MidiData | undefined;
  try {
    data = isWhole(bytes) ? parseMidi(bytes) : undefined;
  } catch {
    data = undefined;
  }
  if (!data || data.tracks.length < data.header.numTracks) {
    return fail(
      'This MIDI file is cut off or damaged: it ends in the middle of a track. Export it again.',
    );
  }
  const { ticksPerBeat } = data.header;
  if (!ticksPerBeat) {
    return fail(
      'This MIDI file counts in film frames (SMPTE), not in beats. Export it with beats, as “PPQ”.',
    );
  }
  const song = songOf(data, TICKS_PER_QUARTER / ticksPerBeat);
  if (!song.tracks.length) return fail('There are no notes in this MIDI file.');
  return ok({ song, skipped: skippedIn(data) });
}

const isMidi = (bytes: Uint8Array): boolean =>
  bytes.length > 14 && String.fromCharCode(...bytes.slice(0, 4)) === 'MThd';

/** Whether every chunk that is begun is there to its end. */
function isWhole(bytes: Uint8Array): boolean {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let at = 0;
  while (at + CHUNK_HEAD <= bytes.length) at += CHUNK_HEAD + view.getUint32(at + 4);
  return at === bytes.length;
}

/** A name of four letters and a length of four bytes. */
const CHUNK_HEAD = 8;

function songOf(data: MidiData, scale: number): MidiSong {
  const tracks = data.tracks.slice(0, MOST_TRACKS).map((events) => placed(events, scale));
  const all = tracks.flat();
  const title = tracks[0]?.find(({ event }) => event.type === 'trackName')?.event;
  const [key, feel] = [keyIn(all), feelIn(all)];
  return {
    title: title?.type === 'trackName' ? textOf(title.text) : '',
    tempo: tempoOf(all) ?? USUAL_TEMPO,
    meters: all.flatMap(({ at, event }) =>
      event.type === 'timeSignature'
        ? [{ at, meter: { beats: event.numerator, unit: event.denominator } }]
        : [],
    ),
    ...(key !== undefined && { key }),
    ...(feel && { feel }),
    sections: textsIn(all, 'marker'),
    chords: textsIn(all, 'text'),
    tracks: tracks.flatMap(partsOf),
  };
}

function placed(events: readonly MidiEvent[], scale: number): Placed[] {
  let now = 0;
  return events.map((event) => {
    now += event.deltaTime;
    return { at: Math.round(now * scale), event };
  });
}

function tempoOf(events: readonly Placed[]): number | undefined {
  for (const { event } of events) {
    if (event.type === 'setTempo' && event.microsecondsPerBeat > 0) {
      return Math.round(60_000_000 / event.microsecondsPerBeat);
    }
  }
  return undefined;
}

/** The file's own key, as `Eb` or `Cm`, where it names one. */
function keyIn(events: readonly Placed[]): string | undefined {
  const found = events.find(({ event }) => event.type === 'keySignature')?.event;
  if (found?.type !== 'keySignature') return undefined;
  const mode = found.scale ? 'minor' : 'major';
  const major = pitchClass(found.key * 7);
  const tonic = mode === 'minor' ? pitchClass(major - 3) : major;
  return tonicName({ tonic, mode }, found.key > 0) + (found.scale ? 'm' : '');
}

/** What the first text says that names a feel, ours or in words: "Bossa Nova". */
function feelIn(events: readonly Placed[]): Feel | undefined {
  const texts = [...textsIn(events, 'cuePoint'), ...textsIn(events, 'text')];
  for (const { text } of texts) {
    const said = saidIn(text)?.feel;
    if (said) return said;
  }
  return undefined;
}

const textsIn = (events: readonly Placed[], type: 'marker' | 'text' | 'cuePoint'): MidiText[] =>
  events.flatMap(({ at, event }) =>
    event.type === type && 'text' in event ? [{ at, text: textOf(event.text) }] : [],
  );

/** Text is UTF-8 where it can be, and else one character a byte. */
function textOf(raw: string): string {
  const escaped = Array.from(raw, (byte) => `%${byte.charCodeAt(0).toString(16).padStart(2, '0')}`);
  try {
    return decodeURIComponent(escaped.join(''));
  } catch {
    return raw;
  }
}

/** The notes of a track, apart by channel. */
function partsOf(events: readonly Placed[]): MidiTrack[] {
  const named = events.find(({ event }) => event.type === 'trackName')?.event;
  const name = named?.type === 'trackName' ? textOf(named.text) : '';
  const channels = [
    ...new Set(events.flatMap(({ event }) => (event.type === 'noteOn' ? [event.channel] : []))),
  ];
  return channels.flatMap((channel) => {
    const program = events.find(
      ({ event }) => event.type === 'programChange' && event.channel === channel,
    )?.event;
    const notes = notesOn(events, channel);
    if (!notes.length) return [];
    return [
      {
        name,
        channel,
        program: program?.type === 'programChange' ? program.programNumber : 0,
        notes,
      },
    ];
  });
}
