import type { Room } from '@drop-close/core';
import { useMemo } from 'react';
import type { VoicedChorus } from '../../engine/protocol';
import { Heads } from '../threads/Heads';
import { StrandLine } from '../threads/StrandLine';
import { layoutThreads, threadScale } from '../threads/threadLayout';
import { zooms } from '../threads/zoom';

interface CompareThreadsProps {
  readonly chorus: VoicedChorus;
  readonly room: Room;
  readonly selected: number;
}

const WIDTH = 510;
/** Eight bars a system, from as far as the whole form is seen. */
const ZOOM = { ...zooms.at(-1)!, bars: 8 };

/** A chorus as threads, small and still: to be looked at beside another. */
export function CompareThreads({ chorus, room, selected }: CompareThreadsProps) {
  const { timeline, outcome } = chorus;
  const { systems, scale } = useMemo(() => {
    const path = outcome.status === 'found' ? outcome.path : [];
    const changes = outcome.status === 'found' ? outcome.changes : [];
    const pitches = threadScale(path, room.window, ZOOM);
    return {
      scale: pitches,
      systems: layoutThreads({ timeline, path, changes }, pitches, WIDTH, ZOOM),
    };
  }, [timeline, outcome, room]);
  return systems.map((system, at) => (
    <svg key={at} width="100%" viewBox={`0 0 ${WIDTH} ${scale.height}`} aria-hidden>
      {system.bars.map(({ number, x }) => (
        <g key={number}>
          <line className="bar-line" x1={x} x2={x} y1={0} y2={scale.height} />
          <text className="pitch-mark" x={x + 3} y={scale.height - 3}>
            {number}
          </text>
        </g>
      ))}
      {system.strands.map((strand, index) => (
        <StrandLine key={index} strand={strand} />
      ))}
      <Heads system={system} selected={selected} radius={2.6} />
    </svg>
  ));
}
