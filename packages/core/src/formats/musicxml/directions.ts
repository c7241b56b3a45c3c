import type { Score, ScoreMeasure } from '../../score/types';
import { element, type XmlNode } from './build';

const SWUNG = new Set(['swing', 'shuffle']);

/** What is read over the beginning of a bar: tempo and feel once, sections, remarks, signs. */
export function directionsOf(score: Score, measure: ScoreMeasure, at: number): XmlNode[] {
  const said: XmlNode[] = [];
  if (at === 0) {
    const swing = SWUNG.has(score.feel)
      ? [
          element('swing', [
            element('first', 2),
            element('second', 1),
            element('swing-type', 'eighth'),
          ]),
        ]
      : [];
    said.push(
      element(
        'direction',
        [
          element('direction-type', [element('words', score.feel)]),
          element('direction-type', [
            element('metronome', [
              element('beat-unit', 'quarter'),
              element('per-minute', score.tempo),
            ]),
          ]),
          element('sound', swing, { tempo: score.tempo }),
        ],
        { placement: 'above' },
      ),
    );
  }
  if (measure.section !== undefined) {
    said.push(above([element('rehearsal', measure.section)]));
  }
  for (const words of measure.words) said.push(above([element('words', words)]));
  for (const direction of measure.directions) {
    if (direction.kind === 'segno') said.push(above([element('segno')], { segno: 'segno' }));
    if (direction.kind === 'coda') said.push(above([element('coda')], { coda: 'coda' }));
  }
  return said;
}

const above = (type: readonly XmlNode[], sound?: Readonly<Record<string, string>>): XmlNode =>
  element(
    'direction',
    [element('direction-type', type), ...(sound ? [element('sound', [], sound)] : [])],
    { placement: 'above' },
  );

/** What is read at the end of a bar. */
export const jumpsOf = ({ directions }: ScoreMeasure): XmlNode[] =>
  directions.flatMap((direction) => {
    const words = (text: string, sound: Readonly<Record<string, string>>): XmlNode[] => [
      above([element('words', text)], sound),
    ];
    switch (direction.kind) {
      case 'fine':
        return words('Fine', { fine: 'yes' });
      case 'to coda':
        return words('To Coda', { tocoda: 'coda' });
      case 'jump': {
        const until = { end: '', fine: ' al Fine', coda: ' al Coda' }[direction.until];
        return direction.from === 'beginning'
          ? words(`D.C.${until}`, { dacapo: 'yes' })
          : words(`D.S.${until}`, { dalsegno: 'segno' });
      }
      case 'segno':
      case 'coda':
        return [];
    }
  });

/** Repeats and endings on one side of a bar. */
export function barline(
  { repeatStart, repeatEnd, ending }: ScoreMeasure,
  location: 'left' | 'right',
): XmlNode[] {
  const isLeft = location === 'left';
  const isRepeat = isLeft ? repeatStart : repeatEnd;
  const number = String(ending?.number ?? '');
  const ends = repeatEnd ? 'stop' : 'discontinue';
  const type = isLeft ? ending?.begins && 'start' : ending?.ends && ends;
  if (!isRepeat && !type) return [];
  return [
    element(
      'barline',
      [
        ...(isRepeat ? [element('bar-style', isLeft ? 'heavy-light' : 'light-heavy')] : []),
        ...(type ? [element('ending', isLeft ? `${number}.` : [], { number, type })] : []),
        ...(isRepeat
          ? [element('repeat', [], { direction: isLeft ? 'forward' : 'backward' })]
          : []),
      ],
      { location },
    ),
  ];
}
