import { rooms, type Arrangement, type InstrumentKind, type RoomId } from '@drop-close/core';
import { Segmented, Select, Switch } from 'antd';
import { useDocument, useTune } from '../document/store';
import { FamilyChooser } from './FamilyChooser';
import { VoicingState } from './VoicingState';

const ROOMS = Object.values(rooms).map(({ id, label }) => ({ value: id, label }));

/** Instrument, hands, families and room: what the whole chorus is voiced by. */
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
      <FamilyChooser
        chosen={setup.families}
        onChoose={(chosen) => {
          change({ families: chosen });
        }}
      />
      <label className="setup-round" title="9 for the root, 13 or 11 for the fifth">
        <Switch
          size="small"
          checked={setup.tensions === 'available'}
          onChange={(colours) => {
            change({ tensions: colours ? 'available' : 'as written' });
          }}
        />
        Add colours
      </label>
      <Select<RoomId>
        aria-label="Room: who else plays"
        value={setup.room.id as RoomId}
        options={ROOMS}
        popupMatchSelectWidth={false}
        onChange={(id) => {
          change({ room: rooms[id] });
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
        Comes round again
      </label>
      <VoicingState />
    </div>
  );
}
