/** What a MIDI keyboard has been asked to sound: the notes down now, and the last handful put down together. */
export interface HeldNotes {
  readonly down: ReadonlySet<number>;
  readonly handful: readonly number[];
}

export const NO_NOTES: HeldNotes = { down: new Set(), handful: [] };

const NOTE_OFF = 0x80;
const NOTE_ON = 0x90;

/**
 * Takes in one MIDI message. A note put down while others are down joins their handful; one put down with
 * nothing down begins a new one, which stays when the hand lifts.
 * @param data status, note, velocity; a note-on of velocity 0 is a note-off (MIDI 1.0)
 */
export function hearMessage(held: HeldNotes, data: readonly number[]): HeldNotes {
  const [status = 0, note = 0, velocity = 0] = data;
  const kind = status & 0xf0;
  if (kind === NOTE_ON && velocity > 0) {
    const handful = held.down.size ? held.handful : [];
    const joined = handful.includes(note) ? handful : [...handful, note].sort((a, b) => a - b);
    return { down: new Set([...held.down, note]), handful: joined };
  }
  if (kind === NOTE_OFF || kind === NOTE_ON) {
    return { ...held, down: new Set([...held.down].filter((each) => each !== note)) };
  }
  return held;
}
