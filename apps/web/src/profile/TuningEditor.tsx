import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { LIMITS, type SettingProblem } from '@drop-close/core';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Field } from './Field';
import { tuningName, withLowString, type Tuning } from './tunings';
import { useNotation } from './useNotation';

const LOWEST = 23;
const HIGHEST = 76;
const PITCHES = Array.from({ length: HIGHEST - LOWEST + 1 }, (_, index) => LOWEST + index);

interface TuningEditorProps {
  /** Those that have a name. */
  readonly tunings: readonly Tuning[];
  /** From string n to string 1. */
  readonly tuning: readonly number[];
  readonly onTry: (tuning: readonly number[]) => readonly SettingProblem[];
}

/** What each open string sounds: a tuning by its name, or string by string. */
export function TuningEditor({ tunings, tuning, onTry }: TuningEditorProps) {
  const { pitch: nameOf } = useNotation();
  const pitches = PITCHES.map((value) => ({ value, label: nameOf(value) }));
  const [refused, setRefused] = useState<{
    tuning: readonly number[];
    problem: string;
    at: string;
  }>();
  const { sentence } = useNotation();
  const standing = refused?.at === tuning.join() ? refused : undefined;
  const shown = standing?.tuning ?? tuning;
  const attempt = (next: readonly number[]): void => {
    const problem = onTry(next)[0]?.message;
    setRefused(problem ? { tuning: next, problem, at: tuning.join() } : undefined);
  };
  const strings = shown.map((pitch, index) => ({ pitch, index, number: shown.length - index }));
  return (
    <Field
      id="tuning"
      label="Tuning"
      problem={standing && `${standing.problem} The last tuning stays.`}
    >
      <Select
        id="tuning"
        value={tuningName(shown, tunings)}
        options={tunings.map(({ name }) => ({ value: name, label: sentence(name) }))}
        popupMatchSelectWidth={false}
        onChange={(name) => {
          const found = tunings.find((known) => known.name === name);
          if (found) attempt(found.pitches);
        }}
      />
      <ol className="tuning-strings" aria-label="Open strings, from string 1">
        {strings.reverse().map(({ pitch, index, number }) => (
          <li key={number}>
            <span className="quiet">{number}</span>
            <Select
              aria-label={`String ${number}`}
              showSearch={{ optionFilterProp: 'label' }}
              value={pitch}
              options={pitches}
              onChange={(value) => {
                attempt(shown.map((each, at) => (at === index ? value : each)));
              }}
            />
          </li>
        ))}
      </ol>
      <div className="tuning-tools">
        <Button
          icon={<PlusOutlined aria-hidden />}
          disabled={shown.length >= LIMITS.strings.high}
          onClick={() => {
            attempt(withLowString(shown));
          }}
        >
          Add a lower string
        </Button>
        <Button
          icon={<DeleteOutlined aria-hidden />}
          disabled={shown.length <= LIMITS.strings.low}
          onClick={() => {
            attempt(shown.slice(1));
          }}
        >
          Remove the lowest string
        </Button>
      </div>
    </Field>
  );
}
