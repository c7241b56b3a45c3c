import { inList, READERS, type ReaderId, type Sheet } from '@drop-close/core';
import { Button } from 'antd';
import { useNotation } from '../profile/useNotation';

interface OutsideNoteProps {
  readonly sheet: Sheet;
  readonly reader: ReaderId;
  /** By how many octaves more. */
  readonly onMove: (octaves: number) => void;
}

const SHOWN = 6;

/** Notes outside the range of whoever reads a part, and the octave that would help. */
export function OutsideNote({
  sheet: { outside, octave, score },
  reader,
  onMove,
}: OutsideNoteProps) {
  const { pitch: nameOf } = useNotation();
  if (!outside.length) return null;
  const { label, low, high } = READERS[reader];
  const shown = outside.slice(0, SHOWN);
  const said = (['too low', 'too high'] as const).flatMap((way) => {
    const own = shown.filter((note) => note.way === way);
    const notes = own.map(({ measure, midi }) => {
      return `${nameOf(midi)} in bar ${score.measures[measure]?.number ?? 0}`;
    });
    return own.length ? `${way} ${own.length === 1 ? 'is' : 'are'} ${inList(notes)}` : [];
  });
  const more = outside.length - shown.length;
  return (
    <p className="outside-note" role="status">
      {label} is written from {nameOf(low)} to {nameOf(high)}: {said.join('; ')}
      {more > 0 && `, and ${more} notes more`}.{' '}
      {octave !== 0 && (
        <Button
          size="small"
          onClick={() => {
            onMove(octave);
          }}
        >
          {octaveInWords(octave)}
        </Button>
      )}
    </p>
  );
}

function octaveInWords(octaves: number): string {
  const way = octaves > 0 ? 'up' : 'down';
  return Math.abs(octaves) === 1
    ? `Write it an octave ${way}`
    : `Write it ${Math.abs(octaves)} octaves ${way}`;
}
