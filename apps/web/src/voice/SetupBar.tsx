import { isFretted, type Arrangement, type InstrumentId } from '@drop-close/core';
import { Button, Segmented, Select, Switch } from 'antd';
import { useDocument, useTune } from '../document/store';
import { RoomChooser } from '../room/RoomChooser';
import { FamilyChooser } from '../profile/FamilyChooser';
import { INSTRUMENT_OPTIONS } from '../profile/instrumentOptions';
import { useInstrument } from '../profile/useInstrument';
import { toggleDesk, useVoiceDesk } from './desk/useVoiceDesk';
import { VoicingState } from './VoicingState';

const RETURN_OPTIONS: { value: Arrangement['returns']; label: string }[] = [
  { value: 'free', label: 'Returns as they come' },
  { value: 'same', label: 'Returns the same' },
  { value: 'varied', label: 'Returns varied' },
];

/** Instrument, hands, families and room: what the whole chorus is voiced by. */
export function SetupBar() {
  const { setup } = useTune();
  const instrument = useInstrument();
  const desk = useVoiceDesk();
  const change = (part: Partial<Arrangement>): void => {
    useDocument.getState().dispatch({ type: 'set up', change: part });
  };
  return (
    <div className="setup-bar">
      <Segmented<InstrumentId>
        aria-label="Instrument"
        value={setup.instrument}
        options={INSTRUMENT_OPTIONS}
        onChange={(chosen) => {
          change({ instrument: chosen });
        }}
      />
      {!isFretted(instrument) && (
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
      <RoomChooser
        open={desk.room}
        onToggle={() => {
          toggleDesk('room');
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
      <Select<Arrangement['returns']>
        aria-label="When a passage returns"
        value={setup.returns}
        options={RETURN_OPTIONS}
        popupMatchSelectWidth={false}
        onChange={(returns) => {
          change({ returns });
        }}
      />
      <Tool part="taste" label="Taste" title="What counts how much (T)" />
      <Tool part="figures" label="Figures" title="The chorus in figures (G)" />
      <Tool part="ways" label="Another way" title="Other whole ways to voice the chorus (W)" />
      <Tool part="compare" label="Compare" title="Two arrangements side by side (K)" />
      <VoicingState />
    </div>
  );
}

interface ToolProps {
  readonly part: 'taste' | 'figures' | 'ways' | 'compare';
  readonly label: string;
  readonly title: string;
}

/** Opens and closes something that stands over the threads. */
function Tool({ part, label, title }: ToolProps) {
  const { [part]: open } = useVoiceDesk();
  return (
    <Button
      type={open ? 'primary' : 'default'}
      aria-pressed={open}
      title={title}
      onClick={() => {
        toggleDesk(part);
      }}
    >
      {label}
    </Button>
  );
}
