import type { ToldNote } from '@drop-close/core';

const RADIUS = 4.5;

interface MelodySignProps {
  readonly note: Pick<ToldNote, 'part' | 'avoid' | 'foreshadows'>;
  readonly x: number;
  readonly y: number;
}

/** What a note is, by its shape: full on the chord, a ring for a tension, barred to pass only, a cross outside. */
export function MelodySign({ note: { part, avoid, foreshadows }, x, y }: MelodySignProps) {
  const early = foreshadows && (
    <path className="melody-early" d={`M${x + 7} ${y - 4} l4 4 l-4 4`} />
  );
  if (part === 'outside') {
    const [a, b] = [RADIUS - 0.5, 0.5 - RADIUS];
    return (
      <>
        <path
          className="melody-outside"
          d={`M${x + a} ${y + a} L${x + b} ${y + b} M${x + a} ${y + b} L${x + b} ${y + a}`}
        />
        {early}
      </>
    );
  }
  if (part === 'no chord') {
    return <rect className="melody-ring" x={x - 3.5} y={y - 3.5} width={7} height={7} />;
  }
  return (
    <>
      <circle
        className={part === 'chord tone' ? 'melody-full' : 'melody-ring'}
        cx={x}
        cy={y}
        r={RADIUS}
      />
      {avoid && <line className="melody-bar-sign" x1={x - 7} x2={x + 7} y1={y + 7} y2={y - 7} />}
      {early}
    </>
  );
}
