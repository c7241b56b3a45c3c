import type { MotionKind } from '@drop-close/core';
import { StrandLine } from './StrandLine';

const KINDS: readonly (readonly [MotionKind, number])[] = [
  ['held', 0],
  ['half step', 4],
  ['whole step', 8],
  ['leap', 13],
];

/** How to read the lines. */
export function ThreadLegend() {
  return (
    <p className="thread-legend quiet" aria-label="How to read the threads">
      {KINDS.map(([kind, fall]) => (
        <span key={kind}>
          <svg width={34} height={18} aria-hidden>
            <StrandLine
              strand={{
                kind,
                voice: 0,
                chord: 0,
                from: { x: 2, y: 3 },
                to: { x: 32, y: 3 + fall },
              }}
            />
          </svg>
          {kind}
        </span>
      ))}
    </p>
  );
}
