import { LockFilled } from '@ant-design/icons';
import type { ChartEvent, Voicing } from '@drop-close/core';
import { memo, useEffect, useRef, type MouseEvent } from 'react';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { plainSymbol } from '../../ui/symbol';
import { symbolWidth } from '../../ui/textWidth';
import { Grip } from '../desk/Grip';
import { useNotation } from '../../profile/useNotation';
import type { Notation } from '../../ui/notation';

interface ChordCellProps {
  readonly event: ChartEvent;
  readonly voicing: Voicing | undefined;
  readonly left: number;
  readonly width: number;
  readonly threadHeight: number;
  /** Whether the grip stands at the foot. */
  readonly grip: boolean;
  /** Whether a ghost holds it otherwise. */
  readonly regripped: boolean;
  readonly locked: boolean;
  readonly selected: boolean;
  readonly sounding: boolean;
  /** The same chord again: its symbol stands before it. */
  readonly again: boolean;
  /** Position among the chords of the chorus. */
  readonly index: number;
  readonly hand: CellHand;
}

/** What a hand does in a cell, at a height in it in pixels. */
export interface CellHand {
  /** No height by key. */
  readonly press: (index: number, y: number | undefined) => void;
  /** The pointer is over it; `undefined` when it leaves. */
  readonly point: (index: number, y: number | undefined) => void;
  readonly doublePress: (index: number, y: number) => void;
}

/** A column begins a little before its heads, and ends before the next one or the bar line. */
const NEAR = { beforeHead: 10, narrowest: 26 };
/** From afar columns stand closer, and one must not lie on the next. */
const FAR = { beforeHead: 5, narrowest: 12 };

/** A symbol where it has room, and the least it can be read at, in rem. */
const SYMBOL = { usual: 1.18, least: 0.6 };
/** The usual size in those of `symbolWidth`, which is a little more than it takes; and what stands round it, in pixels. */
const USUAL = 0.98;
const ROUND_SYMBOL = 6;
const LOCK = 16;

/** As large as the way to the next chord leaves it. */
function symbolSize(symbol: string, width: number, locked: boolean): number {
  const needed = symbolWidth(symbol) * USUAL;
  const room = width - ROUND_SYMBOL - (locked ? LOCK : 0);
  return Math.max(SYMBOL.least, SYMBOL.usual * Math.min(1, room / needed));
}

/**
 * One chord of a system: symbol on top, grip at the foot, the whole column to press. Drawn anew only when
 * something of its own is new: there are hundreds, and one steps from each to the next.
 */
export const ChordCell = memo(function ChordCell(props: ChordCellProps) {
  const { note: nameOf, symbol: symbolOf } = useNotation();
  const { event, voicing, left, width, threadHeight, locked, selected, sounding } = props;
  const { index, hand } = props;
  const { beforeHead, narrowest } = props.grip ? NEAR : FAR;
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (selected || sounding) button.current?.scrollIntoView({ block: 'nearest' });
  }, [selected, sounding]);
  const state = [selected && 'selected', sounding && 'sounding', props.regripped && 'regripped']
    .filter(Boolean)
    .join(' ');
  return (
    <button
      ref={button}
      type="button"
      className={`chord-button ${state}`}
      style={{
        left: left - beforeHead,
        width: Math.max(narrowest, width - (props.grip ? beforeHead : 0)),
      }}
      aria-current={selected ? 'true' : undefined}
      aria-label={spoken(event, voicing, locked, nameOf)}
      onClick={(event) => {
        const byPointer = event.detail > 0;
        hand.press(index, byPointer ? heightOf(event) : undefined);
      }}
      onDoubleClick={(event) => {
        hand.doublePress(index, heightOf(event));
      }}
      onPointerMove={(event) => {
        hand.point(index, heightOf(event));
      }}
      onPointerLeave={() => {
        hand.point(index, undefined);
      }}
    >
      <span
        className="chord-symbol"
        style={
          props.grip
            ? { fontSize: `${symbolSize(symbolOf(event.chord.symbol), width, locked)}rem` }
            : undefined
        }
      >
        {event.part || props.again ? (
          <span aria-hidden>·</span>
        ) : (
          <ChordSymbol symbol={event.chord.symbol} />
        )}
        {locked && <LockFilled className="chord-lock" />}
      </span>
      <span style={{ height: threadHeight }} />
      {voicing && props.grip && <Grip voicing={voicing} size="small" />}
    </button>
  );
});

const heightOf = ({ clientY, currentTarget }: MouseEvent<HTMLElement>): number =>
  clientY - currentTarget.getBoundingClientRect().top;

function spoken(
  event: ChartEvent,
  voicing: Voicing | undefined,
  locked: boolean,
  nameOf: Notation['note'],
): string {
  const notes = voicing?.notes.map(({ note }) => nameOf(note)).join(' ');
  const place = `bar ${event.bar} beat ${event.beat}`;
  const part = event.part ? `, part ${event.part + 1}` : '';
  return `${plainSymbol(event.chord.symbol)}${part}, ${place}${notes ? `, ${notes}` : ''}${locked ? ', locked' : ''}`;
}
