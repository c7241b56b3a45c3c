import { type RankedPath } from '@drop-close/core';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { useDocument } from '../../document/store';
import { engine } from '../../engine/client';
import type { VoicedChorus, VoicedPath } from '../../engine/protocol';
import { changesInWords } from '../explain/GhostNote';
import { signed } from '../explain/differenceInWords';
import { changedChords, hideGhost, useGhost } from '../threads/ghost';
import { useShown } from '../desk/useShown';
import './ways.css';

/** As many as one looks through; the first is the chorus in hand. */
const SHOWN = 9;

interface WaysPanelProps {
  readonly chorus: VoicedChorus;
  readonly outcome: VoicedPath;
}

/** Other ways to voice the whole chorus, by what they cost. Taking one locks the chords that differ. */
export function WaysPanel({ chorus, outcome }: WaysPanelProps) {
  const [answer, setAnswer] = useState<{ id: number; rankedPaths: readonly RankedPath[] }>();
  const { id, timeline } = chorus;
  useEffect(() => {
    void engine.rankedPaths(id, SHOWN).then((rankedPaths) => {
      if (rankedPaths) setAnswer({ id, rankedPaths });
    });
    return hideGhost;
  }, [id]);
  const rankedPaths = answer?.id === id ? answer.rankedPaths.slice(1) : undefined;
  const take = (way: RankedPath): void => {
    hideGhost();
    const locks = changedChords(outcome.path, way.path).map((at) => ({
      at,
      symbol: timeline.events[at]!.chord.symbol,
      voicing: way.path[at]!,
    }));
    useDocument.getState().dispatch({ type: 'lock all', locks });
  };
  const shown = useShown<HTMLElement>();
  return (
    <section className="ways" ref={shown} aria-label="Another way">
      {!rankedPaths && <p className="quiet">Looking for other ways…</p>}
      {rankedPaths?.length === 0 && (
        <p className="quiet">There is no other way with these locks.</p>
      )}
      <ol>
        {rankedPaths?.map((way, at) => (
          <WayItem key={at} way={way} chorus={chorus} outcome={outcome} onTake={take} />
        ))}
      </ol>
    </section>
  );
}

interface WayItemProps extends WaysPanelProps {
  readonly way: RankedPath;
  readonly onTake: (way: RankedPath) => void;
}

function WayItem({ way, chorus, outcome, onTake }: WayItemProps) {
  const changed = changedChords(outcome.path, way.path);
  const show = (): void => {
    useGhost.setState({
      chorusId: chorus.id,
      path: way.path,
      changes: outcome.changes,
      total: way.total,
      terms: undefined,
      of: 'a way',
    });
  };
  return (
    <li>
      <Button
        size="small"
        onPointerEnter={show}
        onFocus={show}
        onPointerLeave={hideGhost}
        onBlur={hideGhost}
        onClick={() => {
          onTake(way);
        }}
      >
        {signed(way.extra)}
      </Button>{' '}
      <span className="quiet">{changesInWords(changed, chorus.timeline).replace(/:$/, '.')}</span>
    </li>
  );
}
