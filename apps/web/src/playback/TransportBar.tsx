import {
  BorderOutlined,
  CaretRightFilled,
  LoadingOutlined,
  RetweetOutlined,
  SoundOutlined,
} from '@ant-design/icons';
import { FASTEST, SLOWEST } from '@drop-close/core';
import { Button, InputNumber, Popover, Switch } from 'antd';
import { useShallow } from 'zustand/react/shallow';
import { useDocument } from '../document/store';
import { useChorus } from '../engine/useChorus';
import { useComposition } from '../engine/useComposition';
import { useHeading } from '../place/heading';
import { toggleLoop } from './toggleLoop';
import { holds } from '../ui/holds';
import { LOOP_SETTINGS, LoopTool, changes } from './LoopTool';
import { Mixer, MIXER_SETTINGS } from './Mixer';
import { useOwnMusic } from './ownMusic';
import { usePlayer } from './usePlayer';
import { useBand, type Band } from './useBand';
import './transport.css';

/** Play, hear, tempo, loop, loudness: always at the foot of the tune. */
export function TransportBar() {
  const { tempo, written } = useHeading();
  // Not the position, which changes many times a second.
  const { playing, loading, failure, loop, countIn, late } = usePlayer(
    useShallow((state) => ({
      playing: state.playing,
      loading: state.loading,
      failure: state.failure,
      loop: state.loop,
      countIn: state.countIn,
      late: state.late,
    })),
  );
  const setListening = usePlayer((state) => state.setListening);
  const band = useBand();
  const { dispatch } = useDocument.getState();
  const own = useOwnMusic((state) => state.music);
  return (
    <footer className="transport" data-late={late}>
      <Button
        type="primary"
        size="large"
        icon={<PlayIcon playing={!!playing} loading={loading} />}
        onClick={band.toggleChorus}
        aria-label={playing ? 'Stop' : `Play ${own?.name ?? 'the chorus'}`}
        title="Space"
      >
        {playing ? 'Stop' : 'Play'}
      </Button>
      {!own && <Parts band={band} />}
      <Button
        type={loop ? 'default' : 'text'}
        icon={<RetweetOutlined aria-hidden />}
        onClick={toggleLoop}
        aria-pressed={loop}
        aria-label={loop ? 'Loop on' : 'Loop off'}
        title="O"
      >
        <span className="wider-only">Loop</span>
        {loop ? 'on' : 'off'}
      </Button>
      <LoopButton />
      <label className="transport-tempo">
        <span className="wider-only">Tempo</span>
        <InputNumber
          aria-label="Tempo in beats a minute"
          min={SLOWEST}
          max={FASTEST}
          precision={0}
          value={own?.tempo ?? tempo}
          disabled={!own && !!written.tempo}
          title={!own && written.tempo ? 'Written in the changes' : undefined}
          onChange={(value) => {
            if (!value) return;
            if (own) own.setTempo(value);
            else dispatch({ type: 'set field', field: 'tempo', value });
          }}
        />
      </label>
      <PassNow />
      <label className="transport-count">
        <Switch
          size="small"
          aria-label="Count-in"
          checked={countIn}
          onChange={(on) => {
            setListening({ countIn: on });
          }}
        />
        <span className="wider-only">Count-in</span>
      </label>
      {failure && (
        <span className="fault" role="alert">
          {failure}
        </span>
      )}
      <Popover trigger="click" placement="topRight" content={<Mixer />} title="Loudness">
        <Button
          className="transport-loudness"
          type="text"
          icon={<SoundOutlined aria-hidden />}
          aria-label="Loudness"
          {...holds(MIXER_SETTINGS)}
        >
          <span>Loudness</span>
        </Button>
      </Popover>
    </footer>
  );
}

/** Not the loading of the button: it could not be stopped before it sounds. */
function PlayIcon({ playing, loading }: { readonly playing: boolean; readonly loading: boolean }) {
  if (loading) return <LoadingOutlined aria-hidden />;
  return playing ? <BorderOutlined aria-hidden /> : <CaretRightFilled aria-hidden />;
}

/** The chord in hand by itself, with the next, with its bar. */
function Parts({ band }: { band: Band }) {
  return (
    <>
      <Button className="transport-part" type="text" onClick={band.hearChord} title="Enter">
        Chord
      </Button>
      <Button className="transport-part" type="text" onClick={band.hearChange} title="C">
        Change
      </Button>
      <Button className="transport-part" type="text" onClick={band.hearBar} title="B">
        Bar
      </Button>
    </>
  );
}

/** Which bars are looped, and the way to change that. */
function LoopButton() {
  const chorus = useChorus();
  const composed = useComposition();
  const { stretch, passes } = usePlayer(
    useShallow((state) => ({ stretch: state.stretch, passes: state.passes })),
  );
  const timeline = (composed ?? chorus)?.timeline;
  const bars = stretch ? `Bars ${stretch.fromBar}–${stretch.toBar}` : 'All bars';
  return (
    <Popover
      trigger="click"
      placement="top"
      title="What comes round"
      content={timeline && <LoopTool timeline={timeline} />}
    >
      <Button
        {...holds(LOOP_SETTINGS)}
        disabled={!timeline}
        type={stretch || changes(passes) ? 'default' : 'text'}
      >
        {bars}
        {passes.faster > 0 && `, +${passes.faster}`}
        {passes.halfSteps !== 0 && ', through keys'}
      </Button>
    </Popover>
  );
}

/** How this time round is played, where that differs from the first. */
function PassNow() {
  const { playing, pass } = usePlayer(
    useShallow((state) => ({ playing: state.playing, pass: state.pass })),
  );
  if (!playing || pass.count === 0) return null;
  const { count, tempo, semitones } = pass;
  const key = semitones ? `, ${semitones > 0 ? 'up' : 'down'} ${Math.abs(semitones)}` : '';
  return (
    <span className="quiet transport-pass" role="status">
      time {count + 1}: {tempo}
      {key}
    </span>
  );
}
