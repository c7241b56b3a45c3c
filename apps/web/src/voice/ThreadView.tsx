import { standingLocks } from '@drop-close/core';
import { useMemo } from 'react';
import { useTune } from '../document/store';
import type { VoicedChorus } from '../engine/protocol';
import { useSoundingChord } from '../playback/useBand';
import { useProfile } from '../profile/profileStore';
import { useSelection } from '../tune/selection';
import { useWidth } from '../ui/useWidth';
import { ThreadLegend } from './ThreadLegend';
import { ThreadSystem } from './ThreadSystem';
import { layoutThreads, threadScale } from './threadLayout';
import './threads.css';

/** The chorus as threads: every voice at its pitch, from chord to chord. */
export function ThreadView({ chorus }: { chorus: VoicedChorus }) {
  const { setup } = useTune();
  const profile = useProfile();
  const { index, select } = useSelection();
  const sounding = useSoundingChord();
  const [frame, width] = useWidth();
  const { timeline, outcome } = chorus;
  const path = useMemo(() => (outcome.status === 'found' ? outcome.path : []), [outcome]);
  const { window } = setup.room;
  const scale = useMemo(() => threadScale(path, window), [path, window]);
  const systems = useMemo(() => {
    const changes = outcome.status === 'found' ? outcome.changes : [];
    return layoutThreads({ timeline, path, changes }, scale, width);
  }, [timeline, path, outcome, scale, width]);
  const locked = useMemo(
    () => new Set(standingLocks(setup, profile).map((lock) => lock.at)),
    [setup, profile],
  );
  return (
    <div className="threads" ref={frame}>
      {systems.map((system, position) => (
        <ThreadSystem
          key={position}
          system={system}
          scale={scale}
          width={width}
          timeline={timeline}
          path={path}
          room={setup.room}
          first={position === 0}
          locked={locked}
          selected={index}
          sounding={sounding}
          onSelect={select}
        />
      ))}
      <ThreadLegend />
    </div>
  );
}
