import { easeUnder } from '../guitar/assess';
import { fingeringOf, type Fingering } from '../guitar/fingering';
import { stretchOf, type FretPlace } from '../guitar/geometry';
import { splitHands } from '../keyboard/hands';
import type { Guitar, Instrument, Keyboard, VoicedNote, Voicing } from '../types';

/**
 * How notes whose places are known lie under the hand: fingers and stretch, or hands. What does not lie
 * is marked out of reach, never refused.
 */
export const hold = (voicing: Voicing, instrument: Instrument): Voicing =>
  instrument.kind === 'guitar' ? onStrings(voicing, instrument) : onKeys(voicing, instrument);

/** Where the notes of a grip lie; strings counted from 0 at the lowest. */
export const placesOf = ({ notes }: Voicing, { tuning }: Guitar): FretPlace[] =>
  notes.map(({ string = 0, fret = 0 }) => ({ stringIndex: tuning.length - string, fret }));

/** The grip with the fingers of a fingering written to its notes. */
export function fingered(voicing: Voicing, fingering: Fingering | undefined): Voicing {
  const notes = voicing.notes.map(({ midi, note, degree, string, fret }, voice): VoicedNote => {
    const finger = fingering?.fingers[voice];
    const plain = { midi, note, degree, string: string!, fret: fret! };
    return finger ? { ...plain, finger } : plain;
  });
  return { ...voicing, notes };
}

function onStrings(voicing: Voicing, guitar: Guitar): Voicing {
  const places = placesOf(voicing, guitar);
  const fingering = fingeringOf(places);
  const stretchMm = stretchOf(guitar, places);
  return {
    ...fingered(voicing, fingering),
    stretchMm,
    ease: easeUnder(guitar.hand, stretchMm, fingering),
  };
}

function onKeys(voicing: Voicing, keyboard: Keyboard): Voicing {
  const pitches = voicing.notes.map((note) => note.midi as number);
  const { hands, ease } = splitHands(keyboard, pitches);
  const notes = voicing.notes.map((note, voice) => ({ ...note, hand: hands[voice]! }));
  return { ...voicing, notes, ease };
}
