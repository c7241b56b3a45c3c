import type { BarProfile } from '@drop-close/core';
import { Bar, ComposedChart, Line, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';

interface ProfileChartProps {
  readonly bars: readonly BarProfile[];
  /** Whether the hand's travel is drawn too. */
  readonly hand: boolean;
  readonly onBar: (bar: number) => void;
}

const NAMES: Readonly<Record<string, string>> = { motion: 'half steps', handMm: 'mm of neck' };
const TICK = { fill: 'var(--quiet)', fontSize: 12 };

/** Bar by bar: how far the voices move as columns, how far the hand goes as a dashed line. */
export function ProfileChart({ bars, hand, onBar }: ProfileChartProps) {
  return (
    <figure className="profile-chart">
      <figcaption className="quiet">
        Columns: half steps moved into each bar.{hand && ' Dashed: millimetres along the neck.'}
      </figcaption>
      <ResponsiveContainer width="100%" height={120}>
        <ComposedChart
          data={[...bars]}
          margin={{ top: 6, right: hand ? 0 : 8, bottom: 0, left: -24 }}
          accessibilityLayer
          onClick={({ activeLabel }) => {
            if (activeLabel !== undefined) onBar(Number(activeLabel));
          }}
        >
          <XAxis dataKey="bar" tick={TICK} tickLine={false} stroke="var(--line)" />
          <YAxis
            yAxisId="motion"
            tick={TICK}
            tickLine={false}
            stroke="var(--line)"
            allowDecimals={false}
          />
          {hand && (
            <YAxis
              yAxisId="hand"
              orientation="right"
              width={38}
              tick={TICK}
              tickLine={false}
              stroke="var(--line)"
            />
          )}
          <Tooltip
            labelFormatter={(bar: unknown) => `Bar ${Number(bar)}`}
            formatter={(value, name) => [`${String(value)} ${NAMES[String(name)] ?? ''}`, '']}
            separator=""
            contentStyle={{ background: 'var(--raised)', border: '1px solid var(--line)' }}
            itemStyle={{ color: 'var(--ink)' }}
            cursor={{ fill: 'var(--hover)' }}
          />
          <Bar yAxisId="motion" dataKey="motion" fill="var(--brass)" isAnimationActive={false} />
          {hand && (
            <Line
              yAxisId="hand"
              dataKey="handMm"
              stroke="var(--ink)"
              strokeDasharray="4 3"
              dot={false}
              isAnimationActive={false}
            />
          )}
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  );
}
