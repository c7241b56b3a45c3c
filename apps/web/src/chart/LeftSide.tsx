import { germanHint, type Timeline } from '@drop-close/core';
import { Segmented } from 'antd';
import { useMemo, useRef } from 'react';
import { useDocument, useTune } from '../document/store';
import { useAnalysis } from '../engine/useChorus';
import { prettyText } from '../ui/symbol';
import { ChartFields } from './ChartFields';
import { ChartProblems } from './ChartProblems';
import type { ChartInHand } from './desk/useChart';
import { CHART_SIDES, useChartDesk } from './desk/useChartDesk';
import { HeldLines } from './held/HeldLines';
import { LandmarkList } from './LandmarkList';
import { MelodySide } from './melody/MelodySide';
import type { Melody } from './melody/useMelody';
import { MemoryMap } from './MemoryMap';
import { ScalesSide } from './scales/ScalesSide';
import type { ScaleRow } from './scales/keptScales';
import { NotesSide } from './names/NotesSide';
import { ChangesEditor, type ChangesEditorHandle } from './text/ChangesEditor';

interface LeftSideProps {
  readonly written: ChartInHand;
  /** The chorus as the reader's part has it. */
  readonly shownTime: Timeline;
  readonly melody: Melody | undefined;
  readonly rows: readonly ScaleRow[];
}

/** The text of the changes, or what they come to. */
export function LeftSide({ written, shownTime, melody, rows }: LeftSideProps) {
  const { side } = useChartDesk();
  const analysis = useAnalysis();
  return (
    <section className="chart-side" aria-label="The changes">
      <ChartFields />
      <Segmented
        block
        className="chart-sides"
        aria-label="Beside the sheet"
        value={side}
        options={[...CHART_SIDES]}
        onChange={(chosen) => {
          useChartDesk.setState({ side: chosen });
        }}
      />
      {side === 'Text' && <TextSide written={written} />}
      {side === 'Map' && analysis && <MemoryMap analysis={analysis} />}
      {side === 'Landmarks' && analysis && (
        <>
          <LandmarkList analysis={analysis} />
          <HeldLines analysis={analysis} time={shownTime} />
        </>
      )}
      {side === 'Melody' && <MelodySide melody={melody} />}
      {side === 'Scales' && analysis && (
        <ScalesSide analysis={analysis} time={written.time} rows={rows} />
      )}
      {side === 'Notes' && <NotesSide />}
    </section>
  );
}

function TextSide({ written }: { written: ChartInHand }) {
  const { text } = useTune();
  const { dispatch, undo, redo } = useDocument.getState();
  const editor = useRef<ChangesEditorHandle>(null);
  const hint = useMemo(() => germanHint(written.chart), [written.chart]);
  return (
    <>
      <ChangesEditor
        ref={editor}
        value={text}
        problems={written.problems}
        onChange={(next) => {
          dispatch({ type: 'write changes', text: next });
        }}
        onUndo={undo}
        onRedo={redo}
      />
      <p id="chart-help" className="quiet chart-help">
        <b>|</b> bar line <b>%</b> repeat the bar <b>.</b> hold the chord <b>|: :|</b> repeat{' '}
        <b>(1</b> <b>(2</b> endings <b>[A]</b> section <b>3/4</b> meter <b>"D.S. al Coda"</b> words
      </p>
      {hint !== undefined && (
        <p className="quiet" role="status">
          {prettyText(hint)}
        </p>
      )}
      <ChartProblems
        problems={written.problems}
        text={text}
        onShow={(problem) => editor.current?.show(problem)}
      />
    </>
  );
}
