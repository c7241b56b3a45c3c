/**
 * What to play instead of a voicing that is hard to hold: the same notes elsewhere, the same form on
 * other strings, fewer notes, other fingers, two hands. At most one of each kind, the least change first.
 */
import { prettyDegree, type Degree } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';
import { enumerateVoicings } from '../enumerate';
import { playingOf } from '../playingOf';
import { materialOf } from '../base/material';
import { lowestFret } from '../base/lowestFret';
import { FEWEST_NOTES, leastNeeded } from '../base/partial';
import { inList } from '../../base/words';
import { EASES, type Voicing, type VoicingSettings } from '../base/types';

export interface EasierForm {
  readonly voicing: Voicing;
  /** What is different, as a player says it: "the same notes on other strings". */
  readonly how: string;
}

/** Differences in stretch below this are no easier, in mm. */
const NOTICEABLE_MM = 3;

export function easierForms(
  chord: PitchedChord,
  voicing: Voicing,
  settings: VoicingSettings,
): EasierForm[] {
  if (!voicing.notes.length) return [];
  const forms = [
    ...elsewhere(chord, voicing, settings),
    ...playingOf(settings.instrument).otherHolds(voicing),
    fewerNotes(chord, voicing, settings),
  ];
  return forms.filter((form) => form !== undefined);
}

const pitchesOf = ({ notes }: Voicing): number[] => notes.map((note) => note.midi);

/** Frets that another form may lie away, so that it is still the same place of the neck. */
const NEAR_FRETS = 5;

/** Less stretch, or where that is easy fewer fingers; on strings within a hand's way of where it was. */
function easier(one: Voicing, than: Voicing): boolean {
  if (Math.abs(lowestFret(one) - lowestFret(than)) > NEAR_FRETS) return false;
  const better = EASES.indexOf(one.ease) - EASES.indexOf(than.ease);
  if (better !== 0) return better < 0;
  const [here, there] = [one.stretchMm ?? 0, than.stretchMm ?? 0];
  const fewerFingers = than.ease === 'easy' && fingersOf(one) < fingersOf(than) && here <= there;
  return here < there - NOTICEABLE_MM || fewerFingers;
}

const fingersOf = ({ notes }: Voicing): number =>
  new Set(notes.flatMap(({ finger }) => finger ?? [])).size;

/** The same notes at other places of the neck, and the same form at other pitches. */
function elsewhere(
  chord: PitchedChord,
  voicing: Voicing,
  settings: VoicingSettings,
): (EasierForm | undefined)[] {
  const { family } = voicing;
  if (family === 'rest' || family === 'own') return [];
  const all = enumerateVoicings(chord, { ...settings, families: [family] });
  const here = pitchesOf(voicing);
  const sameForm = all.filter(
    (other) =>
      easier(other, voicing) &&
      other.notes.map(({ degree }) => degree).join() ===
        voicing.notes.map(({ degree }) => degree).join(),
  );
  const distance = (other: Voicing): number =>
    pitchesOf(other).reduce((sum, pitch, voice) => sum + Math.abs(pitch - here[voice]!), 0);
  const nearest = (from: readonly Voicing[]): Voicing | undefined =>
    [...from].sort(
      (a, b) => distance(a) - distance(b) || (a.stretchMm ?? 0) - (b.stretchMm ?? 0),
    )[0];
  const same = nearest(sameForm.filter((other) => distance(other) === 0));
  const moved = nearest(sameForm.filter((other) => distance(other) > 0));
  return [
    same && { voicing: same, how: 'the same notes on other strings' },
    moved && { voicing: moved, how: 'the same form in another place' },
  ];
}

/** Tone after tone left out, the least needed first, until it is easier to hold. */
function fewerNotes(
  chord: PitchedChord,
  voicing: Voicing,
  settings: VoicingSettings,
): EasierForm | undefined {
  const material = materialOf(chord, settings);
  const { hold } = playingOf(settings.instrument);
  const gone: Degree[] = [];
  let { notes } = voicing;
  while (notes.length > FEWEST_NOTES) {
    const least = leastNeeded(notes, material)!;
    gone.push(least.degree);
    notes = notes.filter((note) => note !== least);
    const without = [...(voicing.without ?? []), ...gone];
    const held = hold({ ...voicing, notes, without });
    if (easier(held, voicing)) {
      return { voicing: held, how: `without the ${inList(gone.map(prettyDegree))}` };
    }
  }
  return undefined;
}
