import {
  LIMITS,
  labelOfInstrument,
  type Hand,
  type Keyboard,
  type KeyedId,
  type SettingProblem,
} from '@drop-close/core';
import { Select, Slider } from 'antd';
import { ChoiceField } from './ChoiceField';
import { Field } from './Field';
import { changeProfile, useProfile } from './profileStore';

/** Keyboards by their number of keys: lowest and highest MIDI note. Source: common practice. */
const SIZES = [
  { value: '21 108', label: '88 keys' },
  { value: '28 103', label: '76 keys' },
  { value: '28 100', label: '73 keys' },
  { value: '36 96', label: '61 keys' },
  { value: '36 84', label: '49 keys' },
];
const COMPING = [
  { value: 'two', label: 'Both hands' },
  { value: 'one', label: 'One hand' },
] as const;

/** What a reach in half steps is called. */
const INTERVALS: Readonly<Record<number, string>> = {
  12: 'octave',
  13: 'flat ninth',
  14: 'ninth',
  15: 'minor tenth',
  16: 'tenth',
  17: 'eleventh',
};
const MARKS = { 12: '8ve', 14: '9th', 16: '10th', 17: '11th' };

/** An instrument with keys and the hands that play it. */
export function KeyedSection({ id }: { id: KeyedId }) {
  const { [id]: keyboard } = useProfile();
  const attempt = (change: Partial<Keyboard>, group?: string): readonly SettingProblem[] =>
    changeProfile({ [id]: { ...keyboard, ...change } }, group && `${id} ${group}`);
  return (
    <section aria-label={labelOfInstrument(id)}>
      <Field id="keys" label="Size">
        <Select
          id="keys"
          value={`${keyboard.lowest} ${keyboard.highest}`}
          options={SIZES}
          popupMatchSelectWidth={false}
          onChange={(size) => {
            const [lowest, highest] = size.split(' ').map(Number) as [number, number];
            attempt({ lowest, highest });
          }}
        />
      </Field>
      <ChoiceField
        id="keyboard-hands"
        label="Comping with"
        about="Hands a new tune is voiced for"
        hint="One hand while the other solos or rests."
        value={keyboard.hands}
        options={COMPING}
        onChoose={(hands) => {
          attempt({ hands });
        }}
      />
      {(['left', 'right'] as const).map((hand: Hand) => (
        <Field
          key={hand}
          id={`reach-${hand}`}
          label={hand === 'left' ? 'Left hand reaches' : 'Right hand reaches'}
          hint={`${INTERVALS[keyboard.reach[hand]] ?? ''}, ${keyboard.reach[hand]} half steps`}
        >
          <Slider
            id={`reach-${hand}`}
            ariaLabelForHandle={`Reach of the ${hand} hand in half steps`}
            {...{ min: LIMITS.reach.low, max: LIMITS.reach.high }}
            marks={MARKS}
            value={keyboard.reach[hand]}
            tooltip={{ formatter: (reach) => INTERVALS[reach ?? 0] ?? '' }}
            onChange={(reach) => {
              attempt({ reach: { ...keyboard.reach, [hand]: reach } }, `reach ${hand}`);
            }}
          />
        </Field>
      ))}
    </section>
  );
}
