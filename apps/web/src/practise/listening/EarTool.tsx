import { AudioOutlined } from '@ant-design/icons';
import { SCRIPTED_HANDS, type Part } from '@drop-close/core';
import { Button, Checkbox, Popover, Select } from 'antd';
import { whilePlaying } from '../../playback/player';
import { holds } from '../../ui/holds';
import { findKeyboards, partLeftOut, useEar } from './earStore';
import './listening.css';

const NOBODY = 'nobody';
const WHO = 'Who is listened to';
const LOOK = 'Look for keyboards';
const ANY_OCTAVE = 'A note is right in any octave';
const LEFT_OUT = 'The band leaves my part to me';

/** Who plays along: a keyboard that is listened to, or a stand-in to try it with. */
export function EarTool({ part }: { part: Part }) {
  const { from, keyboards } = useEar();
  const name = keyboards.find(({ id }) => id === from)?.name ?? from;
  return (
    <Popover
      trigger="click"
      placement="topLeft"
      title="Play along"
      content={<EarChoice part={part} />}
    >
      <Button icon={<AudioOutlined aria-hidden />} {...holds([WHO, LOOK, ANY_OCTAVE, LEFT_OUT])}>
        {name === undefined ? 'Listen to me…' : `Listening: ${name}`}
      </Button>
    </Popover>
  );
}

function EarChoice({ part }: { part: Part }) {
  const { from, keyboards, anyOctave, leavesOut, problem } = useEar();
  return (
    <div className="ear-choice">
      <p className="quiet">
        Play along on a MIDI keyboard: each time round is judged, and the tempo moves by itself.
        Nothing is recorded.
      </p>
      <Select
        aria-label={WHO}
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
      <Button onClick={() => void findKeyboards()}>{LOOK}</Button>
      <Checkbox
        checked={anyOctave}
        onChange={({ target }) => {
          useEar.setState({ anyOctave: target.checked });
        }}
      >
        {ANY_OCTAVE}
      </Checkbox>
      <Checkbox
        checked={leavesOut}
        onChange={({ target }) => {
          useEar.setState({ leavesOut: target.checked });
          whilePlaying.silent(partLeftOut(part));
        }}
      >
        {LEFT_OUT}
      </Checkbox>
      {problem !== undefined && (
        <span className="fault" role="alert">
          {problem}
        </span>
      )}
    </div>
  );
}
