import {
  families,
  rooms,
  type Arrangement,
  type FamilyId,
  type InstrumentKind,
  type RoomId,
} from '@drop-close/core';
import { Segmented, Select } from 'antd';
import { useDocument, useTune } from '../document/store';
import { useChorus, useChorusStore } from '../engine/useChorus';

const FAMILIES = families.map(({ id, label, about }) => ({ value: id, label, title: about }));
const ROOMS = Object.values(rooms).map(({ id, label }) => ({ value: id, label }));

/** Instrument, hands, family and room: what the whole chorus is voiced by. */
export function SetupBar() {
  const { setup } = useTune();
  const outcome = useChorus()?.outcome;
  const { working, failure } = useChorusStore();
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
      <span className="setup-figures quiet" role="status">
        {working && 'voicing…'}
        {!working && failure && <span className="fault">{failure}</span>}
        {!working &&
          !failure &&
          outcome?.status === 'found' &&
          `${outcome.motion} half steps in all`}
      </span>
    </div>
  );
}
