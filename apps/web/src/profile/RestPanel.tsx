import type { ComponentProps } from 'react';
import { Panel } from '../ui/Panel';
import { ChordInHand } from './ChordInHand';

/** The place in hand, where the chart has no chord. */
export const RestPanel = ({
  event,
  className,
}: Pick<ComponentProps<typeof ChordInHand>, 'event'> &
  Pick<ComponentProps<typeof Panel>, 'className'>) => (
  <Panel label="The chord in hand" className={className} head={<ChordInHand event={event} />}>
    <p>No chord here: the accompanist rests.</p>
  </Panel>
);
