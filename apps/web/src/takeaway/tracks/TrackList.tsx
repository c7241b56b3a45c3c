import { DeleteOutlined, DownloadOutlined } from '@ant-design/icons';
import { JOB_DAYS, type TrackView } from '@drop-close/core';
import { Button } from 'antd';
import { OnItsWay } from '../../jobs/OnItsWay';
import { isOnItsWay } from '../../jobs/useJobs';
import { lengthInWords, sizeInWords, trackInWords } from './trackWords';
import { useNotation } from '../../profile/useNotation';

const soundOf = ({ id }: TrackView): string => `/api/tracks/${id}/sound`;

interface TrackListProps {
  readonly tracks: readonly TrackView[];
  readonly onRemove: (track: TrackView) => void;
}

/** Tracks that are there, and those that are being made. */
export function TrackList({ tracks, onRemove }: TrackListProps) {
  const { name } = useNotation();
  return (
    <>
      <ul className="track-list" aria-label="Tracks">
        {tracks.map((track) => (
          <li key={track.id} className="track">
            <p>
              <b className="track-title">{track.title}</b> {trackInWords(track, name)}
            </p>
            {isOnItsWay(track) && (
              <OnItsWay
                {...track}
                onCancel={() => {
                  onRemove(track);
                }}
              />
            )}
            {track.state === 'failed' && (
              <p role="status" className="track-problem">
                {track.problem}{' '}
                <Button
                  size="small"
                  onClick={() => {
                    onRemove(track);
                  }}
                >
                  Remove
                </Button>
              </p>
            )}
            {track.state === 'ready' && <Ready track={track} onRemove={onRemove} />}
          </li>
        ))}
      </ul>
      <p className="quiet">Tracks stay for {JOB_DAYS} days and are then tidied away.</p>
    </>
  );
}

function Ready({
  track,
  onRemove,
}: {
  readonly track: TrackView;
  readonly onRemove: (track: TrackView) => void;
}) {
  const { wish, seconds, bytes, title } = track;
  return (
    <div className="track-ready">
      <audio controls preload="metadata" src={soundOf(track)} aria-label={`${title}, track`} />
      <span className="quiet">
        {lengthInWords(seconds)}, {sizeInWords(bytes ?? 0)}
      </span>
      <Button
        icon={<DownloadOutlined aria-hidden />}
        href={`${soundOf(track)}?save`}
        download
        aria-label={`Save ${title} as ${wish.format === 'wav' ? 'WAV' : 'Ogg'}`}
      >
        {wish.format === 'wav' ? 'WAV' : 'Ogg'}
      </Button>
      <Button
        type="text"
        icon={<DeleteOutlined aria-hidden />}
        aria-label={`Throw the track of ${title} away`}
        onClick={() => {
          onRemove(track);
        }}
      />
    </div>
  );
}
