import {
  familyOf,
  itemOf,
  minutesBy,
  minutesByWeek,
  tempoOverTime,
  type EntryView,
  type LogEntry,
} from '@drop-close/core';
import { Select } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import {
  Bar,
  BarChart,
  CartesianGrid,
  LabelList,
  Line,
  LineChart,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { useItemWords } from '../items/usePractice';

interface LogChartsProps {
  readonly entries: readonly EntryView[];
  readonly today: string;
  readonly weeks: number;
}

const HEIGHT = 170;
/** Names that stand one under the other. */
const MOST_NAMES = 7;
const day = (text: string): string => dayjs(text).format('D MMM');

/** Minutes by week, what was practised, and the tempo of one item over time. */
export function LogCharts({ entries, today, weeks }: LogChartsProps) {
  const byWeek = useMemo(
    () => minutesByWeek(entries, today, weeks).map((each) => ({ ...each, week: day(each.monday) })),
    [entries, today, weeks],
  );
  const byKind = useMemo(() => minutesBy(entries, kindOf).slice(0, MOST_NAMES), [entries]);
  const total = Math.round(entries.reduce((sum, { minutes }) => sum + minutes, 0));
  return (
    <div className="log-charts">
      <figure>
        <figcaption>
          Minutes by week <span className="quiet">{total} in all</span>
        </figcaption>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <BarChart data={byWeek} accessibilityLayer>
            <XAxis dataKey="week" stroke="var(--quiet)" tickLine={false} />
            <YAxis stroke="var(--quiet)" width={34} tickLine={false} />
            <Tooltip cursor={{ fill: 'var(--hover)' }} isAnimationActive={false} />
            <Bar dataKey="minutes" fill="var(--brass)" isAnimationActive={false} />
          </BarChart>
        </ResponsiveContainer>
      </figure>
      <figure>
        <figcaption>What was practised, in minutes</figcaption>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <BarChart data={byKind} layout="vertical" margin={{ right: 40 }} accessibilityLayer>
            <XAxis type="number" hide />
            <YAxis
              type="category"
              dataKey="name"
              width={84}
              stroke="var(--quiet)"
              tickLine={false}
              interval={0}
            />
            <Bar dataKey="minutes" fill="var(--brass)" isAnimationActive={false}>
              <LabelList dataKey="minutes" position="right" fill="var(--ink)" formatter={whole} />
            </Bar>
          </BarChart>
        </ResponsiveContainer>
      </figure>
      <TempoChart entries={entries} />
    </div>
  );
}

const whole = (value: unknown): string => String(Math.round(Number(value)));

/** What kind of thing an entry is about: a layer, a family; what is no item was done elsewhere. */
function kindOf({ item }: LogEntry): string {
  const read = item === undefined ? undefined : itemOf(item);
  if (!read?.ok) return 'elsewhere';
  return read.value.kind === 'layer' ? read.value.layer : familyOf(read.value.family).label;
}

function TempoChart({ entries }: { entries: readonly EntryView[] }) {
  const words = useItemWords();
  const items = useMemo(() => {
    const counts = new Map<string, number>();
    for (const { item, tempo } of entries) {
      if (item !== undefined && tempo !== undefined) counts.set(item, (counts.get(item) ?? 0) + 1);
    }
    return [...counts].sort((a, b) => b[1] - a[1]).map(([item]) => item);
  }, [entries]);
  const [chosen, setChosen] = useState<string>();
  const item = chosen !== undefined && items.includes(chosen) ? chosen : items[0];
  if (item === undefined) return null;
  const data = tempoOverTime(entries, item).map((each) => ({ ...each, on: day(each.day) }));
  const nameOf = (key: string): string => {
    const read = itemOf(key);
    return read.ok ? words(read.value) : key;
  };
  return (
    <figure>
      <figcaption>
        Tempo of{' '}
        <Select
          aria-label="Tempo of which item"
          size="small"
          value={item}
          popupMatchSelectWidth={false}
          options={items.map((value) => ({ value, label: nameOf(value) }))}
          onChange={setChosen}
        />
      </figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <LineChart data={data} accessibilityLayer>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis dataKey="on" stroke="var(--quiet)" tickLine={false} />
          <YAxis stroke="var(--quiet)" width={34} domain={['auto', 'auto']} tickLine={false} />
          <Tooltip isAnimationActive={false} />
          <Line dataKey="tempo" stroke="var(--brass)" dot isAnimationActive={false} />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
