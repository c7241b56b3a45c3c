import { fail, ok, type Result } from '../base/result';
import { storablePart } from '../base/storable';
import { midi, ticks } from '../base/units';
import { formatMeter } from '../chart/meter';
import { MOST_SOLO_NOTES, type SoloLine } from '../comp/solo/types';
import { readMidi, type MidiReading } from './midi/read';
import type { MidiNote, MidiTrack } from './midi/types';
import { readMusicXml } from './musicxml/readSolo';

/** A solo line out of a file. */
export interface SoloFile {
  readonly name: string;
  readonly line: SoloLine;
  /** What the file holds besides and was not taken, in sentences. */
  readonly skipped: readonly string[];
  /** The meter it begins in, as `3/4`, where the file names one. */
  readonly meter?: string;
}

const DRUMS = 9;

/**
 * Reads a solo line out of a Standard MIDI File or MusicXML, plain or packed. Of several tracks the one that is
 * called so is taken, or else the one that lies highest. Fails with a sentence for the player.
 */
export function readSoloFile(bytes: Uint8Array): Result<SoloFile, string> {
  const read = lineIn(bytes);
  if (!read.ok) return read;
  const { name, line } = read.value;
  const count = line.notes.length;
  if (count <= MOST_SOLO_NOTES) return ok({ ...read.value, name: storablePart(name) });
  return fail(
    `This line has ${count} notes; a solo line has up to ${MOST_SOLO_NOTES}. Cut the file into choruses.`,
  );
}

function lineIn(bytes: Uint8Array): Result<SoloFile, string> {
  const midiFile = String.fromCharCode(...bytes.slice(0, 4)) === 'MThd';
  if (midiFile) {
    const reading = readMidi(bytes);
    return reading.ok ? fromMidi(reading.value) : reading;
  }
  const score = readMusicXml(bytes);
  if (!score.ok) return score;
  const { name, notes, skipped, meter } = score.value;
  return ok({
    ...{ name, line: { notes: notes.map(soloNote), written: true }, skipped },
    ...(meter && { meter }),
  });
}

function fromMidi({ song, skipped }: MidiReading): Result<SoloFile, string> {
  const pitched = song.tracks.filter(({ channel }) => channel !== DRUMS);
  const taken = pitched.find(({ name }) => /solo|lead|melody/i.test(name)) ?? highest(pitched);
  if (!taken) return { ok: false, problem: 'There are only drums in this MIDI file, no line.' };
  const others = song.tracks.length - 1;
  const called = taken.name || 'the highest one';
  const told = others
    ? [`${others} other ${others === 1 ? 'track' : 'tracks'}: taken was ${called}.`, ...skipped]
    : skipped;
  const line = { notes: taken.notes.map(soloNote), written: false };
  const [first] = song.meters;
  return ok({
    ...{ name: taken.name || song.title, line, skipped: told },
    ...(first && { meter: formatMeter(first.meter) }),
  });
}

const soloNote = ({ midi: pitch, at, length, velocity }: MidiNote) => ({
  midi: midi(pitch),
  at: ticks(at),
  length: ticks(length),
  velocity,
});

function highest(tracks: readonly MidiTrack[]): MidiTrack | undefined {
  const mean = ({ notes }: MidiTrack): number =>
    notes.reduce((sum, note) => sum + note.midi, 0) / notes.length;
  return [...tracks].sort((a, b) => mean(b) - mean(a))[0];
}
