import type { LayerItem, PassJudgement } from '@drop-close/core';
import { useHeading } from '../../place/heading';
import { useOwnMusic } from '../../playback/ownMusic';
import { PassButtons } from '../pass/PassButtons';
import { partOf } from '../layer/partOf';
import { useLayerTempo } from './useLayerMusic';

interface PassToolsProps {
  readonly item: LayerItem;
  readonly onJudged: (judged: PassJudgement) => void;
}

/** The passes of a layer, up to the tempo of the tune. */
export function PassTools({ item, onJudged }: PassToolsProps) {
  const { tempo: goal } = useHeading();
  const tempo = useLayerTempo(item);
  return (
    <PassButtons
      item={item}
      // The numbers are spoken.
      {...(item.layer !== 'numbers' && { part: partOf(item.layer) })}
      tempo={tempo}
      goal={goal}
      onTempo={(next) => {
        useOwnMusic.getState().music?.setTempo(next);
      }}
      onJudged={onJudged}
    />
  );
}
