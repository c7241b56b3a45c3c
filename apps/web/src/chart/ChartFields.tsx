import { FASTEST, FEELS, LONGEST_TITLE, SLOWEST, formatMeter } from '@drop-close/core';
import { Button, Input, InputNumber, Select } from 'antd';
import { useDocument } from '../document/store';
import { useAnalysis } from '../engine/useChorus';
import { useHeading } from '../place/heading';
import { WRITTEN_ABOVE, usePreferences } from '../ui/preferences';
import { useKeyName } from '../profile/useKeyName';

const TONICS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B'];
const MINOR_TONICS = ['C', 'C#', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'G#', 'A', 'Bb', 'B'];
const KEYS = [...TONICS, ...MINOR_TONICS.map((tonic) => `${tonic}m`)];
const METERS = ['4/4', '3/4', '6/8', '5/4', '2/4', '12/8'].map((value) => ({
  value,
  label: value,
}));
const FEEL_OPTIONS = FEELS.map((value) => ({ value, label: value }));

/** Offers the key the changes are heard in, where the tune is said to be in another. */
function HeardKey() {
  const { key, written } = useHeading();
  const heard = useAnalysis()?.homeKey;
  const { reader } = usePreferences();
  const keyName = useKeyName();
  if (!heard || written.key || WRITTEN_ABOVE[reader] !== 0) return null;
  const [tonic = '', mode] = heard.split(' ');
  const short = mode === 'minor' ? `${tonic}m` : tonic;
  if (short === key) return null;
  return (
    <p className="quiet heard-key">
      Heard in {keyName(short)}.{' '}
      <Button
        type="link"
        size="small"
        onClick={() => {
          useDocument.getState().dispatch({ type: 'set field', field: 'key', value: short });
        }}
      >
        Use that key
      </Button>
    </p>
  );
}

/** Title, key, meter, feel and tempo. What the text itself says stands there and is shown so. */
export function ChartFields() {
  const { title, key, meter, tempo, feel, written } = useHeading();
  const keyName = useKeyName();
  const set =
    (field: 'title' | 'key' | 'meter' | 'tempo' | 'feel') => (value: string | number | null) => {
      if (value === null || value === '') return;
      useDocument.getState().dispatch({ type: 'set field', field, value });
    };
  const inText = 'Written in the changes below';
  return (
    <div className="chart-fields">
      <label className="chart-title">
        Title
        <Input
          key={title}
          defaultValue={title}
          maxLength={LONGEST_TITLE}
          onBlur={(event) => {
            set('title')(event.target.value.trim());
          }}
          onPressEnter={(event) => {
            event.currentTarget.blur();
          }}
        />
      </label>
      <label>
        Key
        <Select
          aria-label="Key"
          value={key}
          disabled={!!written.key}
          title={written.key ? inText : undefined}
          options={KEYS.map((each) => ({ value: each, label: keyName(each) }))}
          onChange={set('key')}
          showSearch
        />
      </label>
      <label>
        Meter
        <Select
          aria-label="Meter"
          value={formatMeter(meter)}
          disabled={!!written.meter}
          title={written.meter ? inText : undefined}
          options={METERS}
          onChange={set('meter')}
        />
      </label>
      <label>
        Feel
        <Select
          aria-label="Feel"
          value={feel}
          disabled={!!written.feel}
          title={written.feel ? inText : undefined}
          options={FEEL_OPTIONS}
          onChange={set('feel')}
        />
      </label>
      <label>
        Tempo
        <InputNumber
          aria-label="Tempo"
          min={SLOWEST}
          max={FASTEST}
          precision={0}
          value={tempo}
          disabled={!!written.tempo}
          onChange={set('tempo')}
        />
      </label>
      <HeardKey />
    </div>
  );
}
