import { LIMITS, type Room } from '@drop-close/core';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { PitchScale } from '../ui/pitchScale';
import { useRoom } from './useRoom';
import { useNotation } from '../profile/useNotation';

type Edge = 'low' | 'high';

const NAMES: Readonly<Record<Edge, string>> = {
  low: 'Lowest comping note',
  high: 'Highest comping note',
};

interface WindowEdgesProps {
  readonly scale: PitchScale;
  readonly room: Room;
  /** The first system has the tab stops; the pointer may take any. */
  readonly first: boolean;
  /** Where the threads begin, in pixels. */
  readonly top: number;
}

/** The ends of the room's register, dragged where the threads are, or moved by the arrow keys. */
export function WindowEdges({ scale, room, first, top }: WindowEdgesProps) {
  return (['high', 'low'] as const).map((edge) => (
    <WindowEdge key={edge} {...{ edge, scale, room, first, top }} />
  ));
}

function WindowEdge({ edge, scale, room, first, top }: WindowEdgesProps & { edge: Edge }) {
  const { pitch: nameOf } = useNotation();
  const { change } = useRoom();
  const [dragged, setDragged] = useState<number>();
  const start = useRef<{ pointer: number; y: number }>(undefined);
  const pitch = dragged ?? room.window[edge];
  const move = (to: number): void => {
    const kept = Math.min(LIMITS.pitch.high, Math.max(LIMITS.pitch.low, to));
    if (kept !== room.window[edge]) change({ window: { ...room.window, [edge]: kept } });
  };
  const onPointerDown = (event: PointerEvent): void => {
    event.preventDefault();
    event.currentTarget.setPointerCapture(event.pointerId);
    start.current = { pointer: event.clientY, y: scale.y(room.window[edge]) };
    setDragged(room.window[edge]);
  };
  const onPointerMove = (event: PointerEvent): void => {
    if (!start.current) return;
    const { pointer, y } = start.current;
    setDragged(scale.midi(y + event.clientY - pointer));
  };
  const onPointerUp = (): void => {
    start.current = undefined;
    setDragged(undefined);
    if (dragged !== undefined) move(dragged);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const steps = STEPS[event.key];
    if (steps === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    move(room.window[edge] + steps);
  };
  return (
    <div
      className={dragged === undefined ? 'edge-handle' : 'edge-handle edge-dragged'}
      style={{ top: top + scale.y(pitch) }}
      role="slider"
      tabIndex={first ? 0 : -1}
      aria-label={NAMES[edge]}
      aria-orientation="vertical"
      aria-valuemin={LIMITS.pitch.low}
      aria-valuemax={LIMITS.pitch.high}
      aria-valuenow={pitch}
      aria-valuetext={nameOf(pitch)}
      title={`${NAMES[edge]}: ${nameOf(pitch)}. Drag it up or down.`}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={onPointerUp}
      onPointerCancel={() => {
        start.current = undefined;
        setDragged(undefined);
      }}
      onKeyDown={onKeyDown}
    >
      <span>{nameOf(pitch)}</span>
    </div>
  );
}

const STEPS: Readonly<Record<string, number>> = {
  ArrowUp: 1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowLeft: -1,
  PageUp: 12,
  PageDown: -12,
};
