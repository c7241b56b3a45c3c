import { FontSizeOutlined } from '@ant-design/icons';
import { Button, Popover, Select, Switch } from 'antd';
import { usePreferences, type Brackets, type SymbolWriting } from '../ui/preferences';

const SYMBOLS: { value: SymbolWriting; label: string }[] = [
  { value: 'as typed', label: 'as typed' },
  { value: 'letters', label: 'maj7, m, m7♭5, dim' },
  { value: 'signs', label: 'Δ, –, ø, °' },
];
const BRACKETS: { value: Brackets; label: string }[] = [
  { value: 'all', label: 'all that fit' },
  { value: 'few', label: 'one line of them' },
  { value: 'none', label: 'none' },
];
const NOTES = [
  { value: 'letters' as const, label: 'C D E' },
  { value: 'do ré mi' as const, label: 'do ré mi' },
];

/** How symbols and notes are written, everywhere. */
export function WritingMenu() {
  return (
    <Popover
      trigger="click"
      placement="bottomRight"
      title="How it is written"
      content={<Choices />}
    >
      <Button
        icon={<FontSizeOutlined aria-hidden />}
        aria-label="How symbols and notes are written"
      />
    </Popover>
  );
}

function Choices() {
  const { symbols, notes, plain, brackets } = usePreferences();
  return (
    <div className="writing-menu">
      <label>
        Symbols
        <Select
          aria-label="Symbols"
          value={symbols}
          options={SYMBOLS}
          onChange={(value) => {
            usePreferences.setState({ symbols: value });
          }}
        />
      </label>
      <label>
        Notes
        <Select
          aria-label="Notes"
          value={notes}
          options={NOTES}
          onChange={(value) => {
            usePreferences.setState({ notes: value });
          }}
        />
      </label>
      <label>
        Landmarks over the bars
        <Select
          aria-label="Landmarks over the bars"
          value={brackets}
          options={BRACKETS}
          onChange={(value) => {
            usePreferences.setState({ brackets: value });
          }}
        />
      </label>
      <label className="writing-switch">
        <Switch
          aria-label="Plain names for double accidentals"
          checked={plain}
          onChange={(value) => {
            usePreferences.setState({ plain: value });
          }}
        />
        Plain names: A, not B♭♭
      </label>
    </div>
  );
}
