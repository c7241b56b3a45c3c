import type { SystemLayout } from '../../voice/threads/threadLayout';
import { FUNCTION_STEPS, functionHeads, type FunctionHead } from './functionPath';

interface FunctionPathProps {
  readonly system: SystemLayout;
  readonly width: number;
  /** How far from home each chord of the chorus is. */
  readonly steps: readonly (number | undefined)[];
  readonly sounding: number | undefined;
  /** Whether the functions are named: once is enough. */
  readonly named: boolean;
}

/** From one function to the next, and for a name over the highest, in pixels. */
const STEP = 19;
const TOP = 17;
const HEIGHT = TOP + 2 * STEP + 8;

const yOf = (step: number): number => TOP + (FUNCTION_STEPS.length - 1 - step) * STEP;

/** The way the harmony goes from home and back, chord by chord: tonic lowest, dominant highest. */
export function FunctionPath({ system, width, steps, sounding, named }: FunctionPathProps) {
  const heads = functionHeads(system, steps);
  const [first] = system.bars;
  const last = system.bars.at(-1);
  if (!heads.length || !first || !last) return null;
  const [left, right] = [first.x, last.x + last.width];
  return (
    <svg
      className="function-path"
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={`From home and back: ${heads.map(nameOf).join(', ')}`}
    >
      {FUNCTION_STEPS.map((name, step) => (
        <g key={name}>
          <line className="function-level" x1={left} x2={right} y1={yOf(step)} y2={yOf(step)} />
          {named && (
            <text className="function-name" x={right} y={yOf(step) - 4}>
              {name}
            </text>
          )}
        </g>
      ))}
      {system.bars.map(({ number, x }) => (
        <line key={number} className="bar-line" x1={x} x2={x} y1={yOf(2)} y2={yOf(0)} />
      ))}
      <polyline
        className="line-thread"
        points={heads
          .flatMap(({ x, step, until }) => [
            `${x},${yOf(step)}`,
            `${Math.max(x, until - LEANS)},${yOf(step)}`,
          ])
          .join(' ')}
      />
      {heads.map(({ index, x, step }) => (
        <circle
          key={index}
          className={index === sounding ? 'function-head lit' : 'function-head'}
          cx={x}
          cy={yOf(step)}
          r={index === sounding ? 5.5 : 3.6}
        />
      ))}
    </svg>
  );
}

/** So far before the next chord the line leaves for it, in pixels. */
const LEANS = 12;

const nameOf = ({ step }: FunctionHead): string => FUNCTION_STEPS[step] ?? 'passing';
