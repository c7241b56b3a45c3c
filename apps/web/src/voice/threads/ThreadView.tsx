import type { Voicing } from '@drop-close/core';
import { useMemo } from 'react';
import { useTune } from '../../document/store';
import type { VoicedChorus } from '../../engine/protocol';
import { useSoundingChord } from '../../playback/useBand';
import { useSelection } from '../../place/selection';
import { useWidth } from '../../ui/useWidth';
import { useHeldLocks } from '../desk/useHeldLocks';
import { useVoiceDesk } from '../desk/useVoiceDesk';
import { useThreadFocus } from './focus';
import { changedChords, soundsOtherwise, useGhost } from './ghost';
import { ThreadLegend } from './ThreadLegend';
import { SystemInTurn } from './SystemInTurn';
import { layoutThreads, threadScale, type SystemLayout } from './threadLayout';
import { useThreads } from './useThreads';
import { useZoom, zoomAt } from './zoom';
import './threads.css';

const NO_PATH: readonly Voicing[] = [];
const NO_CHANGES: VoicedPathChanges = [];
type VoicedPathChanges = Extract<VoicedChorus['outcome'], { status: 'found' }>['changes'];

/** The chorus as threads: every voice at its pitch, from chord to chord. */
export function ThreadView({ chorus }: { chorus: VoicedChorus }) {
  const { setup } = useTune();
  const { index, select } = useSelection();
  const sounding = useSoundingChord();
  const { drawing } = useVoiceDesk();
  const [frame, width] = useWidth();
  const threads = useThreads();
  const { under, taken } = useThreadFocus();
  const focus = under ?? taken;
  const { level } = useZoom();
  const zoom = zoomAt(level, width);
  const { timeline, outcome } = chorus;
  const path = outcome.status === 'found' ? outcome.path : NO_PATH;
  const changes = outcome.status === 'found' ? outcome.changes : NO_CHANGES;
  const { window } = setup.room;
  const scale = useMemo(() => threadScale(path, window, zoom), [path, window, zoom]);
  const systems = useMemo(
    () => layoutThreads({ timeline, path, changes }, scale, width, zoom),
    [timeline, path, changes, scale, width, zoom],
  );
  const ghost = useGhostOf(chorus, (other) =>
    layoutThreads({ timeline, ...other }, scale, width, zoom),
  );
  const { held } = useHeldLocks();
  const locked = useMemo(() => new Set(held.map(({ at }) => at)), [held]);
  return (
    <div className={drawing ? 'threads drawing' : 'threads'} ref={frame}>
      {systems.map((system, position) => {
        const holds = (at: number | undefined): boolean =>
          system.chords.some((column) => column.index === at);
        return (
          <SystemInTurn
            key={position}
            system={system}
            ghost={ghost.systems[position]}
            regripped={ghost.regripped}
            scale={scale}
            zoom={zoom}
            width={width}
            timeline={timeline}
            path={path}
            threads={threads}
            focus={focus}
            room={setup.room}
            notes={setup.line.notes}
            first={position === 0}
            drawing={drawing}
            locked={locked}
            selected={holds(index) ? index : -1}
            sounding={holds(sounding) ? sounding : undefined}
            onSelect={select}
          />
        );
      })}
      <div className="thread-foot">
        <ThreadLegend />
      </div>
      <p className="quiet thread-hint">
        Point at a voice to follow it; double-click to hear it alone.
      </p>
    </div>
  );
}

interface Ghost {
  /** Chords that would lie otherwise under the hand, whatever sounds. */
  readonly regripped: ReadonlySet<number>;
  /** By system, what would sound otherwise. */
  readonly systems: readonly SystemLayout[];
}

const NO_GHOST: Ghost = { regripped: new Set(), systems: [] };

/** What a ghost changes. */
function useGhostOf(
  chorus: VoicedChorus,
  layout: (ghost: { path: readonly Voicing[]; changes: VoicedPathChanges }) => SystemLayout[],
): Ghost {
  const { chorusId, path: ghost, changes } = useGhost();
  const { outcome, id } = chorus;
  return useMemo(() => {
    if (chorusId !== id || !ghost || outcome.status !== 'found') return NO_GHOST;
    const regripped = new Set(changedChords(outcome.path, ghost));
    const heard = (at: number): boolean => soundsOtherwise(outcome.path[at], ghost[at]);
    const systems = layout({ path: ghost, changes }).map((system) => ({
      ...system,
      chords: system.chords.filter(({ index }) => heard(index)),
      strands: system.strands.filter(
        ({ chord }) => heard(chord) || heard((chord + 1) % ghost.length),
      ),
    }));
    return { regripped, systems };
    // The layout hangs on what the view hangs on; a ghost is shown for a moment only.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [chorusId, id, ghost, changes, outcome]);
}
