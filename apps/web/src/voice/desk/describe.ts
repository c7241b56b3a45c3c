import {
  familyOf,
  plainSpelling,
  prettyDegree,
  prettyNote,
  type Change,
  type Ease,
  type NoteName,
  type Voicing,
  type VoiceMotion,
} from '@drop-close/core';

export const INVERSIONS = [
  'root position',
  'first inversion',
  'second inversion',
  'third inversion',
];

type NameOf = (note: NoteName) => string;
const plainName: NameOf = (note) => prettyNote(plainSpelling(note));

const noteIn = (voicing: Voicing, voice: number | undefined, nameOf: NameOf): string =>
  nameOf(voicing.notes[voice ?? 0]?.note ?? '');
const degreeIn = (voicing: Voicing, voice: number | undefined): string =>
  prettyDegree(voicing.notes[voice ?? 0]?.degree ?? '');

/** What a voicing is called: "drop 2, second inversion". */
export function voicingName(voicing: Voicing): string {
  if (voicing.family === 'rest') return 'no chord: rest';
  if (voicing.family === 'own') return 'your own';
  const { label } = familyOf(voicing.family);
  const inversion = voicing.inversion === undefined ? '' : INVERSIONS[voicing.inversion];
  return inversion ? `${label}, ${inversion}` : label;
}

const EASE: Readonly<Record<Ease, string>> = {
  easy: 'easy',
  stretch: 'a stretch',
  'out of reach': 'out of reach',
};

/** How it lies under the hand: "62 mm, easy". */
export function easeOf(voicing: Voicing): string {
  const mm = voicing.stretchMm === undefined ? '' : `${Math.round(voicing.stretchMm)} mm, `;
  return `${mm}${EASE[voicing.ease]}`;
}

/** One change in a musician's words: "C held (♭7 to 5); B♭ falls a half step to A (♭3 to 3)". */
export function changeInWords(
  change: Change,
  from: Voicing,
  to: Voicing,
  nameOf = plainName,
): string {
  if (!to.notes.length) return 'every voice stops';
  if (!from.notes.length) return 'every voice enters';
  const held = change.voices.every((voice) => voice.kind === 'held');
  if (held && sameDegrees(from, to)) return 'every voice held';
  return [...change.voices]
    .reverse()
    .map((voice) => voiceInWords(voice, from, to, nameOf))
    .join('; ');
}

const sameDegrees = (from: Voicing, to: Voicing): boolean =>
  from.notes.every((note, voice) => note.degree === to.notes[voice]?.degree);

function voiceInWords(voice: VoiceMotion, from: Voicing, to: Voicing, nameOf: NameOf): string {
  if (voice.kind === 'ends') return `${noteIn(from, voice.from, nameOf)} ends`;
  if (voice.kind === 'enters') return `${noteIn(to, voice.to, nameOf)} enters`;
  const degrees = `(${degreeIn(from, voice.from)} to ${degreeIn(to, voice.to)})`;
  const [start, end] = [noteIn(from, voice.from, nameOf), noteIn(to, voice.to, nameOf)];
  if (voice.kind === 'held') return `${start} held ${degrees}`;
  const way = (voice.semitones ?? 0) < 0 ? 'falls' : 'rises';
  const size =
    voice.kind === 'leap' ? `${Math.abs(voice.semitones ?? 0)} half steps` : `a ${voice.kind}`;
  return `${start} ${way} ${size} to ${end} ${degrees}`;
}
