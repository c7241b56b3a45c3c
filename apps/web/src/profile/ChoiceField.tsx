import { Segmented } from 'antd';
import { Field } from './Field';

interface ChoiceFieldProps<T extends string> {
  readonly id: string;
  readonly label: string;
  /** What is chosen, in full. */
  readonly about: string;
  readonly hint?: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChoose: (value: T) => void;
}

/** One of a few, all of them in sight. */
export function ChoiceField<T extends string>(props: ChoiceFieldProps<T>) {
  const { id, label, about, hint, value, options, onChoose } = props;
  return (
    <Field id={id} label={label} hint={hint}>
      <Segmented<T>
        id={id}
        aria-label={about}
        value={value}
        options={[...options]}
        onChange={onChoose}
      />
    </Field>
  );
}
