import { presets } from '@drop-close/core';
import { same } from '../document/convert';
import { useTune } from '../document/store';
import { RoomChooser } from '../room/RoomChooser';
import { ChoiceButton } from '../ui/Choice';
import { toggleDesk, useVoiceDesk } from './desk/useVoiceDesk';
import { InstrumentChoice } from './setup/InstrumentChoice';
import { ViewChoice } from './setup/ViewChoice';
import { VoicingsChoice } from './setup/VoicingsChoice';
import { VoicingState } from './VoicingState';

/** What the whole chorus is voiced by, in one row, each opening its choices; how it is looked at apart. */
export function SetupBar() {
  const { room, taste } = useVoiceDesk();
  const { weights } = useTune().setup;
  const chosen = presets.find((preset) => same(preset.weights, weights));
  return (
    <div className="setup-bar">
      <InstrumentChoice />
      <VoicingsChoice />
      <RoomChooser
        open={room}
        onToggle={() => {
          toggleDesk('room');
        }}
      />
      <ChoiceButton
        name="Taste"
        value={chosen ? chosen.label.toLowerCase() : 'your own'}
        title="What matters how much (T)"
        open={taste}
        onClick={() => {
          toggleDesk('taste');
        }}
      />
      <VoicingState />
      <ViewChoice />
    </div>
  );
}
