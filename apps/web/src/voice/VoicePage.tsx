import { Alert } from 'antd';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { useChorus, useChorusStore } from '../engine/useChorus';
import { useNotation } from '../profile/useNotation';
import { RoomEditor } from '../room/RoomEditor';
import { FamilyBrowser } from './browser/FamilyBrowser';
import { NoteEntry } from './entry/NoteEntry';
import { ChoiceNotes } from './ChoiceNotes';
import { SetupBar } from './SetupBar';
import { SidePanel } from './SidePanel';
import { TastePanel } from './taste/TastePanel';
import { ThreadView } from './threads/ThreadView';
import { useVoiceDesk } from './desk/useVoiceDesk';
import { WaysPanel } from './ways/WaysPanel';
import './voice.css';

const Figures = lazy(() => import('./figures/Figures'));
const ComparePanel = lazy(() => import('./compare/ComparePanel'));

/** The chorus voiced and connected; the chord in hand beside it. */
export default function VoicePage() {
  const chorus = useChorus();
  const failure = useChorusStore((state) => state.failure);
  const desk = useVoiceDesk();
  const { sentence } = useNotation();
  if (!chorus) return <main className="page quiet">{failure ?? 'Voicing the chorus…'}</main>;
  const { outcome, timeline, problems } = chorus;
  const at = outcome.status === 'infeasible' ? timeline.events[outcome.at] : undefined;
  return (
    <main className="voice">
      <div className="voice-main">
        <SetupBar />
        {desk.room && <RoomEditor />}
        {desk.taste && <TastePanel />}
        {desk.entry && <NoteEntry />}
        {desk.ways && outcome.status === 'found' && <WaysPanel chorus={chorus} outcome={outcome} />}
        {desk.figures && outcome.status === 'found' && (
          <Suspense fallback={<p className="quiet">Voicing…</p>}>
            <Figures chorus={chorus} outcome={outcome} />
          </Suspense>
        )}
        {outcome.status !== 'found' && (
          <Alert
            type="warning"
            title={
              at ? `Bar ${at.bar} cannot be voiced so` : 'The chorus cannot be voiced this way'
            }
            description={`${sentence(outcome.why)} Choose another family, room or instrument.`}
          />
        )}
        <ChoiceNotes chorus={chorus} />
        {problems.length > 0 && (
          <p>
            <Link to="../chart" relative="path" className="fault">
              {problems.length === 1 ? '1 place' : `${problems.length} places`} in the chart to
              correct
            </Link>
            <span className="quiet"> – the rest is voiced.</span>
          </p>
        )}
        {timeline.events.length > 0 ? (
          <ThreadView chorus={chorus} />
        ) : (
          <p className="quiet">
            There are no chords to voice yet.{' '}
            <Link to="../chart" relative="path">
              Type the changes.
            </Link>
          </p>
        )}
      </div>
      {outcome.status === 'found' && timeline.events.length > 0 && (
        <SidePanel chorus={chorus} outcome={outcome} />
      )}
      {desk.browser && <FamilyBrowser chorus={chorus} />}
      {desk.compare && (
        <Suspense>
          <ComparePanel />
        </Suspense>
      )}
    </main>
  );
}
