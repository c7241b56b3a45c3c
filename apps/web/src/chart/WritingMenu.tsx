import { FontSizeOutlined } from '@ant-design/icons';
import { Button, Popover, Select, Switch } from 'antd';
import { WRITING_SETTINGS, WritingFields } from '../profile/WritingFields';
import { holds } from '../ui/holds';
import { usePreferences, type Brackets } from '../ui/preferences';

const BRACKETS: { value: Brackets; label: string }[] = [
  { value: 'all', label: 'all that fit' },
  { value: 'few', label: 'one line of them' },
  { value: 'none', label: 'none' },
];
const LANDMARKS = 'Landmarks over the bars';
const GUIDE_TONES = 'Guide tones under the bars';

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
        {...holds([...WRITING_SETTINGS, LANDMARKS, GUIDE_TONES])}
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
        {LANDMARKS}
        <Select
          aria-label={LANDMARKS}
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
        {GUIDE_TONES}
      </label>
    </div>
  );
}
