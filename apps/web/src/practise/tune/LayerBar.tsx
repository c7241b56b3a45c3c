import { isLineLayer, type InstrumentId, type LayerId } from '@drop-close/core';
import { Segmented, Select } from 'antd';
import { useShallow } from 'zustand/react/shallow';
import { usePlayer } from '../../playback/usePlayer';
import { isInNotes } from '../layer/lineWish';
import { LineTools } from './LineTools';
import { PlayedTool } from './PlayedTool';
import type { TuneSection } from './sections';

interface LayerBarProps {
  readonly sections: readonly TuneSection[];
  readonly section: TuneSection | undefined;
  readonly onSection: (id: string | undefined) => void;
  readonly layer: LayerId;
  readonly instrument: InstrumentId;
}

const WHOLE = 'whole';
const KEYS = [
  { value: 0, label: 'this key' },
  { value: 5, label: 'by fourths' },
  { value: 1, label: 'by half steps' },
];

/** Which part of the tune, through which keys, and where its line lies. */
export function LayerBar(props: LayerBarProps) {
  const { sections, section, onSection, layer, instrument } = props;
  const { passes, setListening } = usePlayer(
    useShallow((state) => ({ passes: state.passes, setListening: state.setListening })),
  );
  return (
    <div className="practise-bar">
      {sections.length > 0 && (
        <Select
          aria-label="Which part"
          value={section?.id ?? WHOLE}
          popupMatchSelectWidth={false}
          options={[
            { value: WHOLE, label: 'The whole tune' },
            ...sections.map(({ id, name, fromBar, toBar }) => ({
              value: id,
              label: `${name}: bars ${fromBar} to ${toBar}`,
            })),
          ]}
          onChange={(value) => {
            onSection(value === WHOLE ? undefined : value);
          }}
        />
      )}
      <span className="layer-keys">
        <span className="quiet" id="layer-keys">
          Each time round in
        </span>{' '}
        <Segmented
          aria-labelledby="layer-keys"
          value={passes.halfSteps}
          options={KEYS}
          onChange={(halfSteps) => {
            setListening({ passes: { ...passes, halfSteps } });
          }}
        />
      </span>
      {isLineLayer(layer) && <LineTools instrument={instrument} layer={layer} />}
      {isInNotes(layer) && <PlayedTool instrument={instrument} layer={layer} />}
    </div>
  );
}
