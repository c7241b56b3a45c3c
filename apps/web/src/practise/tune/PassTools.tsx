import type { LayerItem } from '@drop-close/core';
import { useHeading } from '../../place/heading';
import { useOwnMusic } from '../../playback/ownMusic';
import { PassButtons } from '../pass/PassButtons';
import { useLayerTempo } from './useLayerMusic';

/** The passes of a layer, up to the tempo of the tune. */
export function PassTools({ item }: { item: LayerItem }) {
  const { tempo: goal } = useHeading();
  const tempo = useLayerTempo(item);
  return (
    <PassButtons
      item={item}
      tempo={tempo}
      goal={goal}
      onTempo={(next) => {
        useOwnMusic.getState().music?.setTempo(next);
      }}
    />
  );
}
