import type { TrackWish } from '@drop-close/core';
import { Alert } from 'antd';
import { useState } from 'react';
import { useDocument, useTune } from '../../document/store';
import { saveNow } from '../../document/tuneSaving';
import { useChorus } from '../../engine/useChorus';
import { useHeading } from '../../place/heading';
import { TrackList } from './TrackList';
import { TrackMaker } from './TrackMaker';
import { useTracks } from './useTracks';
import './tracks.css';

/** Practice tracks of the tune: the choruses as they are comped, rendered by the server while one does something else. */
export function TracksSide() {
  const { key, tempo } = useHeading();
  const { setup } = useTune();
  const chorus = useChorus();
  const { tracks, make, remove } = useTracks();
  const [change, setChange] = useState<Partial<TrackWish>>({});
  const wish: TrackWish = {
    ...{ heard: ['bass', 'drums'], keys: [0], times: 3, tempo, faster: 0, countIn: true },
    ...{ format: 'ogg' },
    ...change,
  };
  const ask = async (): Promise<void> => {
    // The server makes the track of what it has.
    await saveNow();
    const { origin } = useDocument.getState();
    if (!origin) return;
    const { tuneId, arrangementId } = origin;
    make.mutate({ tuneId, arrangementId, wish });
  };
  return (
    <>
      <TrackMaker
        wish={wish}
        tuneKey={key}
        quarters={(chorus?.timeline.length ?? 0) * setup.comp.plan.length}
        hasSolo={setup.comp.behind !== null}
        isAsking={make.isPending}
        onChange={(own) => {
          setChange((before) => ({ ...before, ...own }));
        }}
        onMake={() => void ask()}
      />
      {tracks.isError && (
        <Alert
          type="warning"
          title="The tracks cannot be listed just now"
          description={tracks.error.message}
        />
      )}
      {!!tracks.data?.length && (
        <TrackList
          tracks={tracks.data}
          onRemove={(track) => {
            remove.mutate(track);
          }}
        />
      )}
      {tracks.data?.length === 0 && (
        <p className="quiet">
          No tracks yet. A track has the choruses as they are comped: with the comp to listen to, or
          without it to play along.
        </p>
      )}
    </>
  );
}
