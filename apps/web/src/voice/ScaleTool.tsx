import {
  openKey,
  panelScales,
  scalesToOpen,
  type ChartEvent,
  type ChordAnalysis,
  type OpenScale,
} from '@drop-close/core';
import { Select } from 'antd';
import { useDocument, useTune } from '../document/store';
import { useAnalysis } from '../engine/useChorus';
import { prettyName } from '../ui/notation';
import { prettyText } from '../ui/symbol';

const AS_WRITTEN = 'as written';

interface Choice {
  readonly label: string;
  readonly open: OpenScale;
}

/**
 * Which scale the chord in hand may draw its colours from: as it is written, another on its root, or a note
 * pool of its panel, for the voicing and for the note on top.
 */
export function ScaleTool({ index, event }: { index: number; event: ChartEvent }) {
  const { pools } = useTune().setup;
  const analysis = useAnalysis();
  const { chord } = event;
  if (chord.kind !== 'chord') return null;
  const opened = pools.find(({ at }) => at === index);
  const onRoot = scalesToOpen(chord).map((scale): Choice => {
    return { label: prettyText(scale), open: { scale, on: 0 } };
  });
  const here = analysis && analysisOf(event, analysis.chords);
  const fromPanel = (here ? panelScales(here) : []).map(({ name, when, open }): Choice => {
    return { label: `${prettyName(name)}, ${prettyName(when)}`, open };
  });
  const choices = [...onRoot, ...fromPanel];
  return (
    <Select<string>
      aria-label="Scale opened over this chord"
      title="Colours come from this scale"
      popupMatchSelectWidth={false}
      value={opened ? openKey(opened) : AS_WRITTEN}
      options={[
        { value: AS_WRITTEN, label: AS_WRITTEN },
        { label: 'On its root', options: onRoot.map(optionOf) },
        ...(fromPanel.length
          ? [{ label: 'From its note pools', options: fromPanel.map(optionOf) }]
          : []),
      ]}
      // A pool that is no longer offered here is still the one that is open.
      labelRender={({ label }) => <>Scale: {label ?? (opened && prettyText(opened.scale))}</>}
      onChange={(chosen) => {
        const open = choices.find((choice) => openKey(choice.open) === chosen)?.open;
        useDocument
          .getState()
          .dispatch({ type: 'open scale', at: index, symbol: chord.symbol, open });
      }}
    />
  );
}

const optionOf = ({ label, open }: Choice) => ({ value: openKey(open), label });

/** What is said of the chord that sounds at an event: a part of a split chord is still that chord. */
const analysisOf = (
  { bar, beat }: ChartEvent,
  chords: readonly ChordAnalysis[],
): ChordAnalysis | undefined =>
  chords.findLast((chord) => chord.bar < bar || (chord.bar === bar && chord.beat <= beat));
