import { timeline, type ChartEvent, type Timeline } from '@drop-close/core';
import { useMemo } from 'react';
import { useTune } from '../document/store';
import { useAnalysis } from '../engine/useChorus';
import { selectPlace, useIndexAmong } from '../place/selection';
import { RestPanel } from '../profile/RestPanel';
import { usePreferences } from '../ui/preferences';
import { LeftSide } from './LeftSide';
import { MelodyLines } from './melody/MelodyLines';
import { chooseNote, useMelody } from './melody/useMelody';
import { ChordPanel } from './panel/ChordPanel';
import { chartFor } from './desk/reader';
import { scaleRows } from './scales/keptScales';
import { ScalesPage } from './scales/ScalesPage';
import { SheetSide } from './SheetSide';
import { useChart } from './desk/useChart';
import { useChartDesk } from './desk/useChartDesk';
import './chart.css';

/** The changes as typed and as they read, side by side and in step, and what they are made of. */
export default function ChartPage() {
  const written = useChart();
  const { key, setup } = useTune();
  const { reader } = usePreferences();
  const analysis = useAnalysis();
  const shown = useMemo(() => chartFor(reader, written.chart, key), [reader, written.chart, key]);
  const shownTime = useMemo(() => timeline(shown), [shown]);
  const { events } = written.time;
  const index = useIndexAmong(events);
  const event = events[index];
  const chord = shownTime.events[index]?.chord;
  const chordAnalysis = analysis?.chords[index];
  const { side } = useChartDesk();
  const melody = useMelody(shownTime, analysis, side === 'Melody');
  const rows = useMemo(
    () => (side === 'Scales' ? scaleRows(shownTime.events, setup.scales, events) : []),
    [side, shownTime, setup.scales, events],
  );
  const centre = (): 'melody' | 'scales' | 'sheet' => {
    if (melody && melody.told.notes.length > 0) return 'melody';
    return rows.some(({ scale }) => scale) ? 'scales' : 'sheet';
  };
  const inCentre = centre();
  return (
    <main className={`chart chart-with-${inCentre}`}>
      <LeftSide {...{ written, shownTime, melody, rows }} />
      {inCentre === 'melody' && melody && (
        <MelodyLines
          told={melody.told}
          inHand={melody.note}
          onChoose={(at) => {
            chooseNote(at);
            const under = melody.told.told[at]?.chord;
            const place = under === undefined ? undefined : overOneChorus(written.time, under);
            if (place) selectPlace(place);
          }}
        />
      )}
      {inCentre === 'scales' && (
        <ScalesPage rows={rows} clef={reader === 'bass clef' ? 'bass' : 'treble'} inHand={index} />
      )}
      {inCentre === 'sheet' && <SheetSide written={written} shown={shown} analysis={analysis} />}
      {event && chord?.kind === 'no chord' && <RestPanel event={event} className="chord-panel" />}
      {event && chord?.kind === 'chord' && analysis && chordAnalysis && (
        <ChordPanel
          chord={chord}
          at={index}
          symbol={event.chord.symbol}
          analysis={chordAnalysis}
          chords={analysis.chords}
        />
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
