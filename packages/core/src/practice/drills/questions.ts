/**
 * The questions of the drills. Each kind is a pure function of the material and of chance, which gives a question or,
 * where the material has none of its kind, nothing.
 */
import { inList } from '../../base/words';
import { midi, type Midi } from '../../base/units';
import { prettyDegree } from '../../chord/degrees';
import { moveSymbol } from '../../chord/moveSymbol';
import { parseChord } from '../../chord/parseChord';
import type { ChordTone, PitchedChord } from '../../chord/types';
import { intervalBetween } from '../../pitch/interval';
import { pitchClassOf, prettyNote, type NoteName } from '../../pitch/spelling';
import type { FamilyId, Voicing } from '../../voicing/base/types';
import { easiestOfEach } from '../../voicing/easiest';
import { guideTonesOfChord } from '../layers/tones';
import { halfSteps } from './motion';
import type { DrillId, DrillMaterial, Question } from './types';

/** A whole number from 0 up to a limit that is not reached. */
export type Chance = (below: number) => number;

type Make = (material: DrillMaterial, chance: Chance) => Question | undefined;

const pick = <T>(items: readonly T[], chance: Chance): T | undefined => items[chance(items.length)];

type Naming = Pick<DrillMaterial, 'naming'>;

const nameOf = (note: NoteName, { naming }: Naming): string => prettyNote(note, naming);

const notesOf = ({ notes }: Pick<Voicing, 'notes'>, naming: Naming): string =>
  notes.map(({ note }) => nameOf(note, naming)).join(' ');

const inWords =
  (naming: Naming) =>
  ({ degree: name, note }: ChordTone): string =>
    `${nameOf(note, naming)} (${prettyDegree(name)})`;

/** Where a voice stands, counted from the top. */
const PLACES = ['top', 'second', 'third', 'fourth', 'fifth', 'sixth'];
export const voiceInWords = (fromTop: number): string =>
  fromTop === 1
    ? 'the top voice'
    : `the ${PLACES[fromTop - 1] ?? `${fromTop}th`} voice from the top`;

const chordOf = ({ chords }: DrillMaterial, chance: Chance): PitchedChord | undefined =>
  pick(chords, chance);

const degree: Make = (material, chance) => {
  const chord = chordOf(material, chance);
  const tone = chord && pick(chord.tones, chance);
  if (!tone) return undefined;
  const [note, name] = [nameOf(tone.note, material), prettyDegree(tone.degree)];
  return {
    drill: 'name the degree',
    key: `${chord.symbol} ${tone.note}`,
    words: `What is ${note} in ${chord.symbol}?`,
    because: `${note} is the ${name} of ${chord.symbol}: it is spelled from ${nameOf(chord.root, material)} upward.`,
    heard: [],
    answer: tone.degree,
  };
};

const spell: Make = (material, chance) => {
  const chord = chordOf(material, chance);
  if (!chord) return undefined;
  const answer = chord.tones.map(({ note }) => note);
  return {
    drill: 'spell the chord',
    key: chord.symbol,
    words: `Spell ${chord.symbol}.`,
    because: `${chord.symbol} is ${inList(chord.tones.map(inWords(material)))}.`,
    heard: [],
    chord,
    answer,
  };
};

const guides: Make = (material, chance) => {
  const chord = chordOf(material, chance);
  if (!chord) return undefined;
  const tones = guideTonesOfChord(chord);
  return {
    drill: 'find the guide tones',
    key: chord.symbol,
    words: `Find the guide tones of ${chord.symbol}.`,
    because: `${inList(tones.map(inWords(material)))} tell ${chord.symbol} from any other chord.`,
    heard: [],
    chord,
    answer: tones.map(({ note }) => note),
  };
};

/** Which voices each family of drops lowers, from the top. */
const DROPPED: Readonly<Partial<Record<FamilyId, readonly number[]>>> = {
  drop2: [2],
  drop3: [3],
  drop24: [2, 4],
  drop23: [2, 3],
};
const FULL = 4;
const OCTAVE = 12;

const dropped: Make = (material, chance) => {
  const chord = chordOf(material, chance);
  if (!chord) return undefined;
  const grips = material
    .grips(chord)
    .filter(({ family, notes }) => family in DROPPED && notes.length === FULL);
  const voicing = pick(grips, chance);
  if (!voicing) return undefined;
  const answer = DROPPED[voicing.family as FamilyId]!;
  const close = closeOf(voicing, answer);
  return {
    drill: 'which voice was dropped',
    key: `${chord.symbol} ${voicing.notes.map((note) => note.midi).join(' ')}`,
    words: `Which voices of ${chord.symbol}, ${notesOf(voicing, material)} from low to high, were dropped?`,
    because: `Close it is ${notesOf({ notes: close }, material)}; ${inList(answer.map(voiceInWords))} went down an octave.`,
    heard: [voicing],
    answer,
    voices: FULL,
  };
};

/** The close position a drop was made from, low to high. */
function closeOf(
  { notes }: Voicing,
  fromTop: readonly number[],
): readonly Voicing['notes'][number][] {
  // The lowest voices are those that were dropped.
  const raised = notes.map((note, at) =>
    at < fromTop.length ? { ...note, midi: midi(note.midi + OCTAVE) } : note,
  );
  return raised.sort((a, b) => a.midi - b.midi);
}

