import type { OtherHold } from '../instruments/playing';
import type { Fretted, VoicedNote, Voicing } from '../base/types';
import { easeUnder } from './assess';
import { fingeringOf, fingeringsOf, type Fingering } from './fingering';
import { stretchOf, type FretPlace } from './geometry';

/** A grip with the fingers and the stretch it takes. */
export function heldOnStrings(voicing: Voicing, neck: Fretted): Voicing {
  const places = placesOf(voicing, neck);
  const fingering = fingeringOf(places);
  const stretchMm = stretchOf(neck, places);
  const ease = easeUnder(neck.hand, stretchMm, fingering !== undefined);
  return { ...fingered(voicing, fingering), stretchMm, ease };
}

/** A grip in its second most natural fingering, where it has one. */
export function otherFingers(voicing: Voicing, neck: Fretted): OtherHold[] {
  const [natural, other] = fingeringsOf(placesOf(voicing, neck));
  if (!natural || !other) return [];
  const laid = other.barre ? 'with a barre' : 'with single fingers';
  const how = other.barre === natural.barre ? 'with other fingers' : laid;
  return [{ voicing: fingered(voicing, other), how }];
}

/** Where the notes of a grip lie; strings counted from 0 at the first of the tuning. */
const placesOf = ({ notes }: Voicing, { tuning }: Fretted): FretPlace[] =>
  notes.map(({ string = 0, fret = 0 }) => ({ stringIndex: tuning.length - string, fret }));

/** The grip with the fingers of a fingering written to its notes. */
function fingered(voicing: Voicing, fingering: Fingering | undefined): Voicing {
  const notes = voicing.notes.map(({ midi, note, degree, string, fret }, voice): VoicedNote => {
    const finger = fingering?.fingers[voice];
    const plain = { midi, note, degree, string: string!, fret: fret! };
    return finger ? { ...plain, finger } : plain;
  });
  return { ...voicing, notes };
}
