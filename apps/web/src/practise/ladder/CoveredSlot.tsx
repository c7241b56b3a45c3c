import { CheckOutlined, CloseOutlined } from '@ant-design/icons';
import type { ChartEvent } from '@drop-close/core';
import { Input } from 'antd';
import { ChordSymbol } from '../../profile/ChordSymbol';

interface CoveredSlotProps {
  readonly slot: string;
  readonly event: ChartEvent;
  /** What is seen in its place, where something is. */
  readonly numeral: string | undefined;
  readonly text: string;
  readonly isOver: boolean;
  readonly isRight: boolean;
  readonly onWrite: (slot: string, text: string) => void;
  readonly onFocus: (slot: string) => void;
}

/** A covered chord: a field to write it in; uncovered, what it is and whether that was written. */
export function CoveredSlot(props: CoveredSlotProps) {
  const { slot, event, numeral, text, isOver, isRight, onWrite, onFocus } = props;
  if (isOver) {
    return (
      <span className={isRight ? 'ladder-told' : 'ladder-told ladder-missed'}>
        {isRight ? <CheckOutlined aria-label="right" /> : <CloseOutlined aria-label="missed" />}
        <ChordSymbol symbol={event.chord.symbol} />
        {!isRight && text && <s className="quiet">{text}</s>}
      </span>
    );
  }
  return (
    <span className="ladder-covered">
      {numeral !== undefined && <span className="quiet">{numeral}</span>}
      <Input
        data-slot={slot}
        aria-label={`Chord of bar ${event.bar}, beat ${event.beat}${numeral === undefined ? '' : `, ${numeral}`}`}
        value={text}
        maxLength={24}
        autoComplete="off"
        onFocus={() => {
          onFocus(slot);
        }}
        onChange={({ target }) => {
          onWrite(slot, target.value);
        }}
      />
    </span>
  );
}
