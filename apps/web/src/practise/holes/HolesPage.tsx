import {
  formInWords,
  itemKey,
  KEY_GROUPS,
  mapOfHoles,
  type HoleCell,
  type HoleRow,
} from '@drop-close/core';
import { Button } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useNow } from '../base/useNow';
import { usePractised } from '../items/usePractice';
import { STRENGTH_WORDS } from '../base/StrengthMark';
import { NewForm } from './NewForm';
import './holes.css';
import { Term } from '../../ui/terms/Term';
import { useNotation } from '../../profile/useNotation';

/** Rows that fill a screen. */
const FIRST = 16;

/** Forms down, keys across: how well each is known; a hole opens its étude. */
export default function HolesPage() {
  const keysInWords = useKeysInWords();
  const { known, isHere } = usePractised();
  const now = useNow();
  const rows = useMemo(() => mapOfHoles(known, now), [known, now]);
  // More than are seen at once come a moment later.
  const shown = useDeferredValue(rows.length, FIRST);
  const navigate = useNavigate();
  const open = (item: string): void =>
    void navigate(`/practise/form?${new URLSearchParams({ item })}`);
  const [adding, setAdding] = useState(false);
  if (!isHere) return <p className="quiet">Drawing the map…</p>;
  return (
    <>
      <div className="practise-bar">
        <span className="quiet">
          How much of each <Term of="form (practice)">form</Term> is known today, by keys. Press a{' '}
          <Term of="hole">hole</Term> to practise it.
        </span>
        <Button
          onClick={() => {
            setAdding(true);
          }}
        >
          Another form
        </Button>
      </div>
      {rows.length ? (
        <table className="holes">
          <thead>
            <tr>
              <th scope="col">Form</th>
              {KEY_GROUPS.map((keys) => (
                <th key={keys} scope="col">
                  {keysInWords(keys)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, shown).map((row) => (
              <tr key={formInWords(row)}>
                <th scope="row">{formInWords(row)}</th>
                {row.cells.map((cell) => (
                  <Hole key={cell.keys} row={row} cell={cell} onOpen={open} />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      ) : (
        <p className="quiet">
          No form was practised yet: an inversion of a family, on its strings or in its hands, round
          the keys. Begin with one of yours.
        </p>
      )}
      {adding && (
        <NewForm
          onChoose={(name) => {
            setAdding(false);
            open(name);
          }}
          onClose={() => {
            setAdding(false);
          }}
        />
      )}
    </>
  );
}

/** The keys of a group, as the player names notes. */
function useKeysInWords(): (keys: string) => string {
  const { note } = useNotation();
  return (keys) => keys.split(' ').map(note).join(' ');
}

interface HoleProps {
  readonly row: HoleRow;
  readonly cell: HoleCell;
  readonly onOpen: (item: string) => void;
}

/** A cell, told by its pattern and its number. */
function Hole({ row, cell, onOpen }: HoleProps) {
  const keysInWords = useKeysInWords();
  const { family, where, inversion } = row;
  const { keys, strength, percent, quality } = cell;
  const item = itemKey({ kind: 'form', family, where, inversion, keys, quality });
  return (
    <td>
      <button
        type="button"
        className={`hole hole-${strength}`}
        aria-label={`${formInWords(row)}, ${keysInWords(keys)}: ${STRENGTH_WORDS[strength]}, ${percent}%. Practise ${quality}`}
        title={`Practise ${quality}`}
        onClick={() => {
          onOpen(item);
        }}
      >
        <span className="hole-keys">{keysInWords(keys)}</span>
        <span className="hole-word">{STRENGTH_WORDS[strength]}</span>
        {percent > 0 && <span className="hole-percent">{percent}%</span>}
      </button>
    </td>
  );
}
