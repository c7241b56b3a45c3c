import type { Room, Timeline, Voicing } from '@drop-close/core';
import { memo } from 'react';
import { RoomZones } from '../room/RoomZones';
import { WindowEdges } from '../room/WindowEdges';
import { ChordCell } from './ChordCell';
import { StrandLine } from './StrandLine';
import type { SystemLayout, ThreadScale } from './threadLayout';

interface ThreadSystemProps {
  readonly system: SystemLayout;
  readonly scale: ThreadScale;
  readonly width: number;
  readonly timeline: Timeline;
  readonly path: readonly Voicing[];
  readonly room: Room;
  /** The first system names the zones and holds the tab stops of what is dragged. */
  readonly first: boolean;
  readonly locked: ReadonlySet<number>;
  readonly selected: number;
  readonly sounding: number | undefined;
  readonly onSelect: (index: number) => void;
}

/** Octaves of C to find one's bearings by. */
const LANDMARKS = [36, 48, 60, 72, 84];
const TEXT_HEIGHT = 10;
const inside =
  (scale: ThreadScale) =>
  (midi: number): boolean =>
    scale.y(midi) > TEXT_HEIGHT && scale.y(midi) < scale.height - TEXT_HEIGHT / 2;

/** Four bars: symbols above, threads between, grips below. */
export const ThreadSystem = memo(function ThreadSystem(props: ThreadSystemProps) {
  const { system, scale, width, timeline, path, locked, selected, sounding, onSelect } = props;
  return (
    <div className="system">
      <div className="system-bars" aria-hidden>
        {system.bars.map((bar) => (
          <span key={bar.number} style={{ left: bar.x, width: bar.width }} className="bar-head">
            {bar.section && <b>{bar.section}</b>}
            <small>{bar.number}</small>
          </span>
        ))}
      </div>
      <div className="system-chords" style={{ height: scale.height + OUTSIDE }}>
        <ThreadDrawing {...props} />
        <WindowEdges scale={scale} room={props.room} first={props.first} top={SYMBOLS} />
        {system.chords.map((column) => {
          const event = timeline.events[column.index];
          return (
            event && (
              <ChordCell
                key={column.index}
                event={event}
                voicing={path[column.index]}
                left={column.x}
                width={Math.min(column.width, width - column.x)}
                threadHeight={scale.height}
                locked={locked.has(column.index)}
                selected={selected === column.index}
                sounding={sounding === column.index}
                onSelect={() => {
                  onSelect(column.index);
                }}
              />
            )
          );
        })}
      </div>
    </div>
  );
});

/** Symbol row above and grip row below the threads, in pixels. */
const SYMBOLS = 34;
const OUTSIDE = SYMBOLS + 66;

function ThreadDrawing({ system, scale, width, room, first, selected }: ThreadSystemProps) {
  const [firstBar] = system.bars;
  const last = system.bars.at(-1);
  const left = firstBar?.x ?? 0;
  const right = last ? last.x + last.width : width;
  return (
    <svg
      className="thread-drawing"
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
      {system.strands.map((strand, index) => (
        <StrandLine key={index} strand={strand} />
      ))}
      {system.chords.flatMap((column) =>
        column.heads.map((head, voice) => (
          <circle
            key={`${column.index} ${voice}`}
            className={column.index === selected ? 'head head-selected' : 'head'}
            cx={head.x}
            cy={head.y}
            r={column.index === selected ? 4.4 : 3.2}
          />
        )),
      )}
    </svg>
  );
}
