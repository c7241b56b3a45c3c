import { prettyDegree, sayNote, type ToldLine, type ToldNote } from '@drop-close/core';
import { useMemo, type KeyboardEvent } from 'react';
import { plainSymbol, prettyText } from '../../ui/symbol';
import { useWidth } from '../../ui/useWidth';
import { heightOf, layoutMelody, MELODY, type MelodyHead, type MelodySystem } from './melodyLayout';
import { SignKey } from './SignKey';
import { MelodySign } from './MelodySign';

interface MelodyLinesProps {
  readonly told: ToldLine;
  /** Position of the note in hand. */
  readonly inHand: number;
  readonly onChoose: (at: number) => void;
}

/** A line over its changes: every note at its time and pitch, with its degree, its sign and what it leads to. */
export function MelodyLines({ told, inHand, onChoose }: MelodyLinesProps) {
  const [frame, width] = useWidth();
  const systems = useMemo(() => layoutMelody(told, width), [told, width]);
  const height = heightOf(told);
  return (
    <div className="melody-lines" ref={frame}>
      <SignKey />
      {systems.map((system, row) => (
        <MelodyRow key={row} {...{ system, told, inHand, onChoose, width, height }} />
      ))}
    </div>
  );
}

interface MelodyRowProps extends MelodyLinesProps {
  readonly system: MelodySystem;
  readonly width: number;
  readonly height: number;
}

function MelodyRow({ system, told, inHand, onChoose, width, height }: MelodyRowProps) {
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (!step) return;
    const next = inHand + step;
    if (next < 0 || next >= told.notes.length) return;
    event.preventDefault();
    event.stopPropagation();
    onChoose(next);
    document.getElementById(noteId(next))?.focus();
  };
  const last = system.bars.at(-1);
  return (
    <svg className="melody-row" width={width} height={height} onKeyDown={onKeyDown}>
      {system.bars.map(({ number, x }) => (
        <g key={number}>
          <line className="bar-line" x1={x} x2={x} y1={22} y2={height} />
          <text className="melody-bar" x={x + 3} y={height - 4}>
            {number}
          </text>
        </g>
      ))}
      {last && (
        <line
          className="bar-line"
          x1={last.x + last.width}
          x2={last.x + last.width}
          y1={22}
          y2={height}
        />
      )}
      {system.chords.map(({ symbol, x }) => (
        <text key={x} className="melody-symbol" x={x + 3} y={16}>
          {plainSymbol(symbol)}
        </text>
      ))}
      {system.heads.map((head) => (
        <Leading key={head.at} head={head} heads={system.heads} note={told.told[head.at]!} />
      ))}
      {system.heads.map((head) => (
        <MelodyNote
          key={head.at}
          head={head}
          note={told.told[head.at]!}
          said={prettyText(sayNote(told, head.at))}
          inHand={head.at === inHand}
          onChoose={onChoose}
        />
      ))}
    </svg>
  );
}

const noteId = (at: number): string => `melody-note-${at}`;

interface MelodyNoteProps {
  readonly head: MelodyHead;
  readonly note: ToldNote;
  readonly said: string;
  readonly inHand: boolean;
  readonly onChoose: (at: number) => void;
}

function MelodyNote({ head, note, said, inHand, onChoose }: MelodyNoteProps) {
  const { x, y, until, at } = head;
  return (
    <g
      id={noteId(at)}
      role="button"
      tabIndex={inHand ? 0 : -1}
      aria-label={said}
      aria-pressed={inHand}
      className={inHand ? 'melody-note in-hand' : 'melody-note'}
      onClick={() => {
        onChoose(at);
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        onChoose(at);
      }}
    >
      <title>{said}</title>
      <rect
        className="melody-touch"
        x={x - 10}
        y={y - 20}
        width={Math.max(20, until - x + 10)}
        height={30}
      />
      <line className="melody-length" x1={x} x2={until} y1={y} y2={y} />
      <MelodySign note={note} x={x} y={y} />
      <text className="melody-degree" x={x} y={y - 8}>
        {note.degree ? prettyDegree(note.degree) : ''}
      </text>
    </g>
  );
}

interface LeadingProps {
  readonly head: MelodyHead;
  readonly heads: readonly MelodyHead[];
  readonly note: ToldNote;
}

/** An arrow from an approach to its tone, and a strong line from a 7 to its 3, as far as both are in the row. */
function Leading({ head, heads, note }: LeadingProps) {
  const { approach, sevenToThree } = note;
  const goal = heads.find(({ at }) => at === (approach ? approach.to : head.at + 1));
  if (!goal || !(approach || sevenToThree)) return null;
  if (!approach) {
    return <line className="melody-resolves" x1={head.x} y1={head.y} x2={goal.x} y2={goal.y} />;
  }
  const low = Math.max(head.y, goal.y) + 3 * MELODY.step;
  const path = `M${head.x} ${head.y + 5} Q${(head.x + goal.x) / 2} ${low} ${goal.x - 2} ${goal.y + 6}`;
  return <path className="melody-approach" d={path} />;
}
