import type { Guitar, Hand, Voicing } from '../../voicing/types';
import { BODY_FRET, SIZES } from '../data';
import type { ChordFacts, CostTerm } from '../types';

const OCTAVE = 12;

/**
 * On strings: stretch past comfort, high positions, open and skipped strings, shift of position. On
 * keys: the span of a hand past an octave.
 */
export const hand: CostTerm = {
  id: 'hand',
  label: 'Easy hands',
  grip: strain,
  shift: (fromMm, toMm) => Math.round(Math.abs(fromMm - toMm) * SIZES.shiftMm),
};

function strain({ voicing, settings: { instrument } }: ChordFacts): number {
  return instrument.kind === 'guitar' ? gripCost(voicing, instrument) : spanCost(voicing);
}

function gripCost({ notes, stretchMm }: Voicing, guitar: Guitar): number {
  // Asked of every grip there is, so nothing is made on the way.
  let [open, highestFret, lowString, highString] = [0, 0, 0, Infinity];
  for (const { fret = 0, string = 0 } of notes) {
    if (fret === 0) open += 1;
    else highestFret = Math.max(highestFret, fret);
    lowString = Math.max(lowString, string);
    highString = Math.min(highString, string);
  }
  const stretch = stretchMm ?? 0;
  const beyond = Math.max(0, stretch - guitar.hand.comfortableMm);
  const pastBody = Math.max(0, highestFret - BODY_FRET);
  const skipped = notes.length ? lowString - highString + 1 - notes.length : 0;
  return (
    Math.round(stretch * SIZES.openMm + beyond * SIZES.stretchMm) +
    pastBody * SIZES.fretPastBody +
    open * SIZES.openString +
    skipped * SIZES.skippedString
  );
}

const spanCost = ({ notes }: Voicing): number =>
  beyondOctave(notes, 'left') + beyondOctave(notes, 'right');

function beyondOctave(notes: Voicing['notes'], side: Hand): number {
  let [low, high] = [Infinity, -Infinity];
  for (const { midi, hand: played } of notes) {
    if (played !== side) continue;
    low = Math.min(low, midi);
    high = Math.max(high, midi);
  }
  return high > low + OCTAVE ? (high - low - OCTAVE) * SIZES.spanSemitone : 0;
}
