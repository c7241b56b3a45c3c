import { Tabs } from 'antd';
import type { ComposedChoruses } from '../engine/protocol';
import { useSelection } from '../place/selection';
import { ChordInHand } from '../profile/ChordInHand';
import { Panel } from '../ui/Panel';
import { Grip } from '../voice/desk/Grip';
import { HitsTab } from './HitsTab';
import { LicksTab } from './licks/LicksTab';
import { MovementTab } from './movement/MovementTab';
import { SoloTab } from './solo/SoloTab';
import { samePlace } from './desk/hits';
import { useCompDesk, type CompTab } from './desk/useCompDesk';

/** What is in hand: the hit with the chord it plays, or the chord; the bar, what may move here, and the soloist. */
export function CompPanel({ composed }: { composed: ComposedChoruses }) {
  const selection = useSelection();
  const { tab, hit } = useCompDesk();
  const { voiced, sounding, timeline } = composed;
  const struck =
    tab === 'hits' && hit ? sounding.find((each) => samePlace(hit, each.hit)) : undefined;
  const index = struck?.chord ?? selection.index;
  const event = timeline.events[index] ?? selection.event;
  const voicing = voiced.status === 'found' ? voiced.path[index] : undefined;
  if (!event) return null;
  return (
    <Panel
      label="What is in hand"
      head={
        <>
          <ChordInHand event={event} />
          {voicing && voicing.notes.length > 0 && <Grip voicing={voicing} size="small" />}
        </>
      }
    >
      <Tabs
        size="small"
        activeKey={tab}
        onChange={(key) => {
          useCompDesk.setState({ tab: key as CompTab, trying: undefined });
        }}
        items={[
          { key: 'hits', label: 'Hits', children: <HitsTab composed={composed} /> },
          { key: 'movement', label: 'Movement', children: <MovementTab composed={composed} /> },
          { key: 'licks', label: 'Licks', children: <LicksTab composed={composed} /> },
          { key: 'soloist', label: 'Soloist', children: <SoloTab composed={composed} /> },
        ]}
      />
    </Panel>
  );
}
