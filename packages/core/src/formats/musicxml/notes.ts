import { noteOf } from '../../pitch/spelling';
import type { Moment, ScoreMeasure, ScorePart, ScoreVoice, WrittenNote } from '../../score/types';
import { element, type XmlNode } from './build';

const OCTAVE = 12;

/** A bar that its player fills from the symbols: read as slashes, it rests in the file. */
export const slashesOf = ({ length }: ScoreMeasure): XmlNode =>
  element('note', [
    element('rest', [], { measure: 'yes' }),
    element('duration', length),
    element('voice', 1),
  ]);

/** The notes of a bar, voice after voice. */
export function voicesOf(
  part: ScorePart,
  voices: readonly ScoreVoice[],
  { length }: ScoreMeasure,
): XmlNode[] {
  return voices.flatMap(({ staff, moments }, at) => [
    ...(at > 0 ? [element('backup', [element('duration', length)])] : []),
    ...moments.flatMap((moment) => momentOf(part, moment, staff, at + 1)),
  ]);
}

function momentOf(part: ScorePart, moment: Moment, staff: number, voice: number): XmlNode[] {
  const { value, notes, wholeBar, slashed } = moment;
  const isTab = part.staves[staff] === 'tab';
  const last = [
    ...(wholeBar ? [] : [element('type', value.base)]),
    ...Array.from({ length: value.dots }, () => element('dot')),
    ...(value.triplet
      ? [element('time-modification', [element('actual-notes', 3), element('normal-notes', 2)])]
      : []),
  ];
  const onStaff = part.staves.length > 1 ? [element('staff', staff + 1)] : [];
  if (!notes.length) {
    return [
      element('note', [
        element('rest', [], wholeBar ? { measure: 'yes' } : {}),
        element('duration', value.length),
        element('voice', voice),
        ...last,
        ...onStaff,
      ]),
    ];
  }
  return notes.map((note, at) =>
    element('note', [
      ...(at > 0 ? [element('chord')] : []),
      pitchOf(note, part.writtenAbove),
      element('duration', value.length),
      ...tiesOf(note, 'tie'),
      element('voice', voice),
      ...last,
      ...(slashed ? [element('notehead', 'slash')] : []),
      ...onStaff,
      ...notationsOf(note, isTab),
      ...degreeOf(note),
    ]),
  );
}

/** As it is written: the letter as it is spelled, in the octave of its letter. */
function pitchOf({ midi, note }: WrittenNote, above: number): XmlNode {
  const { letter, accidental } = noteOf(note);
  return element('pitch', [
    element('step', letter),
    ...(accidental ? [element('alter', accidental)] : []),
    element('octave', Math.floor((midi + above - accidental) / OCTAVE) - 1),
  ]);
}

const tiesOf = ({ tiedFrom, tiedTo }: WrittenNote, name: 'tie' | 'tied'): XmlNode[] => [
  ...(tiedFrom ? [element(name, [], { type: 'stop' })] : []),
  ...(tiedTo ? [element(name, [], { type: 'start' })] : []),
];

function notationsOf(note: WrittenNote, isTab: boolean): XmlNode[] {
  const { string, fret } = note;
  const technical =
    isTab && string !== undefined && fret !== undefined
      ? [element('technical', [element('string', string), element('fret', fret)])]
      : [];
  const all = [...tiesOf(note, 'tied'), ...technical];
  return all.length ? [element('notations', all)] : [];
}

/** A degree stands where words that are sung do. */
const degreeOf = ({ degree, tiedFrom }: WrittenNote): XmlNode[] =>
  degree === undefined || tiedFrom
    ? []
    : [element('lyric', [element('syllabic', 'single'), element('text', degree)])];
