import {
  BorderOutlined,
  CaretRightFilled,
  RetweetOutlined,
  SoundOutlined,
} from '@ant-design/icons';
import type { Part } from '@drop-close/core';
import { FASTEST, SLOWEST } from '@drop-close/core';
import { Button, InputNumber, Popover, Slider, Switch } from 'antd';
import { useDocument } from '../document/store';
import { useHeading } from '../tune/heading';
import { toggleLoop } from '../tune/useKeys';
import { useShallow } from 'zustand/react/shallow';
import { usePlayer, whilePlaying } from './player';
import { useBand } from './useBand';
import './transport.css';

/** Play, hear, tempo, loop, loudness: always at the foot of the tune. */
export function TransportBar() {
  const { tempo, written } = useHeading();
  // Not the position, which changes many times a second.
  const { playing, loading, failure, loop, countIn } = usePlayer(
    useShallow((state) => ({
      playing: state.playing,
      loading: state.loading,
      failure: state.failure,
      loop: state.loop,
      countIn: state.countIn,
    })),
  );
  const setListening = usePlayer((state) => state.setListening);
  const band = useBand();
  const { dispatch } = useDocument.getState();
  return (
    <footer className="transport">
      <Button
        type="primary"
        size="large"
        loading={loading}
        icon={playing ? <BorderOutlined aria-hidden /> : <CaretRightFilled aria-hidden />}
        onClick={band.toggleChorus}
        aria-label={playing ? 'Stop' : 'Play the chorus'}
        title="Space"
      >
        {playing ? 'Stop' : 'Play'}
      </Button>
      <Button type="text" onClick={band.hearChord} title="Enter">
        Chord
      </Button>
      <Button type="text" onClick={band.hearChange} title="C">
        Change
      </Button>
      <Button type="text" onClick={band.hearBar} title="B">
        Bar
      </Button>
      <Button
        type={loop ? 'default' : 'text'}
        icon={<RetweetOutlined aria-hidden />}
        onClick={toggleLoop}
        aria-pressed={loop}
        title="O"
      >
        Loop {loop ? 'on' : 'off'}
      </Button>
      <label className="transport-tempo">
        Tempo
        <InputNumber
          aria-label="Tempo in beats a minute"
          min={SLOWEST}
          max={FASTEST}
          precision={0}
          value={tempo}
          disabled={!!written.tempo}
          title={written.tempo ? 'Written in the changes' : undefined}
          onChange={(value) => {
            if (value) dispatch({ type: 'set field', field: 'tempo', value });
          }}
        />
      </label>
      <label className="transport-count">
        <Switch
          size="small"
          checked={countIn}
          onChange={(on) => {
            setListening({ countIn: on });
          }}
        />
        Count-in
      </label>
      <Popover trigger="click" placement="topRight" content={<Mixer />} title="Loudness">
        <Button type="text" icon={<SoundOutlined aria-hidden />}>
          Loudness
        </Button>
      </Popover>
      {failure && (
        <span className="fault" role="alert">
          {failure}
        </span>
      )}
    </footer>
  );
}

const FADERS: readonly (readonly [Part, string])[] = [
  ['comp', 'Comp'],
  ['bass', 'Bass'],
  ['drums', 'Ride, hat and count-in'],
];

function Mixer() {
  const volume = usePlayer((state) => state.volume);
  const setListening = usePlayer((state) => state.setListening);
  return (
    <div className="mixer">
      {FADERS.map(([part, label]) => (
        <label key={part}>
          {label}
          <Slider
            min={0}
            max={100}
            value={volume[part]}
            ariaLabelForHandle={`Loudness: ${label}`}
            onChange={(value) => {
              setListening({ volume: { ...volume, [part]: value } });
              whilePlaying.volume(part, value);
            }}
          />
        </label>
      ))}
      <p className="quiet">Mind your ears: if it rings afterwards, it was too loud.</p>
    </div>
  );
}
