import { READERS, type ReaderId } from '@drop-close/core';
import { Button } from 'antd';
import type { Sheet } from '../engine/protocol';
import { prettyPitch } from '../ui/notation';

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
  if (!outside.length) return null;
  const { label, low, high } = READERS[reader];
  const where = outside.slice(0, SHOWN).map(({ measure, midi, way }) => {
    const bar = score.measures[measure]?.number ?? 0;
    return `${prettyPitch(midi)} in bar ${bar} is ${way}`;
  });
  const more = outside.length - where.length;
  return (
    <p className="outside-note" role="status">
      {label} is written from {prettyPitch(low)} to {prettyPitch(high)}: {where.join(', ')}
      {more > 0 && `, and ${more} more`}.{' '}
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
