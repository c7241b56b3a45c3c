import { useEffect, useRef } from 'react';
import type { ComposedChoruses } from '../../engine/protocol';
import { useBand } from '../../playback/useBand';
import { sameDevice } from '../desk/devices';
import { useCompDesk } from '../desk/useCompDesk';

/** What is tried is heard as soon as it is voiced, with the bar it leads into. */
export function useHearTried({ id, placed, timeline }: ComposedChoruses): void {
  const { trying } = useCompDesk();
  const { hearBars } = useBand();
  const heard = useRef<unknown>(undefined);
  useEffect(() => {
    if (!trying) {
      heard.current = undefined;
      return;
    }
    const here = placed.find(({ applied }) => sameDevice(applied, trying));
    if (!here || heard.current === trying) return;
    heard.current = trying;
    const bars = timeline.bars.filter((bar) => bar.at < here.to + 1e-6);
    const from = timeline.bars.filter((bar) => bar.at <= here.from).at(-1);
    const to = bars.at(-1);
    if (from && to) hearBars(from.number, to.number);
    // Heard once for each answer of the engine.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id, trying]);
}
