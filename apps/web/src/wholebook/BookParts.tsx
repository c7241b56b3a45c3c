import type { Compared, ComparedKind, Standing } from '@drop-close/core';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { nameOfPart, type ChosenParts } from './putBack';
import type { ReadBook } from './useWholeBook';

const KINDS: Readonly<Record<ComparedKind, string>> = {
  tunes: 'tune',
  sets: 'set',
  licks: 'lick',
};
const GROUPS: readonly { readonly standing: Standing; readonly title: string }[] = [
  { standing: 'new', title: 'Not in your book' },
  { standing: 'different', title: 'Different in your book: chosen ones go over yours' },
];

interface BookPartsProps {
  readonly read: ReadBook;
  readonly isBusy: boolean;
  readonly onBringIn: (chosen: ChosenParts) => void;
  readonly onPutAside: () => void;
}

/** What a read book holds beside yours, to choose from. */
export function BookParts({ read, isBusy, onBringIn, onPutAside }: BookPartsProps) {
  const { compared, reading, name } = read;
  const [parts, setParts] = useState<ReadonlySet<string>>(
    () => new Set(compared.filter(({ standing }) => standing === 'new').map(nameOfPart)),
  );
  const { notes, entries, sessions } = reading.book;
  const hasPractice = notes.length + entries.length + sessions.length > 0;
  const [practice, setPractice] = useState(hasPractice);
  const same = compared.filter(({ standing }) => standing === 'same').length;
  const choose = (part: Compared, isChosen: boolean): void => {
    const next = new Set(parts);
    if (isChosen) next.add(nameOfPart(part));
    else next.delete(nameOfPart(part));
    setParts(next);
  };
  return (
    <section className="book-parts" aria-label={`What ${name} holds`}>
      {reading.problems.map((problem) => (
        <p key={problem} className="book-problem">
          {problem}
        </p>
      ))}
      {GROUPS.map(({ standing, title }) => {
        const own = compared.filter((part) => part.standing === standing);
        if (!own.length) return null;
        return (
          <fieldset key={standing}>
            <legend>{title}</legend>
            {own.map((part) => (
              <Checkbox
                key={nameOfPart(part)}
                checked={parts.has(nameOfPart(part))}
                onChange={({ target }) => {
                  choose(part, target.checked);
                }}
              >
                {part.name} <span className="quiet">{KINDS[part.kind]}</span>
              </Checkbox>
            ))}
          </fieldset>
        );
      })}
      {hasPractice && (
        <Checkbox
          checked={practice}
          onChange={({ target }) => {
            setPractice(target.checked);
          }}
        >
          Practice: {notes.length} notes and {entries.length} entries of the logbook; those that are
          here already stay as they are
        </Checkbox>
      )}
      {same > 0 && <p className="quiet">{same} are the same in your book.</p>}
      <p className="book-parts-do">
        <Button
          type="primary"
          loading={isBusy}
          disabled={!parts.size && !practice}
          onClick={() => {
            onBringIn({ parts, practice });
          }}
        >
          Bring it in
        </Button>
        <Button type="text" onClick={onPutAside}>
          Close without bringing in
        </Button>
      </p>
    </section>
  );
}
