import { ArrowDownOutlined, ArrowUpOutlined } from '@ant-design/icons';
import { Button, Segmented, Select } from 'antd';
import { useDocument } from '../document/store';
import { useHeading } from '../place/heading';
import { usePreferences, type Lens } from '../ui/preferences';
import { keysToMoveTo, tonicOf } from './keys';
import { ReaderChoice } from './desk/ReaderChoice';
import { useKeyName } from '../profile/useKeyName';

const LENSES: { value: Lens; label: string }[] = [
  { value: 'symbols', label: 'Symbols' },
  { value: 'numbers', label: 'Numbers' },
  { value: 'both', label: 'Both' },
];

const move = (semitones: number): void => {
  useDocument.getState().dispatch({ type: 'transpose', semitones });
};

/** How the sheet is looked at, for whom it is written, and moving it to another key. */
export function SheetTools({ canMove }: { canMove: boolean }) {
  const { lens } = usePreferences();
  const { key } = useHeading();
  const keyName = useKeyName();
  return (
    <div className="sheet-tools">
      <Segmented
        aria-label="What the sheet shows"
        value={lens}
        options={LENSES}
        onChange={(value) => {
          usePreferences.setState({ lens: value });
        }}
      />
      <ReaderChoice />
      <span className="sheet-move">
        <Button
          icon={<ArrowDownOutlined aria-hidden />}
          disabled={!canMove}
          aria-label="Transpose the tune down a half step"
          title="Transpose down a half step"
          onClick={() => {
            move(-1);
          }}
        />
        <Select
          aria-label="Transpose the tune to"
          value={null}
          disabled={!canMove}
          placeholder="To key…"
          options={keysToMoveTo(key).map(({ semitones, name }) => ({
            value: semitones,
            label: keyName(name),
          }))}
          onChange={(semitones: number | null) => {
            if (semitones !== null) move(semitones - tonicOf(key));
          }}
        />
        <Button
          icon={<ArrowUpOutlined aria-hidden />}
          disabled={!canMove}
          aria-label="Transpose the tune up a half step"
          title="Transpose up a half step"
          onClick={() => {
            move(1);
          }}
        />
      </span>
    </div>
  );
}
