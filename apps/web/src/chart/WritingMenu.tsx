import { FontSizeOutlined } from '@ant-design/icons';
import { Button, Popover, Select, Switch } from 'antd';
import { WritingFields } from '../profile/WritingFields';
import { usePreferences, type Brackets } from '../ui/preferences';

const BRACKETS: { value: Brackets; label: string }[] = [
  { value: 'all', label: 'all that fit' },
  { value: 'few', label: 'one line of them' },
  { value: 'none', label: 'none' },
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
  const { brackets, guideThreads } = usePreferences();
  return (
    <div className="writing-menu">
      <WritingFields />
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
      <label className="writing-switch" title="The 3 and the 7 of each chord, as two lines">
        <Switch
          checked={guideThreads}
          onChange={(checked) => {
            usePreferences.setState({ guideThreads: checked });
          }}
        />
        Guide tones under the bars
      </label>
    </div>
  );
}
