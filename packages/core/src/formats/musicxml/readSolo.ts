/**
 * A solo line out of MusicXML 4.0, partwise, plain or packed (.mxl): the top voice of the first part that has
 * notes, ties joined, in sounding pitch. What cannot be taken over is told.
 */
import { TICKS_PER_QUARTER } from '../../comp/base/time';
import { fail, ok, type Result } from '../../base/result';
import type { MidiNote } from '../midi/types';
import { child, numberIn, type Element } from './elements';
import { scoreIn } from './opened';

export interface SoloReading {
  readonly name: string;
  /** Who plays it; empty where the score does not say. */
  readonly part: string;
  /** In order of time, in ticks of 480 a quarter. */
  readonly notes: readonly MidiNote[];
  readonly skipped: readonly string[];
  /** The first one, as `3/4`. */
  readonly meter?: string;
}

const USUAL_VELOCITY = 84;

/** Reads a line. Fails with a sentence for the player where there is none to be had. */
export function readMusicXml(bytes: Uint8Array): Result<SoloReading, string> {
  const score = scoreIn(bytes);
  return score.ok ? lineIn(score.value) : score;
}

/**
 * The line of a score.
 * @param order of the measures as they are played, from 0; left out, each once
 */
export function lineIn(score: Element, order?: readonly number[]): Result<SoloReading, string> {
  const parts = score.children.filter(({ name }) => name === 'part');
  const read = parts.map((part) => readPart(part, order));
  const at = read.findIndex(({ notes }) => notes.length > 0);
  const found = read[at];
  if (!found) return fail('There are no notes in this score.');
  const others = read.filter(({ notes }, position) => position !== at && notes.length).length;
  const said: (readonly [boolean, string])[] = [
    [others > 0, `${others} other ${others === 1 ? 'part' : 'parts'}: only the first is taken.`],
    [found.voices > 0, `${found.voices} notes of other voices under the top one.`],
    [found.graces > 0, `${found.graces} grace notes.`],
    [
      found.repeats && !order,
      'Repeats and endings: the line is taken as it is written, once through.',
    ],
  ];
  const meter = meterOf(parts[at]!);
  return ok({
    name: titleIn(score) || partName(score, parts[at]!),
    part: partName(score, parts[at]!),
    notes: found.notes,
    ...(meter && { meter }),
    skipped: said.flatMap(([is, sentence]) => (is ? [sentence] : [])),
  });
}

/** The title of a score; empty where it has none. */
export function titleIn(score: Element): string {
  const work = child(score, 'work');
  const credit = score.children.find(
    (each) => each.name === 'credit' && child(each, 'credit-type')?.text.trim() === 'title',
  );
  const titles = [
    child(score, 'movement-title'),
    work && child(work, 'work-title'),
    credit && child(credit, 'credit-words'),
  ];
  return titles.map((each) => each?.text.trim() ?? '').find((text) => text) ?? '';
}

function partName(score: Element, part: Element): string {
  const list = child(score, 'part-list')?.children ?? [];
  const own = list.find(({ attributes }) => attributes['id'] === part.attributes['id']);
  return (own && child(own, 'part-name')?.text.trim()) ?? '';
}

function meterOf(part: Element): string | undefined {
  const times = part.children
    .flatMap(({ children }) => children.filter(({ name }) => name === 'attributes'))
    .flatMap((attributes) => child(attributes, 'time') ?? []);
  const [first] = times;
  const [beats, unit] = ['beats', 'beat-type'].map((name) => first && child(first, name)?.text);
  return beats && unit ? `${beats}/${unit}` : undefined;
}

interface Reader {
  readonly notes: MidiNote[];
  voices: number;
  graces: number;
  repeats: boolean;
}

/** Where the reading of a part stands, in ticks; pitch is moved for instruments that transpose. */
interface ReadPosition {
  at: number;
  last: number;
  divisions: number;
  transposes: number;
  voice: string | undefined;
}

function readPart(part: Element, order?: readonly number[]): Reader {
  const reader: Reader = { notes: [], voices: 0, graces: 0, repeats: false };
  const place: ReadPosition = { at: 0, last: 0, divisions: 1, transposes: 0, voice: undefined };
  const measures = part.children.filter(({ name }) => name === 'measure');
  const before = scalesOf(measures);
  for (const at of order ?? measures.keys()) {
    const begin = place.at;
    let end = begin;
    Object.assign(place, before[at]);
    for (const element of measures[at]?.children ?? []) {
      step(element, place, reader);
      end = Math.max(end, place.at);
    }
    place.at = end;
  }
  reader.notes.sort((a, b) => a.at - b.at || a.midi - b.midi);
  return reader;
}

