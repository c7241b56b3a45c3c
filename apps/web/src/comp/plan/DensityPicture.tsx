import { densityByBar, TICKS_PER_QUARTER } from '@drop-close/core';
import type { ComposedChoruses } from '../../engine/protocol';
import { Picture } from '../../ui/picture/Picture';
import type { PictureLook } from '../../ui/picture/looks';
import { timeAxis } from '../../ui/picture/timeAxis';

interface DensityPictureProps {
  readonly composed: ComposedChoruses;
  readonly width: number;
  readonly look: PictureLook;
}

const LEFT = 56;
const RIGHT = 2;
const HEIGHT = 110;
/** Where the columns of hits stand, and how high the highest is. */
const GROUND = 66;
const HIGHEST = 52;
/** Where the strip of what sounds lies. */
const STRIP = 74;
const STRIP_HEIGHT = 8;

/** How busy the comp is over all choruses: hits of each bar, and for how much of it they sound. */
export function DensityPicture({ composed, width, look }: DensityPictureProps) {
  const { sounding, timeline, sections, times } = composed;
  const density = densityByBar(sounding, timeline);
  const most = Math.max(1, ...density.map(({ hits }) => hits));
  const { x } = timeAxis(timeline, LEFT, width - RIGHT);
  const xOf = (ticks: number): number => x(ticks / TICKS_PER_QUARTER);
  const heads = sections.map(({ fromBar, chorus, section, name }) => ({
    ...{ name: section === 0 ? `${chorus + 1} ${name}` : name, isChorus: section === 0 },
    x: xOf(density.find(({ bar }) => bar === fromBar)?.at ?? 0),
  }));
  return (
    <Picture
      {...{ width, look }}
      height={HEIGHT}
      label={`${sounding.length} hits in ${density.length} bars of ${times === 1 ? 'one chorus' : `${times} choruses`}, at most ${most} in a bar`}
    >
      <text fill={look.quiet} x={0} y={GROUND - HIGHEST + 10}>
        {most} hits
      </text>
      <text fill={look.quiet} x={0} y={STRIP + STRIP_HEIGHT}>
        sounds
      </text>
      {heads.map(({ name, x: left, isChorus }) => (
        <g key={left}>
          <line
            {...{ x1: left, x2: left, y1: isChorus ? 2 : GROUND - HIGHEST }}
            {...{ y2: STRIP + STRIP_HEIGHT, stroke: look.line }}
          />
          <text fill={look.quiet} x={left + 2} y={HEIGHT - 8}>
            {name}
          </text>
        </g>
      ))}
      {density.map(({ bar, at, end, hits, sounds }) => {
        const room = Math.max(1, xOf(end) - xOf(at) - 1);
        const high = (HIGHEST * hits) / most;
        return (
          <g key={bar}>
            <rect
              x={xOf(at)}
              width={room}
              y={GROUND - high}
              height={high}
              fill={look.ink}
              fillOpacity={0.65}
            />
            <rect
              {...{ x: xOf(at), width: room * sounds, y: STRIP, height: STRIP_HEIGHT }}
              fill={look.accent}
            />
          </g>
        );
      })}
    </Picture>
  );
}
