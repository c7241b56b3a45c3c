import { useEffect } from 'react';
import { useCompositionStore } from '../engine/useComposition';
import { useBand } from '../playback/useBand';
import { useCompDesk } from './desk/useCompDesk';

/** What was changed to be heard is heard as soon as it is composed. */
export function useHearEdited(): void {
  const { toHear } = useCompDesk();
  const { hearBars } = useBand();
  const { working, composed } = useCompositionStore();
  useEffect(() => {
    // The edit itself may only just have been sent to the engine.
    if (!toHear || useCompositionStore.getState().working) return;
    useCompDesk.setState({ toHear: undefined });
    hearBars(toHear.fromBar, toHear.toBar);
    // Heard once for each edit, when the engine has answered.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [toHear, working, composed]);
}
