import { families, familyOf, type FamilyId } from '@drop-close/core';
import { Button, Checkbox } from 'antd';
import { useId } from 'react';
import { Choice } from '../ui/Choice';
import './families.css';

interface FamilyChooserProps {
  readonly chosen: readonly FamilyId[];
  readonly onChoose: (families: readonly FamilyId[]) => void;
}

const familiesOn = (onKeys: boolean): typeof families =>
  families.filter(({ only }) => onKeys || !only);

export const labelsOfFamilies = (onKeys: boolean): readonly string[] =>
  familiesOn(onKeys).map(({ label }) => label);

const SUGGESTED = 'what suits the room';

/** Which families a new tune is voiced in: some of one's own choice, or those that suit where it is played. */
export function FamilyChooser({ chosen, onChoose }: FamilyChooserProps) {
  const value = chosen.length ? chosen.map((id) => familyOf(id).label).join(', ') : SUGGESTED;
  return (
    <Choice name="Families" value={value} inside={[SUGGESTED, ...labelsOfFamilies(true)]}>
      {() => (
        <>
          <Checkbox
            checked={!chosen.length}
            onChange={({ target }) => {
              onChoose(target.checked ? [] : [FIRST]);
            }}
          >
            {SUGGESTED}
          </Checkbox>
          <FamilyList chosen={chosen} onChoose={onChoose} />
        </>
      )}
    </Choice>
  );
}

const FIRST: FamilyId = 'drop2';

interface FamilyListProps extends FamilyChooserProps {
  /** Whether keys are played: some families are for them alone. */
  readonly onKeys?: boolean;
}

/** The families with a word on each: tick several, or take one alone. */
export function FamilyList({ chosen, onChoose, onKeys = true }: FamilyListProps) {
  const prefix = useId();
  const toggle = (id: FamilyId): void => {
    const others = chosen.filter((each) => each !== id);
    if (!chosen.includes(id)) onChoose([...chosen, id]);
    else if (others.length) onChoose(others);
  };
  return (
    <ul className="family-list" aria-label="Families of voicings">
      {familiesOn(onKeys).map(({ id, label, about }) => (
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
