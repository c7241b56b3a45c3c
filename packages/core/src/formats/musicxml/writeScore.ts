/**
 * A score as MusicXML 4.0, partwise. Swing is written straight and told in `<sound>`; chords stand in the first part; a part
 * on another instrument is written where its player reads it and told by `<transpose>`. Source: MusicXML 4.0 (W3C).
 */
import type { Score, ScoreMeasure, ScorePart } from '../../score/types';
import { attributesOf } from './attributes';
import { documentOf, element, type XmlNode } from './build';
import { barline, directionsOf, jumpsOf } from './directions';
import { harmony } from './harmony';
import { slashesOf, voicesOf } from './notes';

/** @returns the document as text */
export function writeMusicXml(score: Score): string {
  const parts = score.parts.map((part, at) => ({ part, id: `P${at + 1}`, isFirst: at === 0 }));
  return documentOf(
    element(
      'score-partwise',
      [
        element('work', [element('work-title', score.title)]),
        element('identification', [element('encoding', [element('software', 'Drop Close')])]),
        element(
          'part-list',
          parts.map(({ part, id }) =>
            element('score-part', [element('part-name', part.name)], { id }),
          ),
        ),
        ...parts.map(({ part, id, isFirst }) =>
          element(
            'part',
            score.measures.map((measure, at) => measureOf(score, part, measure, at, isFirst)),
            { id },
          ),
        ),
      ],
      { version: '4.0' },
    ),
  );
}

function measureOf(
  score: Score,
  part: ScorePart,
  measure: ScoreMeasure,
  at: number,
  isFirst: boolean,
): XmlNode {
  const before = score.measures[at - 1];
  const isPickup = measure.number === 0;
  const voices = part.measures[at]?.voices ?? [];
  return element(
    'measure',
    [
      ...barline(measure, 'left'),
      ...attributesOf(score, part, measure, before),
      ...(isFirst ? directionsOf(score, measure, at) : []),
      ...(isFirst ? measure.chords.map(({ chord, at: offset }) => harmony(chord, offset)) : []),
      ...(voices.length ? voicesOf(part, voices, measure) : [slashesOf(measure)]),
      ...(isFirst ? jumpsOf(measure) : []),
      ...barline(measure, 'right'),
    ],
    { number: isPickup ? 0 : measure.number, ...(isPickup && { implicit: 'yes' }) },
  );
}
