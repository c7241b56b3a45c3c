/**
 * Whether settings make sense before they are used: what cannot be, where, and what would be right.
 */
import { parseChord } from '../chord/parseChord';
import type { PitchedChord } from '../chord/types';
import { defaultVoicingSettings } from './data';
import { enumerateVoicings, rangeOf } from './enumerate';
import { familyOf } from './families';
import { familyStacks } from './familyStacks';
import { materialOf } from './material';
import { pitchName } from './pitchName';
import type {
  FamilyId,
  Guitar,
  Hand,
  Instrument,
  Keyboard,
  PitchRange,
  Room,
  VoicingSettings,
} from './types';

export interface SettingProblem {
  /** Path to the field, as `hand.limitMm`. */
  readonly path: string;
  /** For the player, a sentence. */
  readonly message: string;
}

/** What instruments and rooms may be, both ends included. */
export const LIMITS = {
  strings: { low: 4, high: 8 },
  frets: { low: 1, high: 36 },
  scaleLengthMm: { low: 300, high: 900 },
  stringSpacingMm: { low: 5, high: 20 },
  handMm: { low: 10, high: 250 },
  reach: { low: 12, high: 17 },
  mostNotes: { low: 2, high: 8 },
  pitch: { low: 0, high: 127 },
} as const;

type Check = SettingProblem | undefined;

const problemsAmong = (checks: readonly Check[]): SettingProblem[] =>
  checks.filter((check) => check !== undefined);

function within(path: string, value: number, { low, high }: PitchRange, what: string): Check {
  if (Number.isFinite(value) && value >= low && value <= high) return undefined;
  return { path, message: `${what} from ${low} to ${high}; this says ${value}.` };
}

/** @returns nothing when the guitar can be played */
export function checkGuitar(guitar: Guitar): SettingProblem[] {
  const { tuning, frets, capo, scaleLengthMm, stringSpacingMm, hand } = guitar;
  const { comfortableMm, limitMm } = hand;
  const problems = problemsAmong([
    within('tuning', tuning.length, LIMITS.strings, 'A guitar has strings'),
    ...tuning.map((pitch, at) => within(`tuning.${at}`, pitch, LIMITS.pitch, 'A string sounds')),
    tuningInOrder(tuning),
    within('frets', frets, LIMITS.frets, 'A neck has frets'),
    within('capo', capo, { low: 0, high: Math.max(0, frets - 1) }, 'A capo lies on a fret'),
    within('scaleLengthMm', scaleLengthMm, LIMITS.scaleLengthMm, 'A scale is long, in mm,'),
    within('stringSpacingMm', stringSpacingMm, LIMITS.stringSpacingMm, 'Strings lie apart, in mm,'),
    within('hand.comfortableMm', comfortableMm, LIMITS.handMm, 'A hand opens, in mm,'),
    within('hand.limitMm', limitMm, LIMITS.handMm, 'A hand opens, in mm,'),
    comfortableMm <= limitMm
      ? undefined
      : {
          path: 'hand.limitMm',
          message: `What is comfortable, ${comfortableMm} mm, cannot be more than the limit, ${limitMm} mm.`,
        },
  ]);
  return problems.length ? problems : problemsAmong([handHolds(guitar)]);
}

function tuningInOrder(tuning: readonly number[]): Check {
  const at = tuning.findIndex((pitch, index) => index > 0 && pitch <= tuning[index - 1]!);
  if (at < 0) return undefined;
  const [lower, upper] = [tuning.length - at + 1, tuning.length - at];
  return {
    path: `tuning.${at}`,
    message: `String ${upper}, ${pitchName(tuning[at]!)}, is not above string ${lower}, ${pitchName(tuning[at - 1]!)}: strings go from the lowest to the highest.`,
  };
}

/** The smallest grips there are: two guide tones. */
function handHolds(guitar: Guitar): Check {
  const settings: VoicingSettings = {
    ...defaultVoicingSettings,
    instrument: guitar,
    room: { ...defaultVoicingSettings.room, window: rangeOf(guitar) },
    families: ['guide'],
    includeOutOfReach: true,
  };
  const grips = PROBES.flatMap((chord) => enumerateVoicings(chord, settings)).filter(({ notes }) =>
    notes.every(({ fret }) => fret !== 0),
  );
  const narrowest = Math.ceil(Math.min(...grips.map(({ stretchMm }) => stretchMm ?? Infinity)));
  const { limitMm } = guitar.hand;
  if (limitMm >= narrowest) return undefined;
  return {
    path: 'hand.limitMm',
    message: `A hand that opens ${limitMm} mm holds no grip: the narrowest there is needs ${narrowest} mm.`,
  };
}

/** Chords that a family which voices anything voices. */
const PROBES: readonly PitchedChord[] = ['C7', 'Cmaj7', 'Cm7', 'C6', 'C'].flatMap((symbol) => {
  const read = parseChord(symbol);
  return read.ok && read.value.kind === 'chord' ? [read.value] : [];
});

/** @returns nothing when the keyboard can be played */
export function checkKeyboard({ lowest, highest, reach }: Keyboard): SettingProblem[] {
  const hand = (name: Hand): Check =>
    within(`reach.${name}`, reach[name], LIMITS.reach, `The ${name} hand spans half steps`);
  return problemsAmong([
    within('lowest', lowest, LIMITS.pitch, 'A key sounds'),
    within('highest', highest, LIMITS.pitch, 'A key sounds'),
    lowest < highest
      ? undefined
      : {
          path: 'highest',
          message: `The highest key, ${pitchName(highest)}, is not above the lowest, ${pitchName(lowest)}.`,
        },
    hand('left'),
    hand('right'),
  ]);
}

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
    message: `The register ${inWords(window)} is off this ${instrument.kind}, which goes from ${inWords(range)}.`,
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
  if (of.kind === 'pool') return 0;
  const spans = PROBES.flatMap((chord) =>
    familyStacks(of, materialOf(chord, { room, tensions: 'as written' })),
  ).map(({ tones }) => tones.at(-1)!.height - tones[0]!.height);
  return Math.min(...spans);
}
