import {
  families,
  rooms,
  type Arrangement,
  type FamilyId,
  type InstrumentKind,
  type RoomId,
} from '@drop-close/core';
import { Segmented, Select, Switch } from 'antd';
import { useDocument, useTune } from '../document/store';
import { VoicingState } from './VoicingState';

const FAMILIES = families.map(({ id, label, about }) => ({ value: id, label, title: about }));
const ROOMS = Object.values(rooms).map(({ id, label }) => ({ value: id, label }));

/** Instrument, hands, family and room: what the whole chorus is voiced by. */
export function SetupBar() {
  const { setup } = useTune();
  const change = (part: Partial<Arrangement>): void => {
    useDocument.getState().dispatch({ type: 'set up', change: part });
  };
  return (
    <div className="setup-bar">
      <Segmented<InstrumentKind>
        aria-label="Instrument"
        value={setup.instrument}
        options={[
          { value: 'guitar', label: 'Guitar' },
          { value: 'keyboard', label: 'Keyboard' },
        ]}
        onChange={(instrument) => {
          change({ instrument });
        }}
      />
      {setup.instrument === 'keyboard' && (
        <Segmented<Arrangement['keyboardHands']>
          aria-label="Hands"
          value={setup.keyboardHands}
          options={[
            { value: 'two', label: 'Both hands' },
            { value: 'one', label: 'One hand' },
          ]}
          onChange={(keyboardHands) => {
            change({ keyboardHands });
          }}
        />
      )}
      <Segmented<FamilyId>
        aria-label="Family of voicings"
        value={setup.families[0] ?? 'drop2'}
        options={FAMILIES}
        onChange={(family) => {
          change({ families: [family] });
        }}
      />
      <Select<RoomId>
        aria-label="Room: who else plays"
        value={setup.room}
        options={ROOMS}
        popupMatchSelectWidth={false}
        onChange={(room) => {
          change({ room });
        }}
      />
      <label className="setup-round">
        <Switch
          size="small"
          checked={setup.loop}
          onChange={(loop) => {
            change({ loop });
          }}
        />
        Last chord leads to the first
      </label>
      <VoicingState />
    </div>
  );
}
