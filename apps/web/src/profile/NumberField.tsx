import type { SettingProblem } from '@drop-close/core';
import { InputNumber } from 'antd';
import { useState } from 'react';
import { Field } from './Field';

interface NumberFieldProps {
  readonly id: string;
  readonly label: string;
  readonly unit?: string;
  readonly hint?: string;
  readonly value: number;
  /** Takes the number, or says what is wrong with it. */
  readonly onTry: (value: number) => readonly SettingProblem[];
}

/** A number that is taken when it can be; otherwise it stays in the field, with why, and nothing changes. */
export function NumberField({ id, label, unit, hint, value, onTry }: NumberFieldProps) {
  const [refused, setRefused] = useState<{ draft: number | null; problem: string; at: number }>();
  // An undo or another field may have changed the number since.
  const standing = refused?.at === value ? refused : undefined;
  return (
    <Field
      id={id}
      label={label}
      hint={hint}
      problem={standing && `${standing.problem} It stays ${value}.`}
    >
      <InputNumber<number>
        id={id}
        value={standing ? standing.draft : value}
        {...(standing ? { status: 'error' } : {})}
        aria-invalid={!!standing}
        {...(unit ? { suffix: unit } : {})}
        onChange={(draft) => {
          const problem = draft === null ? 'Put in a number.' : onTry(draft)[0]?.message;
          setRefused(problem === undefined ? undefined : { draft, problem, at: value });
        }}
      />
    </Field>
  );
}
