import {
  canOpen,
  openKey,
  opensEnough,
  panelScales,
  scaleOver,
  scalesToOpen,
  type ChartEvent,
  type ChordAnalysis,
  type KeptScale,
  type OpenScale,
  type Positions,
} from '@drop-close/core';
import { Select } from 'antd';
import { useDocument, useTune } from '../document/store';
import { useAnalysis } from '../engine/useChorus';
import { prettyName } from '../ui/notation';
import { prettyText } from '../ui/symbol';
import { useNotation } from '../profile/useNotation';

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
  const { setup, positions } = useTune();
  const { pools } = setup;
  const { name: nameOf } = useNotation();
  const analysis = useAnalysis();
  const { chord } = event;
  if (chord.kind !== 'chord') return null;
  const opened = pools.find(({ at }) => at === index);
  const onRoot = scalesToOpen(chord).map((scale): Choice => {
    return { label: prettyText(scale), open: { scale, on: 0 } };
  });
  const here = analysis && analysisOf(event, analysis.chords);
  const fromPanel = (here ? panelScales(here) : []).map(({ name, when, open }): Choice => {
    return { label: `${nameOf(name)}, ${prettyName(when)}`, open };
  });
  const kept = keptFor(event, setup.scales, positions);
  const fromKept =
    kept && opensEnough(kept.scale) && canOpen(chord, kept)
      ? [{ label: nameOf(scaleOver(chord, kept).name), open: kept }]
      : [];
  const isOther = ({ open }: Choice): boolean =>
    !fromKept.some((own) => openKey(own.open) === openKey(open));
  const others = { onRoot: onRoot.filter(isOther), fromPanel: fromPanel.filter(isOther) };
  const choices = [...fromKept, ...others.onRoot, ...others.fromPanel];
  return (
    <Select<string>
      aria-label="Scale opened over this chord"
      title="Colours come from this scale"
      popupMatchSelectWidth={false}
      value={opened ? openKey(opened) : AS_WRITTEN}
      options={[
        { value: AS_WRITTEN, label: AS_WRITTEN },
        ...(fromKept.length
          ? [{ label: 'Kept for this chord', options: fromKept.map(optionOf) }]
          : []),
        { label: 'On its root', options: others.onRoot.map(optionOf) },
        ...(others.fromPanel.length
          ? [{ label: 'From its note pools', options: others.fromPanel.map(optionOf) }]
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

/** The scale kept for the whole chord an event is, or is a part of. */
function keptFor(
  { at }: ChartEvent,
  scales: readonly KeptScale[],
  { whole }: Positions,
): KeptScale | undefined {
  const position = whole.findLastIndex((each) => each.at <= at);
  return scales.find((kept) => kept.at === position);
}

const optionOf = ({ label, open }: Choice) => ({ value: openKey(open), label });

/** What is said of the chord that sounds at an event: a part of a split chord is still that chord. */
const analysisOf = (
  { bar, beat }: ChartEvent,
  chords: readonly ChordAnalysis[],
): ChordAnalysis | undefined =>
  chords.findLast((chord) => chord.bar < bar || (chord.bar === bar && chord.beat <= beat));
