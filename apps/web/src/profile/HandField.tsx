import {
  HANDS,
  MEASURED_FROM,
  handReaching,
  type Fretted,
  type SettingProblem,
} from '@drop-close/core';
import { Slider } from 'antd';
import { ChoiceField } from './ChoiceField';
import { Field } from './Field';
import { NumberField } from './NumberField';

const SIZES = [
  { value: 'small', label: 'Small' },
  { value: 'middle', label: 'Middle' },
  { value: 'large', label: 'Large' },
  { value: 'measured', label: 'Measured' },
] as const;
type Size = (typeof SIZES)[number]['value'];

const FARTHEST = 13;
const MARKS = Object.fromEntries([6, 8, 10, 12].map((fret) => [fret, String(fret)]));

interface HandFieldProps {
  readonly neck: Fretted;
  readonly onTry: (hand: Fretted['hand']) => readonly SettingProblem[];
}

/** How far the fretting hand opens: one of three hands, or one's own, measured on the neck. */
export function HandField({ neck, onTry }: HandFieldProps) {
  const { comfortableMm, limitMm } = neck.hand;
  const size = sizeOf(neck.hand);
  return (
    <>
      <ChoiceField
        id="hand"
        label="Fretting hand"
        about="Fretting hand"
        hint={`Easy up to ${comfortableMm} mm, at most ${limitMm} mm.`}
        value={size}
        options={SIZES}
        onChoose={(next) => {
          onTry(next === 'measured' ? handReaching(neck, nearestFret(neck)) : HANDS[next]);
        }}
      />
      <Field
        id="hand-reach"
        label="Measure it"
        hint="Lay index and little finger as far apart as is comfortable, the index at the fifth fret, both on one string. Which fret does the little finger reach?"
      >
        <Slider
          id="hand-reach"
          ariaLabelForHandle="Fret the little finger reaches"
          min={MEASURED_FROM + 1}
          max={FARTHEST}
          marks={MARKS}
          value={nearestFret(neck)}
          tooltip={{ formatter: (fret) => `fret ${fret ?? ''}` }}
          onChange={(fret) => {
            onTry(handReaching(neck, fret));
          }}
        />
      </Field>
      <NumberField
        id="comfortable"
        label="Comfortable"
        unit="mm"
        value={comfortableMm}
        onTry={(value) => onTry({ ...neck.hand, comfortableMm: value })}
      />
      <NumberField
        id="limit"
        label="At most"
        unit="mm"
        value={limitMm}
        onTry={(value) => onTry({ ...neck.hand, limitMm: value })}
      />
    </>
  );
}

function sizeOf(hand: Fretted['hand']): Size {
  const found = (['small', 'middle', 'large'] as const).find(
    (size) =>
      HANDS[size].comfortableMm === hand.comfortableMm && HANDS[size].limitMm === hand.limitMm,
  );
  return found ?? 'measured';
}

/** The fret whose distance from the fifth is nearest to what is comfortable. */
function nearestFret(neck: Fretted): number {
  const frets = Array.from({ length: FARTHEST - MEASURED_FROM }, (_, at) => MEASURED_FROM + 1 + at);
  const off = (fret: number): number =>
    Math.abs(handReaching(neck, fret).comfortableMm - neck.hand.comfortableMm);
  return frets.reduce((best, fret) => (off(fret) < off(best) ? fret : best));
}
