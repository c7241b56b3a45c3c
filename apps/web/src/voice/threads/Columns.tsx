import type { Thread } from '@drop-close/core';
import { useEffect, useMemo, useRef } from 'react';
import { useLineActions } from '../line/useLineActions';
import { ChordCell, type CellHand } from './ChordCell';
import { useThreadFocus, voiceAt } from './focus';
import { SYMBOLS } from './systemRows';
import type { ChordColumn } from './threadLayout';
import type { ThreadSystemProps } from './threadSystemProps';
import { useThreadListening } from './useThreadListening';

/** The chords of a system, side by side. */
export function Columns(props: ThreadSystemProps) {
  const { system, scale, zoom, width, timeline, path, locked, selected, sounding } = props;
  const hand = useHand(props);
  return system.chords.map((column) => {
    const event = timeline.events[column.index];
    if (!event) return null;
    const before = timeline.events[column.index - 1];
    const again = before?.bar === event.bar && before.chord.symbol === event.chord.symbol;
    return (
      <ChordCell
        key={column.index}
        index={column.index}
        event={event}
        voicing={path[column.index]}
        left={column.x}
        width={Math.min(column.width, width - column.x)}
        threadHeight={scale.height}
        grip={zoom.grips}
        regripped={props.regripped.has(column.index)}
        locked={locked.has(column.index)}
        selected={selected === column.index}
        sounding={sounding === column.index}
        again={again}
        hand={hand}
      />
    );
  });
}

/** What a hand does in the cells: the same object all along, so that cells are not drawn anew for it. */
function useHand(props: ThreadSystemProps): CellHand {
  const { drawAt } = useLineActions();
  const { hearThread } = useThreadListening();
  const latest = useRef({ ...props, drawAt, hearThread });
  useEffect(() => {
    latest.current = { ...props, drawAt, hearThread };
  });
  return useMemo(() => {
    const threadUnder = (index: number, y: number): Thread | undefined => {
      const { system, threads } = latest.current;
      const column = system.chords.find((each) => each.index === index);
      return column && threadAt(threads, column, y - SYMBOLS);
    };
    return {
      press: (index, y) => {
        const { onSelect, drawing, scale } = latest.current;
        onSelect(index);
        const at = y === undefined ? undefined : y - SYMBOLS;
        const onThreads = at !== undefined && at > 0 && at < scale.height;
        if (drawing && onThreads) latest.current.drawAt(index, scale.midi(at));
      },
      point: (index, y) => {
        const under = y === undefined ? undefined : threadUnder(index, y);
        if (useThreadFocus.getState().under !== under) useThreadFocus.setState({ under });
      },
      doublePress: (index, y) => {
        const thread = threadUnder(index, y);
        if (thread) latest.current.hearThread(thread, index);
      },
    };
  }, []);
}

/** How near the pointer has to be to a thread, in pixels. */
const NEAR = 7;

/** The voice that sounds nearest to a height in a column. */
function threadAt(
  threads: readonly Thread[],
  { index, heads }: ChordColumn,
  y: number,
): Thread | undefined {
  const apart = heads.map((head) => Math.abs(head.y - y));
  const voice = apart.indexOf(Math.min(...apart));
  if (voice < 0 || apart[voice]! > NEAR) return undefined;
  return threads.find((thread) => voiceAt(thread, index) === voice);
}
