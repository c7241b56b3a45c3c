import { scalesToOpen, type ChartEvent, type ScaleName } from '@drop-close/core';
import { Select } from 'antd';
import { useDocument, useTune } from '../document/store';
import { prettyText } from '../ui/symbol';

const AS_WRITTEN = 'as written';

/**
 * Which scale the chord in hand may draw its colours from: as it is written, or another that holds it, for
 * the voicing and for the note on top.
 */
export function ScaleTool({ index, event }: { index: number; event: ChartEvent }) {
  const { pools } = useTune().setup;
  const { chord } = event;
  if (chord.kind !== 'chord') return null;
  const opened = pools.find(({ at }) => at === index);
  const scales = scalesToOpen(chord).map((scale) => ({ value: scale, label: prettyText(scale) }));
  return (
    <Select<ScaleName | typeof AS_WRITTEN>
      aria-label="Scale opened over this chord"
      title="Colours come from this scale"
      popupMatchSelectWidth={false}
      value={opened?.scale ?? AS_WRITTEN}
      options={[{ value: AS_WRITTEN, label: AS_WRITTEN }, ...scales]}
      labelRender={({ label }) => <>Scale: {label}</>}
      onChange={(chosen) => {
        const open = chosen === AS_WRITTEN ? undefined : { scale: chosen, on: 0 };
        useDocument
          .getState()
          .dispatch({ type: 'open scale', at: index, symbol: chord.symbol, open });
      }}
    />
  );
}
