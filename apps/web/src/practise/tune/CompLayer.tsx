import { CompThreads } from '../../comp/CompThreads';
import { useComposing } from '../../comp/useComposing';
import { useComposition, useCompositionStore } from '../../engine/useComposition';
import '../../comp/comp.css';

/** The tune as it is comped in the arrangement: its hits under the threads. */
export function CompLayer() {
  useComposing();
  const composed = useComposition();
  const failure = useCompositionStore((state) => state.failure);
  if (!composed) return <p className="quiet">{failure ?? 'Working it out…'}</p>;
  return <CompThreads composed={composed} />;
}
