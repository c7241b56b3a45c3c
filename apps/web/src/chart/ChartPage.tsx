import type { ChartEvent, Timeline } from '@drop-close/core';
import { Alert } from 'antd';
import { useMemo, useState } from 'react';
import { useTune } from '../document/store';
import { useAnalysis, useReadingStore } from '../engine/useChorus';
import { selectPlace, useIndexAmong } from '../place/selection';
import { WRITTEN_ABOVE, usePreferences } from '../ui/preferences';
import { LeftSide, type Side } from './LeftSide';
import { MelodyLines } from './melody/MelodyLines';
import { chooseNote, useMelody, useMelodyStore } from './melody/useMelody';
import { ChordPanel, chordAt } from './panel/ChordPanel';
import { chartFor } from './reader';
import { Sheet } from './sheet/Sheet';
import { SheetTools } from './SheetTools';
import { useChart } from './desk/useChart';
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
  const [side, setSide] = useState<Side>('Text');
  const melody = useMelody(shown, analysis, side === 'Melody');
  const { note } = useMelodyStore();
  return (
    <main className="chart">
      <LeftSide written={written} side={side} onSide={setSide} melody={melody} />
      {melody && melody.told.notes.length > 0 ? (
        <MelodyLines
          told={melody.told}
          inHand={note}
          onChoose={(at) => {
            chooseNote(at);
            const chord = melody.told.told[at]?.chord;
            const under = chord === undefined ? undefined : overOneChorus(written.time, chord);
            if (under) selectPlace(under);
          }}
        />
      ) : (
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
      )}
      {chord && analysis && chordAnalysis && (
        <ChordPanel chord={chord} analysis={chordAnalysis} chords={analysis.chords} />
      )}
    </main>
  );
}

/** The chord of a line that goes on through several choruses; a pickup is played once. */
function overOneChorus({ events }: Timeline, chord: number): ChartEvent | undefined {
  const pickup = events.filter(({ at }) => at < 0).length;
  const each = events.length - pickup;
  return events[chord < events.length ? chord : pickup + ((chord - events.length) % each)];
}
