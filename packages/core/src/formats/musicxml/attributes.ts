import { TICKS_PER_QUARTER } from '../../comp/base/time';
import { sharpsOf } from '../../pitch/interval';
import { noteOf } from '../../pitch/spelling';
import { pitchName } from '../../voicing/base/pitchName';
import type { Clef, Score, ScoreMeasure, ScorePart } from '../../score/types';
import { element, type XmlNode } from './build';

const OCTAVE = 12;

const CLEF: Readonly<Record<Clef, readonly [sign: string, line: number]>> = {
  treble: ['G', 2],
  bass: ['F', 4],
  tab: ['TAB', 5],
};

const sameMeter = (a: ScoreMeasure, b: ScoreMeasure): boolean =>
  a.meter.beats === b.meter.beats && a.meter.unit === b.meter.unit;

/** What a bar has to say of clef, key, meter, strings and transposition: all of it first, later a change of meter. */
export function attributesOf(
  { key }: Score,
  part: ScorePart,
  measure: ScoreMeasure,
  before: ScoreMeasure | undefined,
): XmlNode[] {
  const { beats, unit } = measure.meter;
  const time = element('time', [element('beats', beats), element('beat-type', unit)]);
  if (before) return sameMeter(measure, before) ? [] : [element('attributes', [time])];
  const isMinor = key.endsWith('m');
  const fifths = sharpsOf(key.replace(/m$/, '')) - (isMinor ? 3 : 0);
  const { staves, tuning, writtenAbove } = part;
  const several = staves.length > 1;
  const numbered = (at: number): Readonly<Record<string, number>> =>
    several ? { number: at + 1 } : {};
  // One for all staves: what reads tab goes by strings and frets.
  const transposed = writtenAbove ? [transposition(writtenAbove)] : [];
  return [
    element('attributes', [
      element('divisions', TICKS_PER_QUARTER),
      element('key', [element('fifths', fifths), element('mode', isMinor ? 'minor' : 'major')]),
      time,
      ...(several ? [element('staves', staves.length)] : []),
      ...staves.map((clef, at) => {
        const [sign, line] = CLEF[clef];
        return element('clef', [element('sign', sign), element('line', line)], numbered(at));
      }),
      ...staves.flatMap((clef, at) => (clef === 'tab' ? [tabOf(tuning, numbered(at))] : [])),
      ...transposed,
      ...(part.measures[0]?.voices.length
        ? []
        : [element('measure-style', [element('slash', [], { type: 'start' })])]),
    ]),
  ];
}

/** Letters of an interval by its half steps: major and perfect ones, as instruments are built in. */
const LETTERS = [0, 1, 1, 2, 2, 3, 3, 4, 5, 5, 6, 6] as const;

/** From what is written to what sounds. */
function transposition(above: number): XmlNode {
  const [octaves, rest] = [Math.trunc(above / OCTAVE), above % OCTAVE];
  return element('transpose', [
    element('diatonic', rest ? -LETTERS[rest]! : 0),
    element('chromatic', rest ? -rest : 0),
    ...(octaves ? [element('octave-change', -octaves)] : []),
  ]);
}

/** The open strings, counted by MusicXML from the lowest line of the staff. */
const tabOf = (tuning: readonly number[], number: Readonly<Record<string, number>>): XmlNode =>
  element(
    'staff-details',
    [
      element('staff-lines', tuning.length),
      ...tuning.map((pitch, at) => {
        const { letter, accidental } = noteOf(pitchName(pitch).replace(/-?\d+$/, ''));
        return element(
          'staff-tuning',
          [
            element('tuning-step', letter),
            ...(accidental ? [element('tuning-alter', accidental)] : []),
            element('tuning-octave', Math.floor(pitch / OCTAVE) - 1),
          ],
          { line: at + 1 },
        );
      }),
    ],
    number,
  );
