import type { Part } from '@drop-close/core';
import { Button, Slider, Switch } from 'antd';
import { useShallow } from 'zustand/react/shallow';
import { whilePlaying } from './player';
import { usePlayer, type Listening } from './usePlayer';

const loudness = (part: string): string => `Loudness: ${part}`;
const silence = (part: string): string => `Silence: ${part}`;
const aloneOf = (part: string): string => `Alone: ${part}`;

const FADERS: readonly (readonly [Part, string])[] = [
  ['comp', 'Comp'],
  ['bass', 'Bass'],
  ['drums', 'Drums'],
  ['solo', 'Soloist'],
  ['click', 'Click'],
];

const CLICK = 'Click through the music';
/** The names of what is set here. */
export const MIXER_SETTINGS = [
  ...FADERS.flatMap(([, label]) => [loudness(label), silence(label), aloneOf(label)]),
  CLICK,
];

/** How loud each part is; a part may be silent, or heard alone. */
export function Mixer() {
  const { volume, muted, alone, click } = usePlayer(
    useShallow((state) => ({
      volume: state.volume,
      muted: state.muted,
      alone: state.alone,
      click: state.click,
    })),
  );
  const change = (listening: Partial<Listening>): void => {
    usePlayer.getState().setListening(listening);
    whilePlaying.loudness();
  };
  const toggleMuted = (part: Part): void => {
    const others = muted.filter((each) => each !== part);
    change({ muted: others.length < muted.length ? others : [...muted, part] });
  };
  return (
    <div className="mixer">
      {FADERS.map(([part, label]) => (
        <div key={part} className="fader">
          <span className="fader-name">{label}</span>
          <Slider
            min={0}
            max={100}
            value={volume[part]}
            ariaLabelForHandle={loudness(label)}
            onChange={(value) => {
              change({ volume: { ...volume, [part]: value } });
            }}
          />
          <Button
            size="small"
            type={muted.includes(part) ? 'primary' : 'text'}
            aria-pressed={muted.includes(part)}
            aria-label={silence(label)}
            disabled={part === 'click'}
            onClick={() => {
              toggleMuted(part);
            }}
          >
            silent
          </Button>
          <Button
            size="small"
            type={alone === part ? 'primary' : 'text'}
            aria-pressed={alone === part}
            aria-label={aloneOf(label)}
            onClick={() => {
              change({ alone: alone === part ? undefined : part });
            }}
          >
            alone
          </Button>
        </div>
      ))}
      <label className="fader-click">
        <Switch
          size="small"
          checked={click}
          onChange={(on) => {
            change({ click: on });
          }}
        />
        {CLICK}
      </label>
      <p className="quiet">Mind your ears: if it rings afterwards, it was too loud.</p>
    </div>
  );
}
