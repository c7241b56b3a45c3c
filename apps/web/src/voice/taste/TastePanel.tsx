import {
  presets,
  terms,
  type Arrangement,
  type CostTerm,
  type Preset,
  type TermId,
  type Weights,
} from '@drop-close/core';
import { Button, Select, Slider, Switch } from 'antd';
import { useDocument, useTune } from '../../document/store';
import { same } from '../../document/convert';
import { useShown } from '../desk/useShown';
import { MyTaste } from './MyTaste';
import './taste.css';

const MARKS = { 0: '', 100: '', 300: '' };

/** What smoothness, hands, sound and line count for: named tastes, and a slider for each. */
export function TastePanel() {
  const { weights } = useTune().setup;
  const set = (change: Weights, drag?: string): void => {
    const action = { type: 'set up', change: { weights: change } } as const;
    useDocument.getState().dispatch(drag ? { ...action, drag } : action);
  };
  const chosen = presets.find((preset) => same(preset.weights, weights));
  const shown = useShown<HTMLElement>();
  return (
    <section className="taste" ref={shown} aria-label="Your taste">
      <div className="taste-presets" role="group" aria-label="Tastes">
        {presets.map((preset) => (
          <PresetButton
            key={preset.id}
            preset={preset}
            chosen={preset === chosen}
            onChoose={() => {
              set(preset.weights);
            }}
          />
        ))}
        <span className="quiet">{chosen ? chosen.about : 'your own'}</span>
      </div>
      <MyTaste isTaken={(learned) => same(learned, weights)} onTake={set} />
      <WholeChorus />
      <div className="taste-sliders">
        {terms.map((term) => (
          <TermSlider
            key={term.id}
            term={term}
            value={weights[term.id]}
            onChange={(value) => {
              set({ ...weights, [term.id]: value }, `slider ${term.id}`);
            }}
          />
        ))}
      </div>
    </section>
  );
}

const RETURN_OPTIONS: { value: Arrangement['returns']; label: string }[] = [
  { value: 'free', label: 'Voice it freely' },
  { value: 'same', label: 'Voice it the same' },
  { value: 'varied', label: 'Vary it' },
];

/** What is asked of the chorus as a whole: how it goes on, what comes back, how far the hand may jump. */
function WholeChorus() {
  const { loop, returns, stayInPlace } = useTune().setup;
  const change = (part: Partial<Arrangement>): void => {
    useDocument.getState().dispatch({ type: 'set up', change: part });
  };
  return (
    <div className="choice-row">
      <label title="The last chord leads back to the first">
        <Switch
          size="small"
          checked={loop}
          onChange={(on) => {
            change({ loop: on });
          }}
        />
        The chorus repeats
      </label>
      <label title="The hand never moves a whole octave, not even from one phrase to the next">
        <Switch
          size="small"
          checked={stayInPlace}
          onChange={(on) => {
            change({ stayInPlace: on });
          }}
        />
        Stay in one position
      </label>
      <label>
        When a passage returns
        <Select<Arrangement['returns']>
          aria-label="When a passage returns"
          size="small"
          value={returns}
          options={RETURN_OPTIONS}
          popupMatchSelectWidth={false}
          onChange={(chosen) => {
            change({ returns: chosen });
          }}
        />
      </label>
    </div>
  );
}

interface PresetButtonProps {
  readonly preset: Preset;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}

const PresetButton = ({ preset, chosen, onChoose }: PresetButtonProps) => (
  <Button
    size="small"
    type={chosen ? 'primary' : 'default'}
    aria-pressed={chosen}
    title={preset.about}
    onClick={onChoose}
  >
    {preset.label}
  </Button>
);

/** What a slider says at its two ends, in half a sentence each. */
const ENDS: Readonly<Record<TermId, readonly [none: string, most: string]>> = {
  motion: ['move freely', 'move least'],
  top: ['the top is free', 'a calm top'],
  leaps: ['leap as you like', 'never leap'],
  parallel: ['slide in blocks', 'each its own way'],
  voices: ['come and go', 'as many throughout'],
  resolution: ['let them hang', '7 to 3, ♭9 to 5'],
  register: ['anywhere', 'in the register'],
  drift: ['wander off', 'come back'],
  sound: ['rough is fine', 'clear and open'],
  bottom: ['anything lowest', 'root or fifth first'],
  hand: ['stretch and jump', 'easy and near'],
  lie: ['anywhere on the neck', 'low frets, no gaps'],
  line: ['my line is a hint', 'my line rules'],
  variety: ['again is fine', 'something new'],
};

interface TermSliderProps {
  readonly term: CostTerm;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

function TermSlider({ term, value, onChange }: TermSliderProps) {
  const [none, most] = ENDS[term.id];
  return (
    <div className="taste-slider">
      <span className="taste-label">{term.label}</span>
      <Slider
        min={0}
        max={300}
        step={5}
        marks={MARKS}
        value={value}
        onChange={onChange}
        tooltip={{ formatter: (percent) => `${percent} %` }}
        ariaLabelForHandle={term.label}
      />
      <span className="taste-ends quiet">
        <span>{none}</span>
        <span>{most}</span>
      </span>
    </div>
  );
}
