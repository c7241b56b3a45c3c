import type { VoicedNote } from '@drop-close/core';
import { barresOf, boxOf, type Barre, type Box } from './fretBoxLayout';
import type { GripProps } from './gripProps';
import './grips.css';

interface FretBoxProps extends GripProps {
  readonly strings: number;
  readonly leftHanded: boolean;
}

/** A grip on strings seen from the front, nut or first fret on top; low string left, or right for the left hand. */
export function FretBox({ voicing, size, strings, leftHanded }: FretBoxProps) {
  const box = boxOf(voicing, size, strings, leftHanded);
  const { width, height, x, measure, top } = box;
  const all = Array.from({ length: strings }, (_, index) => index + 1);
  return (
    <svg
      className={`fret-box fret-box-${size}`}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden
    >
      <Neck box={box} strings={all} />
      {all.map((string) => {
        const note = voicing.notes.find((each) => each.string === string);
        if (note?.fret) return null;
        return note ? (
          <circle
            key={string}
            className="open"
            cx={x(string)}
            cy={top - measure.dot - 2}
            r={measure.dot * 0.75}
          />
        ) : (
          <text
            key={string}
            className="muted"
            x={x(string)}
            y={top - 3}
            fontSize={measure.text * 0.9}
          >
            ×
          </text>
        );
      })}
      {barresOf(voicing.notes).map((barre) => (
        <Flat key={`${barre.fret} ${barre.from}`} barre={barre} box={box} />
      ))}
      {voicing.notes.map((note) => (
        <Dot key={note.string} note={note} box={box} numbered={size === 'large'} />
      ))}
    </svg>
  );
}

function Neck({ box, strings }: { box: Box; strings: readonly number[] }) {
  const { x, y, top, bottom, left, right, first, count, measure, numberAt } = box;
  return (
    <>
      {Array.from({ length: count + 1 }, (_, line) => (
        <line
          key={line}
          className={first === 1 && line === 0 ? 'nut' : 'fret'}
          x1={left}
          x2={right}
          y1={top + line * measure.fret}
          y2={top + line * measure.fret}
        />
      ))}
      {strings.map((string) => (
        <line key={string} className="string" x1={x(string)} x2={x(string)} y1={top} y2={bottom} />
      ))}
      {first > 1 && (
        <text
          className="fret-number"
          x={numberAt}
          y={y(first) + measure.text * 0.35}
          fontSize={measure.text}
          textAnchor={numberAt < left ? 'end' : 'start'}
        >
          {first}
        </text>
      )}
    </>
  );
}

/** A finger that lies across strings. */
function Flat({ barre, box }: { barre: Barre; box: Box }) {
  const { x, y, measure } = box;
  const ends = [x(barre.from), x(barre.to)];
  const start = Math.min(...ends);
  return (
    <rect
      className="dot"
      x={start - measure.dot}
      y={y(barre.fret) - measure.dot}
      width={Math.max(...ends) - start + 2 * measure.dot}
      height={2 * measure.dot}
      rx={measure.dot}
    />
  );
}

function Dot({ note, box, numbered }: { note: VoicedNote; box: Box; numbered: boolean }) {
  const { string = 0, fret = 0, finger } = note;
  if (!fret) return null;
  const { x, y, measure } = box;
  return (
    <g>
      <circle className="dot" cx={x(string)} cy={y(fret)} r={measure.dot} />
      {numbered && finger && (
        <text className="finger" x={x(string)} y={y(fret) + 4.5} fontSize={13}>
          {finger}
        </text>
      )}
    </g>
  );
}
