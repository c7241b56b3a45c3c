import { AudioOutlined } from '@ant-design/icons';
import { SCRIPTED_HANDS } from '@drop-close/core';
import { Button, Checkbox, Popover, Select } from 'antd';
import { findKeyboards, useEar } from './earStore';
import './listening.css';

const NOBODY = 'nobody';

/** Who plays along: a keyboard that is listened to, or a stand-in to try it with. */
export function EarTool() {
  const { from, keyboards } = useEar();
  const name = keyboards.find(({ id }) => id === from)?.name ?? from;
  return (
    <Popover trigger="click" placement="topLeft" title="Play along" content={<EarChoice />}>
      <Button icon={<AudioOutlined aria-hidden />}>
        {name === undefined ? 'Listen to me…' : `Listening: ${name}`}
      </Button>
    </Popover>
  );
}

function EarChoice() {
  const { from, keyboards, anyOctave, problem } = useEar();
  return (
    <div className="ear-choice">
      <p className="quiet">
        Play along on a MIDI keyboard: each time round is judged, and the tempo moves by itself.
        Nothing is recorded.
      </p>
      <Select
        aria-label="Who is listened to"
        value={from ?? NOBODY}
        options={[
          { value: NOBODY, label: 'Nobody' },
          ...keyboards.map(({ id, name }) => ({ value: id, label: name })),
          ...SCRIPTED_HANDS.map((hand) => ({ value: hand, label: `A stand-in, ${hand}` })),
        ]}
        onChange={(chosen) => {
          useEar.setState({ from: chosen === NOBODY ? undefined : chosen });
        }}
      />
      <Button onClick={() => void findKeyboards()}>Look for keyboards</Button>
      <Checkbox
        checked={anyOctave}
        onChange={({ target }) => {
          useEar.setState({ anyOctave: target.checked });
        }}
      >
        A note is right in any octave
      </Checkbox>
      {problem !== undefined && (
        <span className="fault" role="alert">
          {problem}
        </span>
      )}
    </div>
  );
}
