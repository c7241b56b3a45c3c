import {
  inversionOf,
  prettyDegree,
  voicingKey,
  type Degree,
  type FamilyTable,
  type Voicing,
} from '@drop-close/core';
import { Button } from 'antd';
import { useRef, useState, type KeyboardEvent } from 'react';
import { INVERSIONS, easeOf } from '../desk/describe';
import { Grip } from '../desk/Grip';
import { nextGrip } from './nextGrip';

/** Grips of one place that are shown at once; the rest a click away. */
const SHOWN = 4;

interface BrowserTableProps {
  readonly table: FamilyTable;
  /** Key of the grip that was sounded last. */
  readonly picked: string | undefined;
  readonly onPick: (voicing: Voicing) => void;
  readonly onUse: (voicing: Voicing) => void;
}

/** Inversions down, string sets or octaves across. */
export function BrowserTable({ table, picked, onPick, onUse }: BrowserTableProps) {
  const body = useRef<HTMLTableElement>(null);
  const { rows, columns, cells } = table;
  if (!rows.length) return <p className="quiet">This family has no form of the chord here.</p>;
  const onKeyDown = (event: KeyboardEvent): void => {
    const from = (event.target as HTMLElement).closest<HTMLElement>('[data-grip]');
    const next = from && body.current && nextGrip(body.current, from, event.key);
    if (!next) return;
    event.preventDefault();
    next.focus();
  };
  return (
    <div className="browser-scroll">
      <table ref={body} className="browser-table" onKeyDown={onKeyDown}>
        <thead>
          <tr>
            <th scope="col">In the bass</th>
            {columns.map((column) => (
              <th key={column} scope="col">
                {columnName(column)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((degree, row) => (
            <tr key={degree}>
              <th scope="row">
                {prettyDegree(degree)} <small className="quiet">{inversionName(degree)}</small>
              </th>
              {columns.map((column, at) => (
                <td key={column}>
                  <Cell
                    grips={cells[row]?.[at] ?? []}
                    place={`${row} ${at}`}
                    {...{ picked, onPick, onUse }}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface CellProps extends Omit<BrowserTableProps, 'table'> {
  readonly grips: readonly Voicing[];
  /** Row and column. */
  readonly place: string;
}

function Cell({ grips, place, picked, onPick, onUse }: CellProps) {
  const [all, setAll] = useState(false);
  const shown = all ? grips : grips.slice(0, SHOWN);
  return (
    <div className="browser-cell">
      {shown.map((voicing) => {
        const key = voicingKey(voicing);
        return (
          <button
            key={key}
            type="button"
            data-grip={place}
            className={picked === key ? 'browser-grip browser-picked' : 'browser-grip'}
            aria-pressed={picked === key}
            aria-label={gripName(voicing)}
            title={gripName(voicing)}
            onClick={() => {
              onPick(voicing);
            }}
            onKeyDown={(event) => {
              if (event.key.toLowerCase() !== 'l') return;
              // The desk has a use for the same key.
              event.stopPropagation();
              onUse(voicing);
            }}
          >
            <Grip voicing={voicing} size="small" />
            {voicing.ease !== 'easy' && <small>{voicing.ease}</small>}
          </button>
        );
      })}
      {shown.length < grips.length && (
        <Button
          size="small"
          type="text"
          onClick={() => {
            setAll(true);
          }}
        >
          {grips.length - shown.length} more
        </Button>
      )}
    </div>
  );
}

/** "frets 3 5 4 5, 81 mm, easy"; on keys the notes. */
function gripName(voicing: Voicing): string {
  const { notes } = voicing;
  const frets = notes.map(({ fret }) => fret);
  const where = frets.includes(undefined)
    ? notes.map(({ note }) => note).join(' ')
    : `frets ${frets.join(' ')}`;
  return `${where}, ${easeOf(voicing)}`;
}

const columnName = (column: string): string =>
  column.startsWith('C') ? `from ${column}` : `strings ${column}`;

function inversionName(degree: Degree): string {
  const inversion = inversionOf(degree);
  return inversion === undefined ? '' : (INVERSIONS[inversion] ?? '');
}