type Scale = Pick<ReadPosition, 'divisions' | 'transposes'>;

/** How notes are counted and moved where each measure begins. */
function scalesOf(measures: readonly Element[]): Scale[] {
  const scale = { divisions: 1, transposes: 0 };
  return measures.map(({ children }) => {
    const now = { ...scale };
    for (const element of children) {
      if (element.name !== 'attributes') continue;
      scale.divisions = numberIn(child(element, 'divisions')) || scale.divisions;
      scale.transposes = transposeIn(element) ?? scale.transposes;
    }
    return now;
  });
}

function step(element: Element, place: ReadPosition, reader: Reader): void {
  switch (element.name) {
    case 'attributes':
      place.divisions = numberIn(child(element, 'divisions')) || place.divisions;
      place.transposes = transposeIn(element) ?? place.transposes;
      return;
    case 'backup':
      place.at -= durationOf(element, place);
      return;
    case 'forward':
      place.at += durationOf(element, place);
      return;
    case 'barline':
      reader.repeats ||= !!child(element, 'repeat') || !!child(element, 'ending');
      return;
    case 'note':
      takeNote(element, place, reader);
      return;
  }
}

/** Half steps from what is written to what sounds; `undefined` where these attributes do not say. */
export function transposeIn(attributes: Element): number | undefined {
  const transpose = child(attributes, 'transpose');
  if (!transpose) return undefined;
  const octaves = numberIn(child(transpose, 'octave-change')) ?? 0;
  return (numberIn(child(transpose, 'chromatic')) ?? 0) + 12 * octaves;
}

const durationOf = (element: Element, { divisions }: ReadPosition): number =>
  Math.round(((numberIn(child(element, 'duration')) ?? 0) / divisions) * TICKS_PER_QUARTER);

function takeNote(element: Element, place: ReadPosition, reader: Reader): void {
  if (child(element, 'grace') || child(element, 'cue')) {
    reader.graces += 1;
    return;
  }
  const length = durationOf(element, place);
  const inChord = !!child(element, 'chord');
  const at = inChord ? place.last : place.at;
  if (!inChord) {
    place.last = place.at;
    place.at += length;
  }
  const midi = pitchOf(element, place);
  if (midi === undefined || length <= 0) return;
  const voice = child(element, 'voice')?.text ?? '1';
  place.voice ??= voice;
  if (voice !== place.voice) reader.voices += 1;
  else if (!inChord || !above(reader, at, midi))
    addNote(reader, { midi, at, length }, ties(element));
}

/** Of a chord the top note is the line; another note of it that lies higher takes its place. */
function above(reader: Reader, at: number, midi: number): boolean {
  const under = reader.notes.findIndex((note) => note.at === at);
  reader.voices += 1;
  if (under < 0) return false;
  if (reader.notes[under]!.midi < midi) reader.notes[under] = { ...reader.notes[under]!, midi };
  return true;
}

const STEPS: Readonly<Record<string, number>> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 };

function pitchOf(element: Element, { transposes }: ReadPosition): number | undefined {
  const pitch = child(element, 'pitch');
  const semitones = STEPS[(pitch && child(pitch, 'step')?.text) ?? ''];
  const octave = pitch && numberIn(child(pitch, 'octave'));
  if (semitones === undefined || octave === undefined) return undefined;
  const alter = Math.round(numberIn(child(pitch!, 'alter')) ?? 0);
  const midi = 12 * (octave + 1) + semitones + alter + transposes;
  return midi >= 0 && midi <= 127 ? midi : undefined;
}

const ties = (element: Element): boolean =>
  element.children.some(({ name, attributes }) => name === 'tie' && attributes['type'] === 'stop');

/** A note tied to the one before makes that one longer. */
function addNote({ notes }: Reader, note: Omit<MidiNote, 'velocity'>, tied: boolean): void {
  const before = tied
    ? notes.findIndex(({ midi, at, length }) => midi === note.midi && at + length === note.at)
    : -1;
  if (before < 0) notes.push({ ...note, velocity: USUAL_VELOCITY });
  else notes[before] = { ...notes[before]!, length: notes[before]!.length + note.length };
}
