import { Link, useLocation, useSearchParams } from 'react-router';
import { lazy, Suspense } from 'react';
import { useChorus, useChorusStore } from '../../engine/useChorus';
import { useAwake } from '../../stand/useAwake';
import { SessionEnd } from '../session/SessionEnd';
import { WaitingNote } from '../items/WaitingNote';
import { LayersDesk } from './LayersDesk';
import '../base/practise.css';
import './tune.css';

const Ladder = lazy(() => import('../ladder/Ladder'));
const DrillDesk = lazy(() => import('../drills/DrillDesk'));

const PARTS = [
  { id: 'layers', label: 'Layers' },
  { id: 'by-heart', label: 'By heart' },
  { id: 'drills', label: 'Drills' },
] as const;

/** One tune practised: its layers with the band, its chart by heart, drills made from it. */
export default function PractiseTunePage() {
  useAwake();
  const chorus = useChorus();
  const failure = useChorusStore((state) => state.failure);
  const [parameters] = useSearchParams();
  const { pathname } = useLocation();
  const part = PARTS.find(({ id }) => id === parameters.get('do'))?.id ?? 'layers';
  return (
    <main className="page practise practise-tune">
      <div className="practise-head">
        <nav aria-label="Ways to practise this tune">
          {PARTS.map(({ id, label }) => (
            <Link
              key={id}
              to={id === 'layers' ? pathname : `${pathname}?do=${id}`}
              className={id === part ? 'active' : undefined}
              aria-current={id === part ? 'page' : undefined}
            >
              {label}
            </Link>
          ))}
        </nav>
        <WaitingNote />
      </div>
      <SessionEnd />
      {!chorus && <p className="quiet">{failure ?? 'Reading the tune…'}</p>}
      {chorus && !chorus.timeline.events.length && (
        <p className="quiet">There are no chords to practise yet. Type the changes on the Chart.</p>
      )}
      {!!chorus?.timeline.events.length && (
        <Suspense fallback={<p className="quiet">Opening…</p>}>
          {part === 'layers' && <LayersDesk chorus={chorus} />}
          {part === 'by-heart' && <Ladder chorus={chorus} />}
          {part === 'drills' && <DrillDesk chorus={chorus} />}
        </Suspense>
      )}
    </main>
  );
}
