import { memo } from 'react';
import { RoomZones } from '../../room/RoomZones';
import { WindowEdges } from '../../room/WindowEdges';
import { LineMarks } from './LineMarks';
import { Columns } from './Columns';
import { Strands } from './Strands';
import { Heads } from './Heads';
import { SystemBars } from './SystemBars';
import { StrandLine } from './StrandLine';
import { GRIPS, SYMBOLS } from './systemRows';
import type { SystemLayout } from './threadLayout';
import type { ThreadSystemProps } from './threadSystemProps';
import type { PitchScale } from '../../ui/pitchScale';

/** Octaves of C to find one's bearings by. */
const LANDMARKS = [36, 48, 60, 72, 84];
const TEXT_HEIGHT = 10;
const inside =
  (scale: PitchScale) =>
  (midi: number): boolean =>
    scale.y(midi) > TEXT_HEIGHT && scale.y(midi) < scale.height - TEXT_HEIGHT / 2;

/** Some bars: symbols above, threads between, grips below. */
export const ThreadSystem = memo(function ThreadSystem(props: ThreadSystemProps) {
  const { system, scale, zoom, timeline, notes, room, first } = props;
  return (
    <div className={zoom.grips ? 'system' : 'system system-far'}>
      <SystemBars bars={system.bars} />
      <div
        className="system-chords"
        style={{ height: scale.height + SYMBOLS + (zoom.grips ? GRIPS : 0) }}
      >
        <ThreadDrawing {...props} />
        <WindowEdges scale={scale} room={room} first={first} top={SYMBOLS} />
        <Columns {...props} />
        <LineMarks
          system={system}
          scale={scale}
          top={SYMBOLS}
          notes={notes.filter(({ at, symbol }) => timeline.events[at]?.chord.symbol === symbol)}
        />
      </div>
    </div>
  );
});

function ThreadDrawing(props: ThreadSystemProps) {
  const { system, ghost, scale, width, room, first, selected, focus } = props;
  const [firstBar] = system.bars;
  const last = system.bars.at(-1);
  const left = firstBar?.x ?? 0;
  const right = last ? last.x + last.width : width;
  return (
    <svg
      className={focus ? 'thread-drawing has-focus' : 'thread-drawing'}
      width={width}
      height={scale.height}
      style={{ top: SYMBOLS }}
      aria-hidden
    >
      <RoomZones scale={scale} room={room} left={left} right={right} named={first} />
      {LANDMARKS.filter(inside(scale)).map((midi) => (
        <text key={midi} className="pitch-mark" x={2} y={scale.y(midi) + 4}>
          C{midi / 12 - 1}
        </text>
      ))}
      {system.bars.map((bar) => (
        <line
          key={bar.number}
          className="bar-line"
          x1={bar.x}
          x2={bar.x}
          y1={0}
          y2={scale.height}
        />
      ))}
      <line className="bar-line" x1={right} x2={right} y1={0} y2={scale.height} />
      {ghost && <GhostDrawing ghost={ghost} />}
      <Strands system={system} focus={focus} />
      <Heads system={system} selected={selected} radius={3.2} />
    </svg>
  );
}

/** How the voices would go: hollow heads, thin lines beside the threads that are. */
function GhostDrawing({ ghost }: { ghost: SystemLayout }) {
  return (
    <g className="ghost">
      {ghost.strands.map((strand, index) => (
        <StrandLine key={index} strand={strand} />
      ))}
      {ghost.chords.flatMap((column) =>
        column.heads.map(({ x, y }, voice) => (
          <circle key={`${column.index} ${voice}`} className="ghost-head" cx={x} cy={y} r={4.6} />
        )),
      )}
    </g>
  );
}
