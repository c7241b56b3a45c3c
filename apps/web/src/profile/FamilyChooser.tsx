import { DownOutlined } from '@ant-design/icons';
import { families, familyOf, type FamilyId } from '@drop-close/core';
import { Button, Checkbox, Popover } from 'antd';
import { useId, useState } from 'react';
import './families.css';

interface FamilyChooserProps {
  /** At least one. */
  readonly chosen: readonly FamilyId[];
  readonly onChoose: (families: readonly FamilyId[]) => void;
}

/** Which families the voicings are taken from: one, or several at once. */
export function FamilyChooser({ chosen, onChoose }: FamilyChooserProps) {
  const [open, setOpen] = useState(false);
  return (
    <Popover
      trigger="click"
      placement="bottomLeft"
      arrow={false}
      open={open}
      onOpenChange={setOpen}
      content={<FamilyList chosen={chosen} onChoose={onChoose} />}
    >
      <Button className="family-button" aria-label={`Families: ${inWords(chosen)}`}>
        {inWords(chosen)} <DownOutlined aria-hidden />
      </Button>
    </Popover>
  );
}

/** The families with a word on each: tick several, or take one alone. */
export function FamilyList({ chosen, onChoose }: FamilyChooserProps) {
  const prefix = useId();
  const toggle = (id: FamilyId): void => {
    const others = chosen.filter((each) => each !== id);
    if (!chosen.includes(id)) onChoose([...chosen, id]);
    else if (others.length) onChoose(others);
  };
  return (
    <ul className="family-list" aria-label="Families of voicings">
      {families.map(({ id, label, about }) => (
        <li key={id}>
          <Checkbox
            checked={chosen.includes(id)}
            aria-describedby={`${prefix}${id}`}
            onChange={() => {
              toggle(id);
            }}
          >
            {label}
          </Checkbox>
          <span id={`${prefix}${id}`} className="quiet">
            {about}
          </span>
          <Button
            size="small"
            type="text"
            aria-label={`Only ${label}`}
            disabled={chosen.length === 1 && chosen[0] === id}
            onClick={() => {
              onChoose([id]);
            }}
          >
            only
          </Button>
        </li>
      ))}
    </ul>
  );
}

const inWords = (chosen: readonly FamilyId[]): string =>
  chosen.length > 3
    ? `${chosen.length} families`
    : chosen.map((id) => familyOf(id).label).join(', ');
