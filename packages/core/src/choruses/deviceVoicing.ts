import type { PitchedChord } from '../chord/types';
import type { MadeFrom } from '../movement/types';
import type { Degree } from '../chord/degrees';
import type { Instrument, VoicedNote, Voicing } from '../voicing/base/types';
import type { PlayedNote } from '../voicing/instruments/played';
import { stepped } from '../voicing/stepped';
import { readPlayed } from '../voicing/sheet/readPlayed';

export interface DeviceVoicingContext {
  readonly instrument: Instrument;
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
  const played = playedFor(madeFrom, ground);
  if (!played) return undefined;
  const reading = readPlayed(chord, played, ground.instrument);
  return reading.ok ? reading.value.voicing : undefined;
}

function playedFor(
  madeFrom: MadeFrom,
  { instrument, voicingAt }: DeviceVoicingContext,
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
