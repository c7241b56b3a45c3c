import { insertBar, slotText, type ChordAnalysis, type Slot } from '@drop-close/core';
import { memo, type KeyboardEvent } from 'react';
import type { Lens } from '../../ui/preferences';
import { prettyNumber } from '../../ui/notation';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { plainSymbol } from '../../ui/symbol';
import { editChart } from '../desk/useChart';
import { write } from './cursor';
import type { SlotPlace } from './sheetBar';
import { writeAt } from './writing';

export interface SlotButtonProps {
  readonly slot: Slot;
  readonly place: SlotPlace;
  readonly bar: number;
  /** As players count it; undefined for a bar that is never played. */
  readonly number: number | undefined;
  readonly chord: ChordAnalysis | undefined;
  readonly lens: Lens;
  readonly selected: boolean;
  readonly sounding: boolean;
  readonly readOnly: boolean;
  readonly onSelect: () => void;
}

/** What begins a chord or a sign when it is typed on a slot. */
const BEGINS = /^[A-Ga-gN%.]$/;

/**
 * One place of a bar: chosen with a click, written on by typing or with Enter. Drawn anew only when it
 * says something else, for every keystroke reads the chart anew.
 */
export const SlotButton = memo(
  SlotButtonView,
  (a, b) =>
    a.lens === b.lens &&
    a.selected === b.selected &&
    a.sounding === b.sounding &&
    a.readOnly === b.readOnly &&
    saysSame(a, b),
);

function saysSame(a: SlotButtonProps, b: SlotButtonProps): boolean {
  const said = ({ slot, place, bar, number, chord }: SlotButtonProps): string =>
    [bar, place.slot, place.event, slotText(slot), labelOf(slot, number, place.beat, chord)].join(
      '|',
    );
  return said(a) === said(b);
}

function SlotButtonView(props: SlotButtonProps) {
  const { slot, place, bar, number, chord, lens, selected, sounding, readOnly, onSelect } = props;
  const cursor = { bar, slot: place.slot };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (readOnly || event.ctrlKey || event.metaKey || event.altKey) return;
    const act = actionFor(event.key, cursor);
    if (!act) return;
    event.preventDefault();
    event.stopPropagation();
    act();
  };
  return (
    <button
      type="button"
      className={['slot', isTight(slot, place) && 'tight', sounding && 'sounding']
        .filter(Boolean)
        .join(' ')}
      data-slot={`${bar}:${place.slot}`}
      aria-current={selected}
      aria-label={labelOf(slot, number, place.beat, chord)}
      onClick={onSelect}
      onFocus={onSelect}
      onDoubleClick={() => {
        if (!readOnly) write(cursor);
      }}
      onKeyDown={onKeyDown}
    >
      <SlotFace slot={slot} chord={chord} lens={lens} />
    </button>
  );
}

/** Longer symbols than this do not fit in half a bar at full size. */
const LONGEST_IN_HALF = 6;
const isTight = (slot: Slot, { width }: SlotPlace): boolean =>
  width <= 0.5 && slotText(slot).length > LONGEST_IN_HALF;

function actionFor(key: string, cursor: { bar: number; slot: number }): (() => void) | undefined {
  const { bar } = cursor;
  if (key === 'Enter' || key === 'F2') {
    return () => {
      write(cursor);
    };
  }
  if (BEGINS.test(key)) {
    return () => {
      write({ ...cursor, typed: key });
    };
  }
  if (key === 'Delete' || key === 'Backspace') {
    return () => void editChart((chart) => writeAt(chart, cursor, ''));
  }
  if (key === 'Insert') {
    return () => {
      editChart((chart) => insertBar(chart, bar + 1));
      write({ bar: bar + 1, slot: 0 });
    };
  }
  return undefined;
}

function labelOf(
  slot: Slot,
  number: number | undefined,
  beat: number,
  chord: ChordAnalysis | undefined,
): string {
  const where = number === undefined ? `beat ${beat}` : `bar ${number} beat ${beat}`;
  switch (slot.kind) {
    case 'chord':
      return `${plainSymbol(slot.text)}${chord ? `, ${prettyNumber(chord.numeral)}` : ''}, ${where}`;
    case 'hold':
      return `held, ${where}`;
    case 'repeat bar':
      return `the bar before again, ${where}`;
    case 'unreadable':
      return `${slot.text} cannot be read, ${where}`;
  }
}

/** Keeps the place of a number until it is known, so that the bars below do not move when it is. */
const PLACE = '\u00a0';

function SlotFace({ slot, chord, lens }: Pick<SlotButtonProps, 'slot' | 'chord' | 'lens'>) {
  // Where there is no chord, its sign is its number too.
  const isSaid = lens === 'both' && slot.kind === 'chord' && slot.chord.kind === 'no chord';
  switch (slot.kind) {
    case 'chord':
      return (
        <>
          {lens !== 'numbers' && <ChordSymbol symbol={slot.text} />}
          {lens !== 'symbols' && !isSaid && (
            <span className={`slot-number ${lens === 'numbers' ? 'alone' : ''}`}>
              {chord ? prettyNumber(chord.numeral) : PLACE}
            </span>
          )}
        </>
      );
    case 'hold':
      return <span className="quiet">·</span>;
    case 'repeat bar':
      return <span className="sheet-repeat">𝄎</span>;
    case 'unreadable':
      return (
        <span className="sheet-unreadable" title={slot.problem.message}>
          {slot.text}
          <small>?{slot.problem.suggestion && ` ${slot.problem.suggestion}`}</small>
        </span>
      );
  }
}
