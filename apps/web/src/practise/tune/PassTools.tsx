import type { LayerItem, PassJudgement } from '@drop-close/core';
import { useTune } from '../../document/store';
import { useHeading } from '../../place/heading';
import { useOwnMusic } from '../../playback/ownMusic';
import { PassButtons } from '../pass/PassButtons';
import { usePlayed } from '../layer/lineWish';
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
  const { instrument } = useTune().setup;
  const played = usePlayed(instrument, item.layer);
  return (
    <PassButtons
      item={item}
      // The numbers are spoken.
      {...(item.layer !== 'numbers' && { part: partOf(item.layer, played) })}
      tempo={tempo}
      goal={goal}
      onTempo={(next) => {
        useOwnMusic.getState().music?.setTempo(next);
      }}
      onJudged={onJudged}
    />
  );
}
