import type { Guitar, Voicing } from '../../voicing/types';
import { BODY_FRET, SIZES } from '../data';
import type { ChangeFacts, ChordFacts, CostTerm } from '../types';

const OCTAVE = 12;

/**
 * On strings: stretch past comfort, high positions, open and skipped strings, shift of position. On
 * keys: the span of a hand past an octave.
 */
export const hand: CostTerm = { id: 'hand', label: 'Easy hands', chord: strain, change: shift };

function strain({ voicing, settings: { instrument } }: ChordFacts): number {
  return instrument.kind === 'guitar' ? gripCost(voicing, instrument) : spanCost(voicing);
}

function gripCost(voicing: Voicing, guitar: Guitar): number {
  const frets = voicing.notes.map((note) => note.fret ?? 0);
  const fretted = frets.filter((fret) => fret > 0);
  const pastBody = fretted.length ? Math.max(0, Math.min(...fretted) - BODY_FRET) : 0;
  const open = frets.length - fretted.length;
  const beyond = Math.max(0, (voicing.stretchMm ?? 0) - guitar.hand.comfortableMm);
  return (
    Math.round(beyond * SIZES.stretchMm) +
    pastBody * SIZES.fretPastBody +
    open * SIZES.openString +
    skippedStrings(voicing) * SIZES.skippedString
  );
}

function skippedStrings(voicing: Voicing): number {
  const strings = voicing.notes.map((note) => note.string ?? 0);
  if (!strings.length) return 0;
  return Math.max(...strings) - Math.min(...strings) + 1 - strings.length;
}

function spanCost(voicing: Voicing): number {
  let cost = 0;
  for (const side of ['left', 'right'] as const) {
    const pitches = voicing.notes.filter((note) => note.hand === side).map((note) => note.midi);
    const span = pitches.length ? Math.max(...pitches) - Math.min(...pitches) : 0;
    cost += Math.max(0, span - OCTAVE) * SIZES.spanSemitone;
  }
  return cost;
}

/** How far the lowest fretted position moves along the neck; none to or from open grips. */
function shift({ from, to }: ChangeFacts): number {
  if (from.positionMm === undefined || to.positionMm === undefined) return 0;
  return Math.round(Math.abs(from.positionMm - to.positionMm) * SIZES.shiftMm);
}
