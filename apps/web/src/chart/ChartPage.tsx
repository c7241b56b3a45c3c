import { Alert, Segmented } from 'antd';
import { useMemo, useRef, useState } from 'react';
import { useDocument, useTune } from '../document/store';
import { useAnalysis, useReadingStore } from '../engine/useChorus';
import { useIndexAmong } from '../place/selection';
import { WRITTEN_ABOVE, usePreferences } from '../ui/preferences';
import { ChartFields } from './ChartFields';
import { ChartProblems } from './ChartProblems';
import { LandmarkList } from './LandmarkList';
import { MemoryMap } from './MemoryMap';
import { NotesSide } from './names/NotesSide';
import { ChordPanel, chordAt } from './panel/ChordPanel';
import { chartFor } from './reader';
import { Sheet } from './sheet/Sheet';
import { SheetTools } from './SheetTools';
import { ChangesEditor, type ChangesEditorHandle } from './text/ChangesEditor';
import { useChart, type ChartInHand } from './desk/useChart';
import { WritingMenu } from './WritingMenu';
import './chart.css';

/** The changes as typed and as they read, side by side and in step, and what they are made of. */
export default function ChartPage() {
  const written = useChart();
  const { key } = useTune();
  const { reader } = usePreferences();
  const analysis = useAnalysis();
  const { failure } = useReadingStore();
  const shown = useMemo(() => chartFor(reader, written.chart, key), [reader, written.chart, key]);
  const index = useIndexAmong(written.time.events);
  const event = written.time.events[index];
  const chord = event && chordAt(shown, event.written, event.slot);
  const chordAnalysis = analysis?.chords[index];
  const moved = WRITTEN_ABOVE[reader] !== 0;
  return (
    <main className="chart">
      <LeftSide written={written} />
      <div className="chart-sheet">
        <div className="chart-bar">
          <SheetTools canMove={written.whole} />
          <WritingMenu />
        </div>
        {failure && (
          <Alert
            type="warning"
            title="The changes could not be looked through"
            description={`${failure} They can still be written and voiced.`}
          />
        )}
        {moved && (
          <p className="quiet">
            The {reader} part. It is read here; choose Concert to write in the sheet.
          </p>
        )}
        <Sheet
          chart={shown}
          time={written.time}
          analysis={analysis}
          readOnly={moved || !written.whole}
        />
      </div>
      {chord && analysis && chordAnalysis && (
        <ChordPanel chord={chord} analysis={chordAnalysis} chords={analysis.chords} />
      )}
    </main>
  );
}

type Side = 'Text' | 'Map' | 'Landmarks' | 'Notes';
const SIDES: Side[] = ['Text', 'Map', 'Landmarks', 'Notes'];

/** The text of the changes, or what they come to. */
function LeftSide({ written }: { written: ChartInHand }) {
  const [side, setSide] = useState<Side>('Text');
  const analysis = useAnalysis();
  return (
    <section className="chart-side" aria-label="The changes">
      <ChartFields />
      <Segmented
        block
        aria-label="Beside the sheet"
        value={side}
        options={SIDES}
        onChange={setSide}
      />
      {side === 'Text' && <TextSide written={written} />}
      {side === 'Map' && analysis && <MemoryMap analysis={analysis} />}
      {side === 'Landmarks' && analysis && <LandmarkList analysis={analysis} />}
      {side === 'Notes' && <NotesSide />}
    </section>
  );
}

function TextSide({ written }: { written: ChartInHand }) {
  const { text } = useTune();
  const { dispatch, undo, redo } = useDocument.getState();
  const editor = useRef<ChangesEditorHandle>(null);
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
      <ChartProblems
        problems={written.problems}
        text={text}
        onShow={(problem) => editor.current?.show(problem)}
      />
    </>
  );
}
