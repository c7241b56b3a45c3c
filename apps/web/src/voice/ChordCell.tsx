import { LockFilled } from '@ant-design/icons';
import type { ChartEvent, Voicing } from '@drop-close/core';
import { plainSpelling, prettyNote } from '@drop-close/core';
import { useEffect, useRef } from 'react';
import { Symbol } from '../ui/Symbol';
import { plainSymbol } from '../ui/symbol';
import { Grip } from './Grip';

interface ChordCellProps {
  readonly event: ChartEvent;
  readonly voicing: Voicing | undefined;
  readonly left: number;
  readonly width: number;
  readonly threadHeight: number;
  readonly locked: boolean;
  readonly selected: boolean;
  readonly sounding: boolean;
  readonly onSelect: () => void;
}

/** The column begins a little before the heads, and ends before the next one or the bar line. */
const BEFORE_HEAD = 10;

/** One chord of a system: symbol on top, grip at the foot, the whole column to press. */
export function ChordCell(props: ChordCellProps) {
  const { event, voicing, left, width, threadHeight, locked, selected, sounding, onSelect } = props;
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (selected || sounding) button.current?.scrollIntoView({ block: 'nearest' });
  }, [selected, sounding]);
  const state = [selected && 'selected', sounding && 'sounding'].filter(Boolean).join(' ');
  return (
    <button
      ref={button}
      type="button"
      className={`chord-button ${state}`}
      style={{ left: left - BEFORE_HEAD, width: Math.max(40, width - BEFORE_HEAD) }}
      aria-current={selected ? 'true' : undefined}
      aria-label={spoken(event, voicing, locked)}
      onClick={onSelect}
    >
      <span className="chord-symbol">
        <Symbol symbol={event.chord.symbol} />
        {locked && <LockFilled className="chord-lock" />}
      </span>
      <span style={{ height: threadHeight }} />
      {voicing && <Grip voicing={voicing} size="small" />}
    </button>
  );
}

function spoken(event: ChartEvent, voicing: Voicing | undefined, locked: boolean): string {
  const notes = voicing?.notes.map((note) => prettyNote(plainSpelling(note.note))).join(' ');
  const place = `bar ${event.bar} beat ${event.beat}`;
  return `${plainSymbol(event.chord.symbol)}, ${place}${notes ? `, ${notes}` : ''}${locked ? ', locked' : ''}`;
}
