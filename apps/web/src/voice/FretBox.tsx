import type { GripProps } from './gripProps';

/** Frets a box shows at least. */
const FEWEST_FRETS = 4;

interface Measure {
  readonly string: number;
  readonly fret: number;
  readonly dot: number;
  readonly text: number;
  readonly left: number;
  readonly top: number;
}

const SMALL: Measure = { string: 8, fret: 11, dot: 3.3, text: 10, left: 16, top: 11 };
const LARGE: Measure = { string: 26, fret: 32, dot: 10.5, text: 15, left: 34, top: 26 };

/** A grip on strings seen from the front: low string left, nut or first fret shown on top. */
export function FretBox({ voicing, size, strings }: GripProps & { strings: number }) {
  const m = size === 'small' ? SMALL : LARGE;
  const frets = voicing.notes.map((note) => note.fret ?? 0);
  const fretted = frets.filter((fret) => fret > 0);
  const highest = Math.max(FEWEST_FRETS, ...fretted);
  const fromNut = highest <= FEWEST_FRETS + (size === 'large' ? 1 : 0);
  const first = fromNut || !fretted.length ? 1 : Math.min(...fretted);
  const count = Math.max(FEWEST_FRETS, highest - first + 1);
  const x = (string: number): number => m.left + (strings - string) * m.string;
  const y = (fret: number): number => m.top + (fret - first + 0.5) * m.fret;
  const right = x(1);
  const bottom = m.top + count * m.fret;
  const [width, height] = [right + m.left * (size === 'small' ? 0.5 : 1), bottom + 3];
  return (
    <svg
      className={`fret-box fret-box-${size}`}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden
    >
      {Array.from({ length: count + 1 }, (_, line) => (
        <line
          key={line}
          className={first === 1 && line === 0 ? 'nut' : 'fret'}
          x1={x(strings)}
          x2={right}
          y1={m.top + line * m.fret}
          y2={m.top + line * m.fret}
        />
      ))}
      {Array.from({ length: strings }, (_, index) => (
        <line
          key={index}
          className="string"
          x1={x(index + 1)}
          x2={x(index + 1)}
          y1={m.top}
          y2={bottom}
        />
      ))}
      {first > 1 && (
        <text
          className="fret-number"
          x={m.left - m.dot - 3}
          y={y(first) + m.text * 0.35}
          fontSize={m.text}
        >
          {first}
        </text>
      )}
      {Array.from({ length: strings }, (_, index) => index + 1).map((string) => {
        const note = voicing.notes.find((each) => each.string === string);
        if (!note) {
          return (
            <text
              key={string}
              className="muted"
              x={x(string)}
              y={m.top - 3}
              fontSize={m.text * 0.9}
            >
              ×
            </text>
          );
        }
        if (!note.fret) {
          return (
            <circle
              key={string}
              className="open"
              cx={x(string)}
              cy={m.top - m.dot - 2}
              r={m.dot * 0.75}
            />
          );
        }
        return (
          <g key={string}>
            <circle className="dot" cx={x(string)} cy={y(note.fret)} r={m.dot} />
            {size === 'large' && note.finger && (
              <text className="finger" x={x(string)} y={y(note.fret) + 5} fontSize={14}>
                {note.finger}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
