import { midi, pitchClass, type Midi } from '../../base/units';
import type { Degree } from '../../chord/degrees';
import type { ChordTone, PitchedChord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import type { LineRange } from './types';

/** A chord tone at one of its heights. */
export interface PlacedTone extends ChordTone {
  readonly midi: Midi;
}

/** Colours are not of the arpeggio; a 2 or 4 is where it stands for the third. */
const COLOURS: ReadonlySet<Degree> = new Set(['b9', '9', '#9', '11', '#11', 'b13', '13']);

const OCTAVE = 12;

/** Root, third, fifth and seventh or sixth, as the symbol has them. */
export const arpeggioTones = (chord: PitchedChord): ChordTone[] =>
  chord.tones.filter(({ degree }) => !COLOURS.has(degree) || chord.guideTones.includes(degree));

export const guideTonesOfChord = (chord: PitchedChord): ChordTone[] =>
  chord.tones.filter(({ degree }) => chord.guideTones.includes(degree));

/** These tones wherever they lie in a range, from low to high. */
export const placed = (tones: readonly ChordTone[], { low, high }: LineRange): PlacedTone[] =>
  tones
    .flatMap((tone) => {
      const first = low + pitchClass(pitchClassOf(tone.note) - low);
      const heights = Math.max(0, Math.floor((high - first) / OCTAVE) + 1);
      return Array.from({ length: heights }, (_, at) => ({
        ...tone,
        midi: midi(first + at * OCTAVE),
      }));
    })
    .sort((a, b) => a.midi - b.midi);

/** A range in which every note lies at least once: a narrower one is widened upward to an octave. */
export const atLeastAnOctave = ({ low, high }: LineRange): LineRange => ({
  low,
  high: midi(Math.max(high, low + OCTAVE - 1)),
});
