import { Alert } from 'antd';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { useTune } from '../document/store';
import { useComposition, useCompositionStore } from '../engine/useComposition';
import { useNotation } from '../profile/useNotation';
import { CompBar } from './CompBar';
import { CompPanel } from './CompPanel';
import { CompThreads } from './CompThreads';
import { FiguresLine } from './FiguresLine';
import { RoomOffer } from './solo/RoomOffer';
import { useCompDesk } from './desk/useCompDesk';
import { useComposing } from './useComposing';
import { useCompKeys } from './useCompKeys';
import { useHearEdited } from './useHearEdited';
import '../voice/voice.css';
import './comp.css';

const PlanPanel = lazy(() => import('./plan/PlanPanel'));

/** The voicings in time: hits, movement, the soloist, and the shape of all choruses. */
export default function CompPage() {
  useComposing();
  useCompKeys();
  useHearEdited();
  const composed = useComposition();
  const { failure } = useCompositionStore();
  const { hits } = useTune().setup.comp;
  const { plan } = useCompDesk();
  const { sentence } = useNotation();
  if (!composed) return <main className="page quiet">{failure ?? 'Setting the choruses…'}</main>;
  const { voiced, timeline } = composed;
  return (
    <main className="voice comp">
      <div className="voice-main">
        <CompBar />
        {plan && (
          <Suspense fallback={<p className="quiet">Preparing the choruses…</p>}>
            <PlanPanel composed={composed} />
          </Suspense>
        )}
        {voiced.status !== 'found' && (
          <Alert
            type="warning"
            title="The choruses cannot be voiced this way"
            description={sentence(voiced.why)}
          />
        )}
        {timeline.events.length > 0 ? (
          <>
            <RoomOffer />
            <FiguresLine composed={composed} />
            {hits.length === 0 && (
              <p className="quiet comp-hint">
                No hits yet, so every chord sounds once, where it begins. Choose a rhythm, or click
                in the lane under the threads.
              </p>
            )}
            <CompThreads composed={composed} />
          </>
        ) : (
          <p className="quiet">
            There are no chords to comp yet.{' '}
            <Link to="../chart" relative="path">
              Type the changes.
            </Link>
          </p>
        )}
      </div>
      {timeline.events.length > 0 && <CompPanel composed={composed} />}
    </main>
  );
}
