import { prettyNote, type Writing } from '@drop-close/core';
import { Select, Switch } from 'antd';
import { changeProfile, useProfile } from './profileStore';

const SYMBOLS: { value: Writing['symbols']; label: string }[] = [
  { value: 'as typed', label: 'as typed' },
  { value: 'letters', label: 'maj7, m, m7♭5, dim' },
  { value: 'signs', label: 'Δ, –, ø, °' },
];
const NOTES: { value: Writing['notes']; label: string }[] = [
  { value: 'letters', label: 'C D E' },
  { value: 'do ré mi', label: 'do ré mi' },
];

const PLAIN = 'Plain names for double accidentals';
/** The names of what is set here. */
export const WRITING_SETTINGS = ['Symbols', 'Notes', PLAIN] as const;

/** How symbols and notes are written, everywhere. */
export function WritingFields() {
  const { writing } = useProfile();
  const change = (part: Partial<Writing>): void => {
    changeProfile({ writing: { ...writing, ...part } });
  };
  return (
    <>
      <label>
        Symbols
        <Select
          aria-label="Symbols"
          value={writing.symbols}
          options={SYMBOLS}
          onChange={(symbols) => {
            change({ symbols });
          }}
        />
      </label>
      <label>
        Notes
        <Select
          aria-label="Notes"
          value={writing.notes}
          options={NOTES}
          onChange={(notes) => {
            change({ notes });
          }}
        />
      </label>
      <label className="writing-switch">
        <Switch
          aria-label={PLAIN}
          checked={writing.plain}
          onChange={(plain) => {
            change({ plain });
          }}
        />
        Plain names: {prettyNote('A', writing.notes)}, not {prettyNote('Bbb', writing.notes)}
      </label>
    </>
  );
}