const STRETCH = 4;
const TONICS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B'];

const fromNumbers: Make = (material, chance) => {
  const { chords, numerals, tonic } = material;
  const length = Math.min(STRETCH, chords.length);
  if (!length) return undefined;
  const first = chance(chords.length - length + 1);
  const others = TONICS.filter((key) => pitchClassOf(key) !== pitchClassOf(tonic));
  const key = pick(others, chance)!;
  const interval = intervalBetween(tonic, key);
  const answer = chords
    .slice(first, first + length)
    .map(({ symbol }) => moveSymbol(symbol, interval));
  const numbers = numerals.slice(first, first + length).join(' ');
  return {
    drill: 'from numbers',
    key: `${numbers} ${key}`,
    words: `Play ${numbers} in ${nameOf(key, material)}.`,
    because: `In ${nameOf(key, material)} they are ${answer.join(' ')}.`,
    heard: [],
    answer,
  };
};

const nextGrip: Make = (material, chance) => {
  const { chords, path } = material;
  if (chords.length < 2) return undefined;
  const at = chance(chords.length - 1);
  const from = path[at]!;
  const chord = chords[at + 1]!;
  const own = material.grips(chord).filter(({ notes }) => notes.length === from.notes.length);
  const grips = easiestOfEach(own);
  if (!grips.length || !from.notes.length) return undefined;
  const distances = grips.map((grip) => halfSteps(from, grip));
  const least = Math.min(...distances);
  const answer = grips[distances.indexOf(least)]!;
  return {
    drill: 'nearest next grip',
    key: `${chords[at]!.symbol} ${from.notes.map((note) => note.midi).join(' ')} ${chord.symbol}`,
    words: `From ${chords[at]!.symbol}, ${notesOf(from, material)}, where is the nearest ${chord.symbol}?`,
    because: `${notesOf(answer, material)} is ${least} half ${least === 1 ? 'step' : 'steps'} away; nothing is nearer.`,
    heard: [from],
    from,
    chord,
    answer,
    least,
  };
};

const STEPS = [-2, -1, 1, 2];

const moved: Make = (material, chance) => {
  const sounding = material.path.filter(({ notes }) => notes.length > 1);
  const before = pick(sounding, chance);
  if (!before) return undefined;
  const { notes } = before;
  const voice = chance(notes.length);
  const step = pick(STEPS, chance)!;
  const pitch = notes[voice]!.midi + step;
  const clear = (other: Midi | undefined, above: boolean): boolean =>
    other === undefined || (above ? pitch < other : pitch > other);
  if (!clear(notes[voice - 1]?.midi, false) || !clear(notes[voice + 1]?.midi, true))
    return undefined;
  const after: Voicing = {
    ...before,
    family: 'own',
    notes: notes.map((note, at) => (at === voice ? { ...note, midi: midi(pitch) } : note)),
  };
  const fromTop = notes.length - voice;
  const way = `${step > 0 ? 'up' : 'down'} a ${Math.abs(step) === 1 ? 'half' : 'whole'} step`;
  return {
    drill: 'which voice moved',
    key: `${notes.map((note) => note.midi).join(' ')} ${voice} ${step}`,
    words: 'Which voice moved?',
    because: `${voiceInWords(fromTop).replace(/^t/, 'T')} went ${way}; the others stayed.`,
    heard: [before, after],
    answer: [fromTop],
    voices: notes.length,
  };
};

const onTop: Make = (material, chance) => {
  const at = chance(material.path.length);
  const voicing = material.path[at];
  const top = voicing?.notes.at(-1);
  const chord = material.chords[at];
  if (!voicing || !top || !chord) return undefined;
  return {
    drill: 'what is on top',
    key: `${chord.symbol} ${voicing.notes.map((note) => note.midi).join(' ')}`,
    words: `Which degree of ${chord.symbol} is on top?`,
    because: `${nameOf(top.note, material)} is on top: the ${prettyDegree(top.degree)}.`,
    heard: [voicing],
    answer: top.degree,
  };
};

export const MAKERS: Readonly<Record<DrillId, Make>> = {
  'name the degree': degree,
  'spell the chord': spell,
  'find the guide tones': guides,
  'which voice was dropped': dropped,
  'from numbers': fromNumbers,
  'nearest next grip': nextGrip,
  'which voice moved': moved,
  'what is on top': onTop,
};

/** Whether two symbols are one chord: the same notes over the same bass. */
export function sameChord(a: string, b: string): boolean {
  const [one, other] = [a, b].map((symbol) => {
    const read = parseChord(symbol);
    if (!read.ok || read.value.kind !== 'chord') return undefined;
    const { tones, bass, root } = read.value;
    const pitches = tones.map(({ note }) => pitchClassOf(note)).sort((x, y) => x - y);
    return `${pitchClassOf(bass ?? root)}: ${[...new Set(pitches)].join(' ')}`;
  });
  return one !== undefined && one === other;
}
