import { PLAYED, type InstrumentId, type LayerId, type Played } from '@drop-close/core';
import { Select } from 'antd';
import { PLAYED_LABELS } from '../../etude/playedLabels';
import { usePlayed, wishLine } from '../layer/lineWish';

interface PlayedToolProps {
  readonly instrument: InstrumentId;
  readonly layer: LayerId;
}

/** The chords of a layer, struck or as a pattern of single notes through the changes. */
export function PlayedTool({ instrument, layer }: PlayedToolProps) {
  const played = usePlayed(instrument, layer);
  return (
    <label className="layer-range">
      <span className="quiet">Played</span>
      <Select<Played>
        value={played}
        popupMatchSelectWidth={false}
        options={PLAYED.map((value) => ({ value, label: PLAYED_LABELS[value] }))}
        onChange={(next) => {
          wishLine(instrument, layer, { played: next });
        }}
      />
    </label>
  );
}
