import type { PitchedChord } from '../chord/types';
import type { MadeFrom } from '../movement/types';
import { pitchClassOf } from '../pitch/spelling';
import { pitchClass } from '../base/units';
import type { Degree } from '../chord/degrees';
import type { Instrument, Room, VoicedNote, Voicing } from '../voicing/base/types';
import type { PlayedNote } from '../voicing/instruments/played';
import { playingOf } from '../voicing/playingOf';
import { stepped } from '../voicing/stepped';
import { readPlayed } from '../voicing/sheet/readPlayed';

export interface DeviceVoicingContext {
  readonly instrument: Instrument;
  readonly room: Room;
  /** The voicing before, after, or of another chord of the device, where it is there already. */
  readonly voicingAt: (neighbour: 'before' | 'after' | number) => Voicing | undefined;
}

/**
 * The voicing of a chord that a device makes out of another one, or by itself; `undefined` where the
 * instrument has no such place.
 */
export function deviceVoicing(
  chord: PitchedChord,
  madeFrom: MadeFrom,
  ground: DeviceVoicingContext,
): Voicing | undefined {
  const played = playedFor(chord, madeFrom, ground);
  if (!played) return undefined;
  const reading = readPlayed(chord, played, ground.instrument);
  return reading.ok ? reading.value.voicing : undefined;
}

function playedFor(
  chord: PitchedChord,
  madeFrom: MadeFrom,
  { instrument, room, voicingAt }: DeviceVoicingContext,
): PlayedNote[] | undefined {
  switch (madeFrom.kind) {
    case 'slide': {
      const notes = voicingAt(madeFrom.of)?.notes;
      // A single note may lie on another string.
      if (madeFrom.top) return notes?.slice(-1).map(({ midi }) => ({ pitch: midi + madeFrom.by }));
      return notes?.map((note) => moved(note, madeFrom.by));
    }
    case 'walk':
      return walked(voicingAt(madeFrom.from), madeFrom.degree, madeFrom.by);
    case 'step': {
      const anchor = voicingAt(madeFrom.from);
      return (
        anchor && stepped(anchor, madeFrom.steps, instrument)?.notes.map((note) => moved(note, 0))
      );
    }
    case 'bass':
      return [{ pitch: bassOf(chord, room, instrument) }];
    case 'part': {
      const notes = voicingAt(madeFrom.from)?.notes;
      const { voices, side } = madeFrom;
      const part = side === 'low' ? notes?.slice(0, voices) : notes?.slice(-voices);
      return part?.map((note) => moved(note, 0));
    }
    case 'notes':
      return madeFrom.midis.map((pitch) => ({ pitch }));
  }
}

const moved = ({ midi, string, fret }: VoicedNote, by: number): PlayedNote =>
  string === undefined || fret === undefined ? { pitch: midi + by } : { string, fret: fret + by };

/** Where the walking voice meets another at the same key, one of them is enough. */
function walked(
  voicing: Voicing | undefined,
  degree: Degree,
  by: number,
): PlayedNote[] | undefined {
  const walker = voicing?.notes.find((note) => note.degree === degree);
  if (!voicing || !walker) return undefined;
  return voicing.notes
    .filter(
      (note) => note === walker || note.string !== undefined || note.midi !== walker.midi + by,
    )
    .map((note) => moved(note, note === walker ? by : 0));
}

/** The lowest place of the bass note in the register and on the instrument. */
function bassOf(chord: PitchedChord, { window }: Room, instrument: Instrument): number {
  const from = Math.max(window.low, playingOf(instrument).range.low);
  return from + pitchClass(pitchClassOf(chord.bass ?? chord.root) - from);
}
