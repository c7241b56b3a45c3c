import type { MidiEvent } from 'midi-file';
import type { MidiNote } from './types';

/** An event at its moment, in ticks of 480 a quarter. */
export interface Placed {
  readonly at: number;
  readonly event: MidiEvent;
}

/** A note that is never let go ends with the track. */
export function notesOn(events: readonly Placed[], channel: number): MidiNote[] {
  const sounding = new Map<number, { at: number; velocity: number }[]>();
  const notes: MidiNote[] = [];
  const end = (midi: number, at: number): void => {
    const begun = sounding.get(midi)?.shift();
    if (begun && at > begun.at) notes.push({ midi, length: at - begun.at, ...begun });
  };
  for (const { at, event } of events) {
    if (event.type !== 'noteOn' && event.type !== 'noteOff') continue;
    if (event.channel !== channel) continue;
    if (event.type === 'noteOff' || event.velocity === 0) end(event.noteNumber, at);
    else {
      const begun = sounding.get(event.noteNumber) ?? [];
      begun.push({ at, velocity: event.velocity });
      sounding.set(event.noteNumber, begun);
    }
  }
  const last = events.at(-1)?.at ?? 0;
  for (const [midi, begun] of sounding)
    for (let left = begun.length; left > 0; left -= 1) end(midi, last);
  return notes.sort((a, b) => a.at - b.at || a.midi - b.midi);
}
