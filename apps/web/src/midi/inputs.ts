/** A keyboard that can be listened to: a real one, or the stand-in. */
export interface NoteInput {
  readonly id: string;
  readonly name: string;
  /** @returns how to stop listening */
  readonly listen: (onMessage: (data: readonly number[]) => void) => () => void;
}

/** Why there is no keyboard to listen to, for the player. */
export class NoMidi extends Error {}

/**
 * The MIDI keyboards plugged in; the browser asks the player first.
 * @throws NoMidi when the browser has no MIDI or the player said no
 */
export async function midiInputs(): Promise<NoteInput[]> {
  if (!('requestMIDIAccess' in navigator)) {
    throw new NoMidi('This browser has no MIDI; another may.');
  }
  const access = await navigator.requestMIDIAccess().catch((error: unknown) => {
    const refused = error instanceof DOMException && error.name === 'NotAllowedError';
    throw new NoMidi(
      refused ? 'The browser was not allowed to use MIDI.' : 'MIDI is not to be had just now.',
    );
  });
  return [...access.inputs.values()].map((port) => ({
    id: port.id,
    name: port.name ?? 'A keyboard',
    listen: (onMessage) => {
      const listener = (event: MIDIMessageEvent): void => {
        if (event.data) onMessage([...event.data]);
      };
      port.addEventListener('midimessage', listener);
      void port.open();
      return () => {
        port.removeEventListener('midimessage', listener);
      };
    },
  }));
}

const NOTE_ON = 0x90;
const NOTE_OFF = 0x80;
const VELOCITY = 80;
/** Between the notes of the stand-in's hand, and how long it holds them, in ms. */
const ROLL = 90;
const HOLD = 700;

/** A stand-in for a keyboard: plays the pitches it is given, as a hand would. */
export const standIn = (pitches: readonly number[]): NoteInput => ({
  id: 'stand-in',
  name: 'Stand-in keyboard',
  listen: (onMessage) => {
    const timers = pitches.flatMap((pitch, at) => [
      setTimeout(() => {
        onMessage([NOTE_ON, pitch, VELOCITY]);
      }, at * ROLL),
      setTimeout(
        () => {
          onMessage([NOTE_OFF, pitch, 0]);
        },
        pitches.length * ROLL + HOLD,
      ),
    ]);
    return () => {
      timers.forEach(clearTimeout);
    };
  },
});
