import { phrasesOf, TICKS_PER_QUARTER, type HitJudgement } from '@drop-close/core';
import type { ComposedChoruses } from '../engine/protocol';
import { Picture } from '../ui/picture/Picture';
import { timeAxis } from '../ui/picture/timeAxis';
import type { PictureLook } from '../ui/picture/looks';

interface GapsPictureProps {
  readonly composed: ComposedChoruses;
  readonly width: number;
  readonly look: PictureLook;
}

const LEFT = 56;
const RIGHT = 2;
const HEIGHT = 74;
const SOLO = 18;
const HITS = 44;

/** How high a hit stands, by where it falls in the line: told without colour. */
const HEIGHTS: Readonly<Record<HitJudgement['place'], number>> = {
  'in a gap': 14,
  'under a long note': 9,
  'over the line': 4,
};

/** The soloist's phrases and the hits between them, over all choruses in one line. */
export function GapsPicture({ composed, width, look }: GapsPictureProps) {
  const { line, sounding, judged, timeline } = composed;
  const { x, numbered } = timeAxis(timeline, LEFT, width - RIGHT);
  const xOf = (ticks: number): number => x(ticks / TICKS_PER_QUARTER);
  const phrases = phrasesOf(line);
  return (
    <Picture
      {...{ width, look }}
      height={HEIGHT}
      label={`${phrases.length} phrases of the soloist and ${sounding.length} hits`}
    >
      <text fill={look.quiet} x={0} y={SOLO + 5}>
        soloist
      </text>
      <text fill={look.quiet} x={0} y={HITS + 4}>
        hits
      </text>
      {numbered.map(({ number, x: left }) => (
        <g key={number}>
          <line x1={left} x2={left} y1={6} y2={HITS + 6} stroke={look.line} />
          <text fill={look.quiet} x={left + 2} y={HEIGHT - 6}>
            {number}
          </text>
        </g>
      ))}
      {phrases.map(({ at, end }) => (
        <rect
          key={at}
          x={xOf(at)}
          width={Math.max(2, xOf(end) - xOf(at))}
          y={SOLO - 6}
          height={12}
          rx={3}
          fill={look.accent}
          fillOpacity={0.45}
          stroke={look.accent}
        />
      ))}
      {judged.map(({ place }, position) => {
        const hit = sounding[position];
        if (!hit) return null;
        const high = HEIGHTS[place];
        return (
          <rect
            key={position}
            x={xOf(hit.at)}
            width={Math.max(2, xOf(hit.end) - xOf(hit.at) - 1)}
            y={HITS + 6 - high}
            height={high}
            fill={look.ink}
          />
        );
      })}
    </Picture>
  );
}
