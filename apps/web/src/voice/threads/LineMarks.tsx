import { type LineNote } from '@drop-close/core';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { SystemLayout } from './threadLayout';
import type { PitchScale } from '../../ui/pitchScale';
import { useLineActions } from '../line/useLineActions';
import { useNotation } from '../../profile/useNotation';
import '../line/line.css';

interface LineMarksProps {
  readonly system: SystemLayout;
  readonly scale: PitchScale;
  /** Where the threads begin, in pixels. */
  readonly top: number;
  readonly notes: readonly LineNote[];
}

/** The notes of the top line in mind, where they are wanted; dragged, or moved by the arrow keys. */
export function LineMarks({ system, scale, top, notes }: LineMarksProps) {
  return notes.map((note) => {
    const column = system.chords.find(({ index }) => index === note.at);
    if (!column) return null;
    const met = column.heads.at(-1)?.y === scale.y(note.midi);
    return <LineMark key={note.at} note={note} x={column.x} met={met} scale={scale} top={top} />;
  });
}

interface LineMarkProps {
  readonly note: LineNote;
  readonly x: number;
  /** Whether the voicing has it on top. */
  readonly met: boolean;
  readonly scale: PitchScale;
  readonly top: number;
}

const LOWEST = 0;
const HIGHEST = 127;

function LineMark({ note, x, met, scale, top }: LineMarkProps) {
  const { pitch: nameOf } = useNotation();
  const { want } = useLineActions();
  const [dragged, setDragged] = useState<number>();
  const start = useRef<{ pointer: number; y: number }>(undefined);
  const midi = dragged ?? note.midi;
  const end = (): void => {
    start.current = undefined;
    setDragged(undefined);
  };
  const onPointerDown = (event: PointerEvent): void => {
    event.preventDefault();
    event.currentTarget.setPointerCapture(event.pointerId);
    start.current = { pointer: event.clientY, y: scale.y(note.midi) };
    setDragged(note.midi);
  };
  const onPointerMove = (event: PointerEvent): void => {
    if (!start.current) return;
    setDragged(scale.midi(start.current.y + event.clientY - start.current.pointer));
  };
  const onPointerUp = (): void => {
    end();
    if (dragged !== undefined && dragged !== note.midi) want(note.at, dragged);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const to = moved(event.key, note.midi);
    if (to === 'stay') return;
    event.preventDefault();
    event.stopPropagation();
    want(note.at, to);
  };
  const state = met ? 'on top' : 'not on top';
  return (
    <div
      className={met ? 'line-mark' : 'line-mark line-missed'}
      style={{ left: x, top: top + scale.y(midi) }}
      role="slider"
      tabIndex={0}
      aria-label={`Wanted on top of ${note.symbol}`}
      aria-orientation="vertical"
      aria-valuemin={LOWEST}
      aria-valuemax={HIGHEST}
      aria-valuenow={midi}
      aria-valuetext={`${nameOf(midi)}, ${state}`}
      title={`${nameOf(midi)} wanted on top${met ? '' : ', but not there'}. Drag it; Delete takes it off.`}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={onPointerUp}
      onPointerCancel={end}
      onKeyDown={onKeyDown}
    >
      {dragged !== undefined && <span>{nameOf(dragged)}</span>}
    </div>
  );
}

/** Where a key moves a note to: `undefined` takes it off. */
function moved(key: string, midi: number): number | undefined | 'stay' {
  switch (key) {
    case 'ArrowUp':
      return Math.min(HIGHEST, midi + 1);
    case 'ArrowDown':
      return Math.max(LOWEST, midi - 1);
    case 'Delete':
    case 'Backspace':
      return undefined;
    default:
      return 'stay';
  }
}
