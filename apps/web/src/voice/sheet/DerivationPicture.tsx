import { prettyDegree, type DerivationStep, type DerivedNote } from '@drop-close/core';
import { useNotation } from '../../profile/useNotation';

const WIDTH = 290;
const UNIT = 6.5;
const PAD = 12;
const OCTAVE = 12;
/** Where the numbers, the notes and their degrees stand. */
const COUNT_X = 40;
const NOTE_X = 110;
const DEGREE_X = 190;

interface DerivationPictureProps {
  readonly step: DerivationStep;
  /** Of all steps, so that nothing jumps from one to the next but what moves. */
  readonly range: { readonly low: number; readonly high: number };
}

/** The voices of a step at their heights; what falls leaves a ring where it was. */
export function DerivationPicture({ step, range }: DerivationPictureProps) {
  const { low, high } = range;
  const height = (high - low) * UNIT + 2 * PAD;
  const y = (pitch: number): number => PAD + (high - pitch) * UNIT;
  return (
    <svg className="derivation-picture" viewBox={`0 0 ${WIDTH} ${height}`} width="100%" aria-hidden>
      {step.notes.map((note) => (
        <Voice key={`${note.degree} ${note.pitch}`} note={note} y={y} />
      ))}
    </svg>
  );
}

function Voice({ note, y }: { note: DerivedNote; y: (pitch: number) => number }) {
  const { note: nameOf } = useNotation();
  const { pitch, degree, count, mark } = note;
  const here = y(pitch);
  return (
    <g className={mark ? `derived derived-${mark.replace(' ', '-')}` : 'derived'}>
      {mark === 'falls' && (
        <>
          <circle className="derived-from" cx={NOTE_X} cy={y(pitch + OCTAVE)} r={5} />
          <path className="derived-fall" d={fall(y(pitch + OCTAVE), here)} />
        </>
      )}
      {count !== undefined && (
        <text className="derived-count" x={COUNT_X} y={here + 5}>
          {count}
        </text>
      )}
      <circle className="derived-note" cx={NOTE_X} cy={here} r={5} />
      <text x={NOTE_X + 14} y={here + 5} className="derived-name">
        {nameOf(note.note)}
      </text>
      <text x={DEGREE_X} y={here + 5} className="derived-degree">
        {prettyDegree(degree)}
        {mark && mark !== 'falls' ? `  ${mark}` : ''}
      </text>
    </g>
  );
}

/** A bow on the left, past the voices between, with a head where it lands. */
function fall(from: number, to: number): string {
  const [x, bow] = [NOTE_X - 7, NOTE_X - 34];
  return `M${x} ${from} C${bow} ${from} ${bow} ${to} ${x} ${to} m-6 -4 l6 4 l-6 4`;
}
