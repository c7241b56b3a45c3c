/**
 * Whether settings make sense before they are used: what cannot be, where, and what would be right.
 */
import { parseChord } from '../chord/parseChord';
import type { PitchedChord } from '../chord/types';
import { defaultVoicingSettings } from './data';
import { enumerateVoicings, rangeOf } from './enumerate';
import { familyOf } from './families';
import { familyStacks } from './familyStacks';
import { playingOf } from './playingOf';
import { labelOfInstrument } from './base/instruments';
import { materialOf } from './base/material';
import { pitchName } from './base/pitchName';
import { LIMITS, problemsAmong, within, type Check, type SettingProblem } from './base/problem';
import type {
  FamilyId,
  Instrument,
  PitchRange,
  Room,
  Voicing,
  VoicingSettings,
} from './base/types';

/** @returns nothing when the instrument can be played by this hand */
export function checkInstrument(instrument: Instrument): SettingProblem[] {
  const playing = playingOf(instrument);
  const problems = playing.problems();
  if (problems.length) return problems;
  return problemsAmong([playing.handProblem(smallestForms(instrument))]);
}

/** The smallest forms there are: two guide tones. */
function smallestForms(instrument: Instrument): Voicing[] {
  const settings: VoicingSettings = {
    ...defaultVoicingSettings,
    instrument,
    room: { ...defaultVoicingSettings.room, window: rangeOf(instrument) },
    families: ['guide'],
    includeOutOfReach: true,
  };
  return PROBES.flatMap((chord) => enumerateVoicings(chord, settings));
}

/** Chords that a family which voices anything voices. */
const PROBES: readonly PitchedChord[] = ['C7', 'Cmaj7', 'Cm7', 'C6', 'C'].flatMap((symbol) => {
  const read = parseChord(symbol);
  return read.ok && read.value.kind === 'chord' ? [read.value] : [];
});

/** @returns nothing when these families fit into the room on this instrument */
export function checkRoom(
  room: Room,
  instrument: Instrument,
  families: readonly FamilyId[],
): SettingProblem[] {
  const { window, centre, mostNotes } = room;
  const problems = problemsAmong([
    ...(['window', 'centre', 'soloist', 'bass'] as const).map((name) => rises(name, room[name])),
    within('mostNotes', mostNotes, LIMITS.mostNotes, 'A voicing has notes'),
    centre.low >= window.low && centre.high <= window.high
      ? undefined
      : {
          path: 'centre',
          message: `The middle, ${inWords(centre)}, lies outside the register, ${inWords(window)}.`,
        },
  ]);
  return problems.length
    ? problems
    : problemsAmong([reachesInstrument(window, instrument), holds(room, families)]);
}

const inWords = ({ low, high }: PitchRange): string => `${pitchName(low)} to ${pitchName(high)}`;

function rises(path: string, range: PitchRange): Check {
  if (range.low < range.high) return undefined;
  return { path, message: `It goes from ${inWords(range)}; the lower end comes first.` };
}

function reachesInstrument(window: PitchRange, instrument: Instrument): Check {
  const range = rangeOf(instrument);
  if (window.low < range.high && window.high > range.low) return undefined;
  return {
    path: 'window',
    message: `The register ${inWords(window)} is off this ${labelOfInstrument(instrument.kind).toLowerCase()}, which goes from ${inWords(range)}.`,
  };
}

/** The window is as wide as the narrowest form of one of the families, whatever is left out of it. */
function holds(room: Room, families: readonly FamilyId[]): Check {
  const width = room.window.high - room.window.low;
  const needs = families.map((id) => ({ id, width: narrowestForm(id, room) }));
  const [least] = needs.sort((a, b) => a.width - b.width);
  if (!least || least.width <= width) return undefined;
  return {
    path: 'window',
    message: `The register ${inWords(room.window)} is ${width} half steps wide, and the narrowest form of ${familyOf(least.id).label} needs ${least.width}.`,
  };
}

function narrowestForm(id: FamilyId, room: Room): number {
  const { of } = familyOf(id);
  if (of.kind === 'free') return 0;
  const spans = PROBES.flatMap((chord) =>
    familyStacks(of, materialOf(chord, { room, tensions: 'as written' })),
  ).map(({ tones }) => tones.at(-1)!.height - tones[0]!.height);
  return Math.min(...spans);
}
