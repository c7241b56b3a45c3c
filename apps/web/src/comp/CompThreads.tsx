import type { Voicing } from '@drop-close/core';
import { Segmented } from 'antd';
import { useMemo } from 'react';
import { useTune } from '../document/store';
import type { ComposedChoruses } from '../engine/protocol';
import { useSoundingChord } from '../playback/useBand';
import { selectPlace, useSelection } from '../place/selection';
import { useWidth } from '../ui/useWidth';
import { PlainSystem } from '../voice/threads/PlainSystem';
import { layoutThreads, threadScale } from '../voice/threads/threadLayout';
import { useZoom, zoomAt, zooms } from '../voice/threads/zoom';
import { timeThrough } from './desk/bars';
import { CompLane } from './CompLane';
import '../voice/threads/threads.css';

const NO_PATH: readonly Voicing[] = [];

/** One chorus of those that are comped: its threads, and under each system the lane of its hits. */
export function CompThreads({ composed }: { composed: ComposedChoruses }) {
  const { setup } = useTune();
  const { index, event, select } = useSelection();
  const sounding = useSoundingChord();
  const [frame, width] = useWidth();
  const { level } = useZoom();
  const zoom = zoomAt(level, width);
  const { timeline, voiced, barsEach, times } = composed;
  const path = voiced.status === 'found' ? voiced.path : NO_PATH;
  const chorus = timeThrough(
    (sounding === undefined ? event : timeline.events[sounding])?.bar ?? 1,
    barsEach,
  );
  const scale = useMemo(
    () => threadScale(path, setup.room.window, zoom),
    [path, setup.room.window, zoom],
  );
  const systems = useMemo(() => {
    const changes = voiced.status === 'found' ? voiced.changes : [];
    const bars = timeline.bars.filter(({ number }) => timeThrough(number, barsEach) === chorus);
    return layoutThreads({ timeline, path, changes }, scale, width, zoom, bars);
  }, [timeline, path, voiced, scale, width, zoom, chorus, barsEach]);
  return (
    <div className="threads comp-threads" ref={frame}>
      {times > 1 && (
        <Segmented
          aria-label="Which chorus is shown"
          className="comp-chorus"
          value={chorus}
          options={Array.from({ length: times }, (_, time) => ({
            value: time,
            label: `Chorus ${time + 1}`,
          }))}
          onChange={(time) => {
            selectPlace({ bar: time * barsEach + 1, beat: 1 });
          }}
        />
      )}
      {systems.map((system, position) => (
        <div key={position} className="comp-system">
          <PlainSystem
            system={system}
            scale={scale}
            zoom={zoom}
            width={width}
            timeline={timeline}
            path={path}
            room={setup.room}
            first={position === 0}
            selected={index}
            sounding={sounding}
            onSelect={select}
          />
          <CompLane composed={composed} system={system} width={width} first={position === 0} />
        </div>
      ))}
      <Segmented
        aria-label="How near"
        className="thread-zoom"
        size="small"
        value={level}
        options={zooms.map(({ label }, value) => ({ value, label }))}
        onChange={(next) => {
          useZoom.setState({ level: next });
        }}
      />
    </div>
  );
}
