import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { formatMeter, slotText, type ChartAnalysis, type ChartEvent } from '@drop-close/core';
import { Dropdown } from 'antd';
import { memo } from 'react';
import { holdsMenu } from '../../ui/holds';
import type { Lens } from '../../ui/preferences';
import { barMenu } from './barMenu';
import { useCursor, type Cursor } from './cursor';
import { nameOfBar, type SheetBar } from './sheetBar';
import { SlotButton } from './SlotButton';
import { SlotField } from './SlotField';

export interface BarCellProps {
  readonly bar: SheetBar;
  readonly label: string | undefined;
  readonly analysis: ChartAnalysis | undefined;
  readonly lens: Lens;
  /** The chord in hand, whichever time its bar is played. */
  readonly selected: ChartEvent | undefined;
  /** The chord that the band plays, whichever time its bar is played. */
  readonly sounding: ChartEvent | undefined;
  /** Whether the landmark in hand lies over this bar. */
  readonly marked: boolean;
  readonly readOnly: boolean;
  readonly onSelect: (event: number) => void;
  readonly onDone: (cursor: Cursor) => void;
}

/** One bar: its number (drag it, or press it for what can be done), what stands above it, its slots. */
export function BarCell(props: BarCellProps) {
  const { bar, label, marked, readOnly } = props;
  const sortable = useSortable({ id: bar.at, disabled: readOnly });
  const { setNodeRef, transform, transition, isDragging } = sortable;
  const edges = [
    bar.bar.repeatStart && 'repeat-start',
    bar.bar.repeatEnd && 'repeat-end',
    marked && 'marked',
    isDragging && 'dragging',
  ];
  return (
    <div
      ref={setNodeRef}
      className={['sheet-bar', ...edges].filter(Boolean).join(' ')}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <BarHead bar={bar} label={label} readOnly={readOnly} sortable={sortable} />
      <Slots {...props} />
    </div>
  );
}

interface BarHeadProps {
  readonly bar: SheetBar;
  readonly label: string | undefined;
  readonly readOnly: boolean;
  readonly sortable: ReturnType<typeof useSortable>;
}

/**
 * What stands over the chords. Every keystroke reads the chart anew, so a head is the same when it says
 * the same: without this a long chart draws a menu for each bar at every letter.
 */
const BarHead = memo(
  BarHeadView,
  (a, b) =>
    a.label === b.label &&
    a.readOnly === b.readOnly &&
    a.sortable.listeners === b.sortable.listeners &&
    a.sortable.attributes === b.sortable.attributes &&
    marksOf(a.bar) === marksOf(b.bar),
);

const marksOf = ({ at, number, bar }: SheetBar): string =>
  JSON.stringify([at, number, bar.repeatStart, bar.repeatEnd, bar.ending, bar.meter, bar.words]);

function BarHeadView({ bar, label, readOnly, sortable }: BarHeadProps) {
  const { attributes, listeners, setActivatorNodeRef } = sortable;
  const { ending, meter, words } = bar.bar;
  const menu = barMenu(bar, label);
  const shown = bar.number === 0 ? 'pickup' : (bar.number ?? '–');
  return (
    <div className="sheet-bar-head">
      {ending !== undefined && <span className="sheet-ending">{ending}.</span>}
      {readOnly ? (
        <span className="sheet-number">{shown}</span>
      ) : (
        <Dropdown menu={menu} trigger={['click']}>
          <button
            type="button"
            ref={setActivatorNodeRef}
            className="sheet-number"
            {...attributes}
            {...listeners}
            aria-label={`${nameOfBar(bar)}: move or change it`}
            {...holdsMenu(menu)}
          >
            {shown}
          </button>
        </Dropdown>
      )}
      {meter && <span className="bar-meter">{formatMeter(meter)}</span>}
      {words && <span className="bar-words">{words.join(', ')}</span>}
    </div>
  );
}

function Slots(props: BarCellProps) {
  const { bar, analysis, lens, selected, sounding, readOnly, onSelect, onDone } = props;
  const isAt = (event: ChartEvent | undefined, slot: number): boolean =>
    event?.written === bar.at && event.slot === slot;
  const cursor = useCursor((state) => (state.cursor?.bar === bar.at ? state.cursor : undefined));
  const fresh = cursor?.fresh ? cursor : undefined;
  const columns = bar.slots.map(({ width }) => `minmax(0, ${width}fr)`);
  if (fresh) columns.splice(fresh.slot, 0, 'minmax(3.2rem, 0.4fr)');
  const field = (at: Cursor, text: string) => (
    <SlotField
      key={`${at.slot} ${String(at.fresh)}`}
      cursor={at}
      text={text}
      label={`Chord in bar ${bar.number ?? ''}`}
      onDone={onDone}
    />
  );
  const cells = bar.slots.map((place) => {
    const slot = bar.bar.slots[place.slot]!;
    if (cursor && !fresh && cursor.slot === place.slot) return field(cursor, slotText(slot));
    const { event } = place;
    return (
      <SlotButton
        key={place.slot}
        slot={slot}
        place={place}
        bar={bar.at}
        number={bar.number}
        chord={event === undefined ? undefined : analysis?.chords[event]}
        lens={lens}
        selected={isAt(selected, place.slot)}
        sounding={isAt(sounding, place.slot)}
        readOnly={readOnly}
        onSelect={() => {
          if (event !== undefined) onSelect(event);
        }}
      />
    );
  });
  if (fresh) cells.splice(fresh.slot, 0, field(fresh, ''));
  return (
    <div className="slots" style={{ gridTemplateColumns: columns.join(' ') }}>
      {cells}
    </div>
  );
}
