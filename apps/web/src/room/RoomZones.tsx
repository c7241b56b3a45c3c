import type { PitchRange, Room } from '@drop-close/core';
import { useId } from 'react';
import type { PitchScale } from '../ui/pitchScale';
import './zones.css';

interface RoomZonesProps {
  readonly scale: PitchScale;
  readonly room: Room;
  readonly left: number;
  readonly right: number;
  /** Whether the zones are named; once a chorus is enough. */
  readonly named: boolean;
}

/** Behind the threads: where the accompaniment sits best, and the registers of those who play beside it. */
export function RoomZones({ scale, room, left, right, named }: RoomZonesProps) {
  const id = useId();
  const { others, centre, window } = room;
  const band = ({ low, high }: PitchRange) => {
    const top = Math.max(0, scale.y(high));
    return {
      x: left,
      y: top,
      width: right - left,
      height: Math.max(0, Math.min(scale.height, scale.y(low)) - top),
    };
  };
  return (
    <g>
      <defs>
        <pattern id={`${id}soloist`} width="7" height="7" patternUnits="userSpaceOnUse">
          <path className="hatch" d="M0 7 L7 0" />
        </pattern>
        <pattern id={`${id}bass`} width="7" height="7" patternUnits="userSpaceOnUse">
          <path className="hatch" d="M0 0 L7 7" />
        </pattern>
      </defs>
      <rect className="zone" {...band(centre)} />
      {others.soloist && <rect fill={`url(#${id}soloist)`} {...band(room.soloist)} />}
      {others.bass && <rect fill={`url(#${id}bass)`} {...band(room.bass)} />}
      {[window.low, window.high].map((midi) => (
        <line
          key={midi}
          className="window-edge"
          x1={left}
          x2={right}
          y1={scale.y(midi)}
          y2={scale.y(midi)}
        />
      ))}
      {named && others.soloist && (
        <text className="zone-name" x={left + 5} y={Math.max(10, band(room.soloist).y + 10)}>
          soloist
        </text>
      )}
      {named && others.bass && (
        <text className="zone-name" x={left + 5} y={scale.height - 3}>
          bass
        </text>
      )}
    </g>
  );
}
