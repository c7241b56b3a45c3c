import type { SetView } from '@drop-close/core';
import { Button, DatePicker, Input } from 'antd';
import dayjs from 'dayjs';
import { Link } from 'react-router';

interface SetHeadProps {
  readonly set: SetView;
  readonly onRename: (name: string) => void;
  /** @param day as `2026-12-04`; none where it is not known */
  readonly onDay: (day: string | undefined) => void;
  readonly onRemove: () => void;
}

/** The name of a set, written where it stands. */
export function SetHead({ set, onRename, onDay, onRemove }: SetHeadProps) {
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
      <label className="set-day">
        <span className="quiet">Played on</span>{' '}
        <DatePicker
          aria-label="The day it is played"
          value={set.day === undefined ? null : dayjs(set.day)}
          format="D MMM YYYY"
          placeholder="no day yet"
          onChange={(day) => {
            onDay(day?.format('YYYY-MM-DD'));
          }}
        />
      </label>
      <Link to={`/set/${set.id}/take-away`}>Take away</Link>
      <Button type="text" onClick={onRemove}>
        Throw this set away
      </Button>
    </div>
  );
}
