import { prettyDegree } from '@drop-close/core';
import type { SheetLine } from './layout';
import { threadsOver, type GuideTones } from './guideThreads';
import '../../ui/picture/strands.css';

interface GuideThreadsProps {
  readonly line: SheetLine;
  readonly tones: GuideTones;
  readonly perLine: number;
}

/** In pixels; the numbers at its edges lie within. */
const HEIGHT = 46;
const EDGE = 7;

/** What is heard of the changes when all else is left out: both guide tones as threads under a line of bars. */
export function GuideThreads({ line, tones, perLine }: GuideThreadsProps) {
  const x = (bars: number): string => `${(bars / perLine) * 100}%`;
  const y = (share: number): number => EDGE + share * (HEIGHT - 2 * EDGE);
  const threads = threadsOver(line, tones);
  if (!threads.length) return null;
  return (
    <svg className="guide-threads" height={HEIGHT} aria-hidden>
      {threads.map(({ nodes, pieces }, at) => (
        <g key={at}>
          {pieces.map(({ kind, from, to }, piece) => (
            <line
              key={piece}
              className={`strand strand-${kind.replace(' ', '-')}`}
              {...{ x1: x(from.x), y1: y(from.y), x2: x(to.x), y2: y(to.y) }}
            />
          ))}
          {nodes.map((node) => (
            <text key={node.x} x={x(node.x)} y={y(node.y)} dy="0.34em">
              {prettyDegree(node.note.degree)}
            </text>
          ))}
        </g>
      ))}
    </svg>
  );
}
