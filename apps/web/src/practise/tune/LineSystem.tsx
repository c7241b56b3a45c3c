import { prettyDegree, TICKS_PER_QUARTER, type LayerNote, type Timeline } from '@drop-close/core';
import { Fragment } from 'react';
import { usePlayer } from '../../playback/usePlayer';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { prettyNumber } from '../../ui/notation';
import type { PitchScale } from '../../ui/pitchScale';
import { SystemBars } from '../../voice/threads/SystemBars';
import type { SystemLayout } from '../../voice/threads/threadLayout';
import { FunctionPath } from './FunctionPath';
import { lineHeads, type LineHead } from './lineLayout';
import { useNotation } from '../../profile/useNotation';

interface LineSystemProps {
  readonly system: SystemLayout;
  readonly scale: PitchScale;
  readonly width: number;
  readonly timeline: Timeline;
  readonly line: readonly LayerNote[];
  readonly numeralOf: (event: number) => string;
  /** How far from home each chord is, where the numbers themselves are what is practised. */
  readonly steps: readonly (number | undefined)[] | undefined;
  /** Whether it is the first on the page. */
  readonly first: boolean;
  readonly sounding: number | undefined;
  /** Notes that were not played the last time round, as positions in the line. */
  readonly missed: ReadonlySet<number>;
  readonly onSelect: (event: number) => void;
}

/** Some bars of a line: numbers and symbols over it, each note at its pitch with its name and degree. */
export function LineSystem(props: LineSystemProps) {
  const { note: nameOf } = useNotation();
  const { system, scale, width, timeline, line, numeralOf, steps, sounding, missed, onSelect } =
    props;
  const heads = lineHeads(line, system, timeline, scale);
  const [first] = system.bars;
  const last = system.bars.at(-1);
  return (
    <div className={steps ? 'line-system line-numbers' : 'line-system'}>
      <SystemBars bars={system.bars} />
      <div className="line-chords">
        {system.chords.map(({ index, x, width: room }) => {
          const event = timeline.events[index];
          if (!event) return null;
          return (
            <button
              key={index}
              type="button"
              className={index === sounding ? 'line-chord sounding' : 'line-chord'}
              style={{ left: x - 10, maxWidth: room }}
              aria-current={index === sounding ? 'true' : undefined}
              onClick={() => {
                onSelect(index);
              }}
            >
              <span className="line-numeral">
                <Numeral words={prettyNumber(numeralOf(index))} />
              </span>
              <span className="line-symbol">
                <ChordSymbol symbol={event.chord.symbol} />
              </span>
            </button>
          );
        })}
      </div>
      {steps && <FunctionPath {...{ system, width, steps, sounding }} named={props.first} />}
      {heads.length > 0 && (
        <svg
          className="line-drawing"
          width={width}
          height={scale.height}
          role="img"
          aria-label={heads.map(({ note }) => nameOf(note.note)).join(' ')}
        >
          {system.bars.map(({ number, x }) => (
            <line key={number} className="bar-line" x1={x} x2={x} y1={0} y2={scale.height} />
          ))}
          {first && last && (
            <line
              className="bar-line"
              x1={last.x + last.width}
              x2={last.x + last.width}
              y1={0}
              y2={scale.height}
            />
          )}
          <LineThread heads={heads} />
          {heads.map((head) => (
            <Head
              key={head.at}
              head={head}
              few={heads.length <= FEW * system.bars.length}
              isMissed={missed.has(head.at)}
            />
          ))}
        </svg>
      )}
    </div>
  );
}

/** So many notes a bar leave room for their degrees. */
const FEW = 8;

const LineThread = ({ heads }: { heads: readonly LineHead[] }) => (
  <polyline
    className="line-thread"
    points={heads
      .flatMap(({ x, y, until }) => [`${x},${y}`, `${Math.max(x, until - 8)},${y}`])
      .join(' ')}
  />
);

interface HeadProps {
  readonly head: LineHead;
  readonly few: boolean;
  readonly isMissed: boolean;
}

const CROSS = 5;

/** A note, lit while it sounds, crossed where it was missed. */
function Head({ head, few, isMissed }: HeadProps) {
  const { note: nameOf } = useNotation();
  const { note, x, y } = head;
  const lit = usePlayer(({ playing, position, from }) => {
    if (playing !== 'layer' || position === undefined) return false;
    const at = (from + position) * TICKS_PER_QUARTER;
    return at >= note.at && at < note.at + note.length;
  });
  return (
    <g className={lit ? 'line-head lit' : 'line-head'}>
      <circle cx={x} cy={y} r={lit ? 5.5 : 3.6} />
      {isMissed && (
        <path
          className="line-missed"
          d={`M${x - CROSS},${y - CROSS} l${2 * CROSS},${2 * CROSS} m0,${-2 * CROSS} l${-2 * CROSS},${2 * CROSS}`}
        >
          <title>Missed the last time round</title>
        </path>
      )}
      <text className="line-note" x={x} y={y - 8}>
        {nameOf(note.note)}
      </text>
      {few && (
        <text className="line-degree" x={x} y={y + 17}>
          {prettyDegree(note.degree)}
        </text>
      )}
    </g>
  );
}

/** A number that is too long for its bar, as that of an applied dominant on a phone, is parted after its strokes. */
const Numeral = ({ words }: { readonly words: string }) =>
  words.split(/(?<=\/)/).map((part, at) => (
    <Fragment key={at}>
      {at > 0 && <wbr />}
      {part}
    </Fragment>
  ));
