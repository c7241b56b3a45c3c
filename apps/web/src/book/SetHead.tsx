import type { SetView } from '@drop-close/core';
import { Button, Input } from 'antd';

interface SetHeadProps {
  readonly set: SetView;
  readonly onRename: (name: string) => void;
  readonly onRemove: () => void;
}

/** The name of a set, written where it stands. */
export function SetHead({ set, onRename, onRemove }: SetHeadProps) {
  return (
    <div className="set-head">
      <Input
        key={set.name}
        aria-label="Name of the set"
        className="set-name"
        variant="borderless"
        defaultValue={set.name}
        maxLength={80}
        onBlur={(event) => {
          const name = event.target.value.trim();
          if (name && name !== set.name) onRename(name);
        }}
        onPressEnter={(event) => {
          event.currentTarget.blur();
        }}
      />
      <Button type="text" onClick={onRemove}>
        Throw this set away
      </Button>
    </div>
  );
}
