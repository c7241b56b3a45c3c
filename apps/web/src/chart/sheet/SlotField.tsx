import type { Chart } from '@drop-close/core';
import { useLayoutEffect, useRef, type KeyboardEvent } from 'react';
import { editChart } from '../desk/useChart';
import { after, before, write, type Cursor } from './cursor';
import { writeAt } from './writing';

interface SlotFieldProps {
  readonly cursor: Cursor;
  /** What stands there now. */
  readonly text: string;
  readonly label: string;
  /** Called when writing is over and the hand should be back on the sheet. */
  readonly onDone: (cursor: Cursor) => void;
}

/**
 * The field in a slot. Space goes on to another chord in the same bar, Tab to the next slot or a new bar,
 * Enter is done, Escape leaves all as it was.
 */
export function SlotField({ cursor, text, label, onDone }: SlotFieldProps) {
  const field = useRef<HTMLInputElement>(null);
  const left = useRef(false);
  useLayoutEffect(() => {
    const input = field.current;
    input?.focus();
    if (cursor.typed === undefined) input?.select();
  }, [cursor]);

  /** Writes what was typed; gives the chart as it then is. */
  const commit = (): Chart | undefined => {
    left.current = true;
    return editChart((chart) => writeAt(chart, cursor, field.current?.value ?? ''));
  };
  const go = (next: (chart: Chart) => Cursor | undefined): void => {
    const chart = commit();
    write(chart && next(chart));
  };
  const keys: Readonly<Record<string, (event: KeyboardEvent) => void>> = {
    Enter: () => {
      commit();
      write(undefined);
      onDone(cursor);
    },
    Escape: () => {
      left.current = true;
      write(undefined);
      onDone(cursor);
    },
    Tab: ({ shiftKey }) => {
      go((chart) => (shiftKey ? before(chart, cursor) : after(chart, cursor)));
    },
    '|': () => {
      go(() => ({ bar: cursor.bar + 1, slot: 0 }));
    },
    ' ': () => {
      if (!field.current?.value.trim()) return;
      go(() => ({ bar: cursor.bar, slot: cursor.slot + 1, fresh: true }));
    },
    Backspace: () => {
      go((chart) => before(chart, cursor));
    },
  };
  return (
    <input
      ref={field}
      className="slot-field"
      aria-label={label}
      defaultValue={cursor.typed ?? text}
      spellCheck={false}
      autoComplete="off"
      autoCapitalize="off"
      onKeyDown={(event) => {
        event.stopPropagation();
        const act = keys[event.key];
        const idle = event.key === 'Backspace' && event.currentTarget.value !== '';
        if (!act || idle || event.ctrlKey || event.metaKey || event.altKey) return;
        event.preventDefault();
        act(event);
      }}
      onBlur={() => {
        if (left.current) return;
        commit();
        write(undefined);
      }}
    />
  );
}
