import { isLineLayer, type LayerItem, type PassJudgement } from '@drop-close/core';
import { useHeading } from '../../place/heading';
import { useOwnMusic } from '../../playback/ownMusic';
import { PassButtons } from '../pass/PassButtons';
import { useLayerTempo } from './useLayerMusic';

interface PassToolsProps {
  readonly item: LayerItem;
  readonly onJudged: (judged: PassJudgement) => void;
}

/** The passes of a layer, up to the tempo of the tune. */
export function PassTools({ item, onJudged }: PassToolsProps) {
  const { tempo: goal } = useHeading();
  const tempo = useLayerTempo(item);
  // The numbers are spoken.
  const part = isLineLayer(item.layer) ? 'solo' : 'comp';
  return (
    <PassButtons
      item={item}
      {...(item.layer !== 'numbers' && { part })}
      tempo={tempo}
      goal={goal}
      onTempo={(next) => {
        useOwnMusic.getState().music?.setTempo(next);
      }}
      onJudged={onJudged}
    />
  );
}
