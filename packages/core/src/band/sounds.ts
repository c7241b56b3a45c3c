/**
 * How the band sounds: for each part its name, its MIDI channel and General MIDI program, from 0, how loud it is until
 * somebody says otherwise, 0..100, and how long after its note-on it is heard, in seconds. The comp has program and onset of
 * its instrument. Source: General MIDI 1 (the kit on the tenth channel); onsets measured in renders of our sound bank.
 */
import { voiceOf, type InstrumentId } from '../voicing/base/instruments';
import type { Kit, Part } from './types';

const row = (name: string, channel: number, program: number, volume: number, onset: number) => ({
  ...{ name, channel, program, volume, onset },
});

const ROWS = {
  comp: row('Comp', 0, 26, 90, 0),
  bass: row('Bass', 1, 32, 80, 0.0021),
  drums: row('Drums', 9, 32, 60, 0),
  solo: row('Solo', 2, 66, 80, 0.0006),
  click: row('Click', 9, 32, 70, 0),
} as const satisfies Readonly<Record<Part, ReturnType<typeof row>>>;

/** The programs of the kits. */
export const KIT_PROGRAMS: Readonly<Record<Kit, number>> = { sticks: 32, brushes: 40 };

export type PartSound = ReturnType<typeof row>;

/** How a part sounds where the comp is played on an instrument. */
export function partSound(part: Part, instrument: InstrumentId): PartSound {
  if (part !== 'comp') return ROWS[part];
  const { program, onset } = voiceOf(instrument);
  return { ...ROWS.comp, program, onset };
}
