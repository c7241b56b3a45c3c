import {
  presets,
  terms,
  type CostTerm,
  type Preset,
  type TermId,
  type Weights,
} from '@drop-close/core';
import { Button, Slider } from 'antd';
import { useDocument, useTune } from '../../document/store';
import { same } from '../../document/convert';
import { useShown } from '../desk/useShown';
import './taste.css';

const MARKS = { 0: '', 100: '', 300: '' };

/** What smoothness, hands, sound and line count for: named tastes, and a slider for each. */
export function TastePanel() {
  const { weights } = useTune().setup;
  const set = (change: Weights): void => {
    useDocument.getState().dispatch({ type: 'set up', change: { weights: change } });
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
      <div className="taste-sliders">
        {terms.map((term) => (
          <TermSlider
            key={term.id}
            term={term}
            value={weights[term.id]}
            onChange={(value) => {
              set({ ...weights, [term.id]: value });
            }}
          />
        ))}
      </div>
    </section>
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
  leaps: ['leap as you like', 'never leap'],
  parallel: ['slide in blocks', 'each its own way'],
  resolution: ['let them hang', '7 to 3, ♭9 to 5'],
  register: ['anywhere', 'in the register'],
  drift: ['wander off', 'come back'],
  sound: ['rough is fine', 'clear and open'],
  hand: ['stretch and jump', 'easy and near'],
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
        step={10}
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
