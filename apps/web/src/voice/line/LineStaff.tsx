import { type Chord } from '@drop-close/core';
import { staffStep, stepsOf, type StaffNote } from './staffSteps';
import { useNotation } from '../../profile/useNotation';

interface LineStaffProps {
  readonly chord: Chord;
  readonly wanted: number | undefined;
  readonly has: number | undefined;
  readonly onWant: (midi: number) => void;
}

const GAP = 5;
const WIDTH = 300;
/** The top line of the treble staff is F5; room above and below for ledger lines. */
const TOP = 26;
const y = (step: number): number => TOP + (staffStep(77) - step) * GAP;
const LINES = [77, 74, 71, 67, 64].map(staffStep);
const LOWEST = 52;
const HIGHEST = 84;

/** The chord's notes on a staff, low to high; a press wants one on top. */
export function LineStaff({ chord, wanted, has, onWant }: LineStaffProps) {
  const notes = stepsOf(chord, LOWEST, HIGHEST);
  if (!notes.length) return null;
  const width = WIDTH / notes.length;
  const height = y(staffStep(LOWEST)) + 12;
  return (
    <svg
      className="line-staff"
      width={WIDTH}
      height={height}
      role="listbox"
      aria-label="The note on top"
    >
      {LINES.map((step) => (
        <line key={step} x1={0} x2={WIDTH} y1={y(step)} y2={y(step)} />
      ))}
      {notes.map((note, at) => (
        <StaffMark
          key={note.midi}
          note={note}
          x={at * width}
          width={width}
          height={height}
          wanted={note.midi === wanted}
          has={note.midi === has}
          onWant={onWant}
        />
      ))}
    </svg>
  );
}

interface StaffMarkProps {
  readonly note: StaffNote;
  readonly x: number;
  readonly width: number;
  readonly height: number;
  readonly wanted: boolean;
  readonly has: boolean;
  readonly onWant: (midi: number) => void;
}

function StaffMark({ note, x, width, height, wanted, has, onWant }: StaffMarkProps) {
  const centre = x + width / 2;
  const { note: nameOf } = useNotation();
  const name = nameOf(note.name);
  const press = (): void => {
    onWant(note.midi);
  };
  return (
    <g
      role="option"
      aria-selected={wanted}
      aria-label={`${name}${has ? ', on top now' : ''}`}
      tabIndex={0}
      onClick={press}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        event.stopPropagation();
        press();
      }}
    >
      <title>{name}</title>
      <rect x={x} y={0} width={width} height={height} fill="transparent" />
      {note.ledgers.map((step) => (
        <line
          key={step}
          className="ledger"
          x1={centre - 8}
          x2={centre + 8}
          y1={y(step)}
          y2={y(step)}
        />
      ))}
      <ellipse
        className={wanted ? 'wanted' : 'has'}
        cx={centre}
        cy={y(note.step)}
        rx={5.4}
        ry={4}
        strokeDasharray={has || wanted ? undefined : '2 2'}
      />
      {note.accidental && (
        <text x={centre - 15} y={y(note.step) + 5}>
          {note.accidental}
        </text>
      )}
      {has && <path d={`M${centre - 4} ${height - 8} l4 -6 l4 6 z`} fill="var(--ink)" />}
    </g>
  );
}
