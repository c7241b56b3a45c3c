import { TICKS_PER_QUARTER, midi, ticks, type SoloNote } from '@drop-close/core';

/** What has been played so far: notes that are over, and those that are down, by pitch. */
export interface Recording {
  readonly notes: readonly SoloNote[];
  readonly down: ReadonlyMap<number, { readonly at: number; readonly velocity: number }>;
}

export const NOTHING_PLAYED: Recording = { notes: [], down: new Map() };

const NOTE_ON = 0x90;
const NOTE_OFF = 0x80;
/** Anything shorter is a slip of the hand, in quarters. */
const SHORTEST = 0.05;

/**
 * Takes in one MIDI message.
 * @param at where the music is, in quarters from bar 1
 */
export function recordMessage(
  recording: Recording,
  data: readonly number[],
  at: number,
): Recording {
  const [status = 0, pitch = 0, velocity = 0] = data;
  const kind = status & 0xf0;
  if (kind === NOTE_ON && velocity > 0) {
    const lifted = recording.down.has(pitch) ? lift(recording, pitch, at) : recording;
    return { ...lifted, down: new Map([...lifted.down, [pitch, { at, velocity }]]) };
  }
  return kind === NOTE_OFF || kind === NOTE_ON ? lift(recording, pitch, at) : recording;
}

/** Ends all that is still down. */
export const lifted = (recording: Recording, at: number): Recording =>
  [...recording.down.keys()].reduce((rest, pitch) => lift(rest, pitch, at), recording);

function lift({ notes, down }: Recording, pitch: number, at: number): Recording {
  const begun = down.get(pitch);
  if (!begun) return { notes, down };
  const left = new Map([...down].filter(([each]) => each !== pitch));
  const length = at - begun.at;
  if (length < SHORTEST) return { notes, down: left };
  const note: SoloNote = {
    midi: midi(pitch),
    at: ticks(Math.round(begun.at * TICKS_PER_QUARTER)),
    length: ticks(Math.max(1, Math.round(length * TICKS_PER_QUARTER))),
    velocity: begun.velocity,
  };
  return { notes: [...notes, note].sort((a, b) => a.at - b.at || a.midi - b.midi), down: left };
}

/** The middle rows of a computer's keyboard as the keys of a piano, from C. Source: common practice. */
const KEYS = 'awsedftgyhujkolp';

/** The pitch of a computer's key, from an octave of C4; `undefined` where it is none. */
export function pitchOfKey(key: string, octave: number): number | undefined {
  const step = KEYS.indexOf(key.toLowerCase());
  return step < 0 || key.length !== 1 ? undefined : 60 + octave * 12 + step;
}
