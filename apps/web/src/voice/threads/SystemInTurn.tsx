import { useDeferredValue } from 'react';
import { useInView } from '../../ui/useInView';
import { ThreadSystem } from './ThreadSystem';
import type { ThreadSystemProps } from './threadSystemProps';

/** A system in view is drawn at once; one that is scrolled away follows when the page has time. */
export function SystemInTurn(props: ThreadSystemProps) {
  const [place, inView] = useInView<HTMLDivElement>(props.first);
  const later = useDeferredValue(props);
  return (
    <div ref={place}>
      <ThreadSystem {...(inView ? props : later)} />
    </div>
  );
}
