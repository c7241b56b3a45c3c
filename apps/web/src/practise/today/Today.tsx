import { dueByDay, dueFirst, itemKey } from '@drop-close/core';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { api } from '../../api/client';
import { useTunes } from '../../tunes/useTunes';
import { usePractised } from '../items/usePractice';
import { endOfDay, startOfDay } from '../base/localDay';
import { useNow } from '../base/useNow';
import { SessionMaker } from '../session/SessionMaker';
import { useSession } from '../session/sessionStore';
import { DueRow } from './DueRow';
import { Readiness } from './Readiness';
import { UnfinishedSession } from './UnfinishedSession';
import { WeeksAhead } from './WeeksAhead';
import { Term } from '../../ui/terms/Term';

const DAYS_AHEAD = 28;
/** As many as one gets through in a long session; the rest when it is asked for. */
const SHOWN = 14;

/** What is due today and why, a session, how ready the coming sets are, and what the next weeks bring. */
export function Today() {
  const { known, isHere } = usePractised();
  const { data: tunes = [] } = useTunes();
  const { data: sets = [] } = useQuery({ queryKey: ['sets'], queryFn: api.sets });
  const running = useSession((state) => !!state.session);
  const [shown, setShown] = useState(SHOWN);
  // What is due is there first; what stands beside it, a moment later.
  const sideToo = useDeferredValue(true, false);
  const now = useNow();
  const tonight = endOfDay(now);
  const due = useMemo(() => dueFirst(known, tonight), [known, tonight]);
  const ahead = useMemo(
    () =>
      dueByDay(
        known.flatMap(({ schedule }) => schedule ?? []),
        startOfDay(tonight),
        DAYS_AHEAD,
      ),
    [known, tonight],
  );
  if (!isHere) return <p className="quiet">Looking up what is due…</p>;
  return (
    <div className="today">
      <section className="today-due" aria-labelledby="due">
        <h2 id="due">
          <Term of="due">Due</Term> today <span className="quiet">{due.length || 'nothing'}</span>
        </h2>
        {!due.length && (
          <p className="quiet">
            {known.length
              ? 'Everything that was practised is still known. Begin something new, or play.'
              : 'Nothing was practised yet. Open a tune and its Practise screen, or begin a session: what you practise comes back here when it is about to be forgotten.'}
          </p>
        )}
        <ul className="due-list">
          {due.slice(0, shown).map((each) => (
            <DueRow key={itemKey(each.item)} known={each} now={now} />
          ))}
        </ul>
        {due.length > shown && (
          <Button
            type="text"
            onClick={() => {
              setShown(due.length);
            }}
          >
            Show {due.length - shown} more
          </Button>
        )}
      </section>
      <div className="today-side">
        {sideToo && (
          <>
            {!running && <UnfinishedSession />}
            {!running && <SessionMaker known={known} tunes={tunes} sets={sets} />}
            <Readiness known={known} tunes={tunes} sets={sets} />
            <WeeksAhead counts={ahead} />
          </>
        )}
      </div>
    </div>
  );
}
