import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import {
  moveBar,
  writtenBars,
  type Chart,
  type ChartAnalysis,
  type ChartEvent,
  type Timeline,
} from '@drop-close/core';
import { useMemo, type CSSProperties } from 'react';
import { selectPlace, useIndexAmong } from '../../place/selection';
import { useSoundingAmong } from '../../playback/useBand';
import { usePreferences } from '../../ui/preferences';
import { spokenDrag } from '../../ui/spokenDrag';
import { useWidth } from '../../ui/useWidth';
import { useLandmark } from '../desk/landmarks';
import { editChart } from '../desk/useChart';
import { BarCell } from './BarCell';
import { BlockHead } from './BlockHead';
import { Brackets } from './Brackets';
import { GuideThreads } from './GuideThreads';
import { guideTonesOf, type GuideTones } from './guideThreads';
import { useCursor, write, type Cursor } from './cursor';
import { useFollowing } from './useFollowing';
import { barsALine, LANES, layoutSheet, type SheetBlock, type SheetLine } from './layout';
import { nameOfBar } from './sheetBar';
import { SlotField } from './SlotField';

interface SheetProps {
  readonly chart: Chart;
  readonly time: Timeline;
  readonly analysis: ChartAnalysis | undefined;
  /** A chart read in another key, or one whose text does not all read, is not written in here. */
  readonly readOnly: boolean;
}

/** The chart laid out as players read it, four bars a line, and written in where it stands. */
export function Sheet({ chart, time, analysis, readOnly }: SheetProps) {
  const { brackets, guideThreads } = usePreferences();
  const tones = useMemo(
    () => (guideThreads ? guideTonesOf(time) : undefined),
    [guideThreads, time],
  );
  const [attach, width, sheet] = useWidth();
  const perLine = barsALine(width);
  const blocks = useMemo(
    () => layoutSheet(chart, time, analysis, LANES[brackets], perLine),
    [chart, time, analysis, brackets, perLine],
  );
  const spoken = useMemo(() => {
    const bars = blocks.flatMap(({ lines }) => lines.flatMap((line) => line.bars));
    const names = new Map(bars.map((bar) => [bar.at, nameOfBar(bar)]));
    return spokenDrag((at) => names.get(Number(at)) ?? '');
  }, [blocks]);
  const count = writtenBars(chart).length;
  const focusSlot = ({ bar, slot }: Cursor): void => {
    const at = `[data-slot="${bar}:${slot}"]`;
    setTimeout(() => sheet.current?.querySelector<HTMLElement>(at)?.focus());
  };
  const selected = useIndexAmong(time.events);
  const sounding = useSoundingAmong(time);
  useFollowing(sheet, selected, sounding, analysis !== undefined);
  const select = (index: number): void => {
    const event = time.events[index];
    if (event) selectPlace(event);
  };
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      keyboardCodes: { start: ['KeyM'], cancel: ['Escape'], end: ['KeyM', 'Enter'] },
    }),
  );
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    if (over) editChart((now) => moveBar(now, Number(active.id), Number(over.id)));
  };
  return (
    <section
      className="sheet"
      aria-label="The chart"
      ref={attach}
      style={{ '--bars': perLine } as CSSProperties}
    >
      <DndContext sensors={sensors} onDragEnd={onDragEnd} accessibility={{ announcements: spoken }}>
        <SortableContext items={Array.from({ length: count }, (_, at) => at)} strategy={stay}>
          {blocks.map((block, index) => (
            <Block
              key={index}
              {...{ block, chart, analysis, readOnly, perLine, tones }}
              selected={time.events[selected]}
              sounding={sounding === undefined ? undefined : time.events[sounding]}
              onSelect={select}
              isLast={index === blocks.length - 1}
              onDone={focusSlot}
            />
          ))}
        </SortableContext>
      </DndContext>
      {!readOnly && count === 0 && (
        <div className="sheet-line">
          <NextBar at={0} onDone={focusSlot} />
        </div>
      )}
    </section>
  );
}

/** Bars do not make room while one is dragged: the text they come from has lines and labels. */
const stay = (): null => null;

interface BlockProps extends Omit<SheetProps, 'time'> {
  readonly block: SheetBlock;
  readonly perLine: number;
  /** The guide tones, where they are shown. */
  readonly tones: GuideTones | undefined;
  readonly isLast: boolean;
  /** The chord in hand. */
  readonly selected: ChartEvent | undefined;
  readonly sounding: ChartEvent | undefined;
  readonly onSelect: (event: number) => void;
  readonly onDone: (cursor: Cursor) => void;
}

function Block({ block, isLast, ...rest }: BlockProps) {
  const lines = block.lines;
  return (
    <div className="sheet-section">
      <BlockHead block={block} />
      {lines.map((line, index) => (
        <Line
          key={index}
          line={line}
          label={index === 0 ? block.label : undefined}
          isLast={isLast && index === lines.length - 1}
          {...rest}
        />
      ))}
    </div>
  );
}

interface LineProps extends Omit<BlockProps, 'block'> {
  readonly line: SheetLine;
  readonly label: string | undefined;
}

function Line(props: LineProps) {
  const { line, label, perLine, tones, chart, analysis, readOnly, isLast } = props;
  const { selected, sounding, onSelect, onDone } = props;
  const { lens } = usePreferences();
  const { landmark } = useLandmark();
  const full = line.bars.length === perLine;
  const next = isLast && !readOnly && <NextBar at={writtenBars(chart).length} onDone={onDone} />;
  return (
    <>
      <Brackets line={line} perLine={perLine} />
      <div className={tones ? 'sheet-line with-threads' : 'sheet-line'}>
        {line.bars.map((bar, position) => (
          <BarCell
            key={bar.at}
            {...{ bar, analysis, lens, readOnly, selected, sounding, onSelect, onDone }}
            label={position === 0 ? label : undefined}
            marked={isUnder(landmark, bar.number)}
          />
        ))}
        {!full && next}
        {tones && <GuideThreads {...{ line, tones, perLine }} />}
      </div>
      {full && next && <div className="sheet-line">{next}</div>}
    </>
  );
}

const isUnder = (
  landmark: { fromBar: number; toBar: number } | undefined,
  number: number | undefined,
): boolean =>
  !!landmark && number !== undefined && landmark.fromBar <= number && number <= landmark.toBar;

/** Where the next bar is written. */
function NextBar({ at, onDone }: { at: number; onDone: (cursor: Cursor) => void }) {
  const cursor = useCursor((state) => (state.cursor?.bar === at ? state.cursor : undefined));
  if (cursor) {
    return (
      <div className="sheet-bar next">
        <SlotField
          cursor={cursor}
          text=""
          label="Chord in a new bar"
          onDone={() => {
            onDone({ bar: Math.max(0, at - 1), slot: 0 });
          }}
        />
      </div>
    );
  }
  return (
    <button
      type="button"
      className="sheet-bar next"
      onClick={() => {
        write({ bar: at, slot: 0 });
      }}
    >
      {at === 0 ? 'Write the first bar' : 'Next bar'}
    </button>
  );
}
