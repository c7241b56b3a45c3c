/**
 * How the band sounds: for each part its name, its MIDI channel and General MIDI program, from 0, and how long after its
 * note-on it is heard, in seconds. The comp has program and onset of its instrument. Source: General MIDI 1 (the kit on the
 * tenth channel; the click is a kit of its own on the eleventh); onsets measured in renders of our sound bank. How loud they
 * are is said in output/mix.ts.
 */
import { voiceOf, type InstrumentId } from '../voicing/base/instruments';
import type { Kit, Part } from './types';

const row = (name: string, channel: number, program: number, onset: number) => ({
  ...{ name, channel, program, onset },
});

const ROWS = {
  comp: row('Comp', 0, 26, 0),
  bass: row('Bass', 1, 32, 0.0021),
  drums: row('Drums', 9, 32, 0),
  solo: row('Solo', 2, 66, 0.0006),
  click: row('Click', 10, 32, 0),
} as const satisfies Readonly<Record<Part, ReturnType<typeof row>>>;

/** Parts whose channel is a kit of drums. */
export const ON_DRUMS: readonly Part[] = ['drums', 'click'];

/** The programs of the kits. */
export const KIT_PROGRAMS: Readonly<Record<Kit, number>> = { sticks: 32, brushes: 40 };

export type PartSound = ReturnType<typeof row>;

/** How a part sounds where the comp is played on an instrument. */
export function partSound(part: Part, instrument: InstrumentId): PartSound {
  if (part !== 'comp') return ROWS[part];
  const { program, onset } = voiceOf(instrument);
  return { ...ROWS.comp, program, onset };
}
