import { itemKey, strengthOf, type LayerId, type LayerItem, type Strength } from '@drop-close/core';
import { usePractised } from '../items/usePractice';
import { useNow } from '../base/useNow';
import { StrengthMark } from '../base/StrengthMark';

interface LayerStepsProps {
  readonly layers: readonly LayerId[];
  readonly item: LayerItem;
  readonly onChoose: (layer: LayerId) => void;
}

const ABOUT: Readonly<Record<LayerId, string>> = {
  numbers: 'Say each number as it is lit; the line goes from home to the dominant and back.',
  roots: 'The root of each chord, on the strong beats.',
  arpeggios: 'Up and down the chord tones, on to the nearest tone of the next chord.',
  'guide tones': 'One smooth line of 3rds and 7ths.',
  shells: 'Root, 3rd and 7th of each chord.',
  voicings: 'The voicings of your arrangement.',
  comp: 'The whole tune, comping in time.',
  memory: 'The chart by heart.',
};

/** The layers in order, each with how well it is known. */
export function LayerSteps({ layers, item, onChoose }: LayerStepsProps) {
  const { known } = usePractised();
  const now = useNow();
  const schedules = new Map(known.map((each) => [itemKey(each.item), each.schedule]));
  const strength = (layer: LayerId): Strength =>
    strengthOf(schedules.get(itemKey({ ...item, layer })), now);
  return (
    <ol className="layer-steps" aria-label="Layers, each earned before the next">
      {layers.map((layer, at) => (
        <li key={layer}>
          <button
            type="button"
            title={ABOUT[layer]}
            aria-current={layer === item.layer ? 'step' : undefined}
            onClick={() => {
              onChoose(layer);
            }}
          >
            <span className="layer-number">{at + 1}</span>
            <span className="layer-name">
              {layer.charAt(0).toUpperCase() + layer.slice(1)}
              {layer === item.layer && <span className="quiet layer-about">{ABOUT[layer]}</span>}
            </span>
            <StrengthMark strength={strength(layer)} />
          </button>
        </li>
      ))}
    </ol>
  );
}
