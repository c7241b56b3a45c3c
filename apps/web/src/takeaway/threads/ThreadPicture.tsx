import type { Instrument, Timeline, Voicing } from '@drop-close/core';
import type {
  BarColumn,
  ChordColumn,
  Strand,
  SystemLayout,
} from '../../voice/threads/threadLayout';
import type { PitchScale } from '../../ui/pitchScale';
import { gripText } from './gripText';
import { LINE_LOOKS } from './looks';
import { useNotation } from '../../profile/useNotation';

/** Over the threads of a system, for bars and symbols, and under them, for grips, in pixels. */
const OVER = 44;
const UNDER = 22;
const AFTER = 16;
const HEAD = 2.9;
const SYMBOL_FACE = "Vollkorn, 'Noto Serif', Georgia, serif";
const TEXT_FACE = "'Alegreya Sans', 'Noto Sans', sans-serif";
/** About so wide is a letter of a grip, in pixels. */
const LETTER = 4.9;

/** How high a system is on paper. */
export const threadSystemHeight = (scale: PitchScale): number =>
  OVER + scale.height + UNDER + AFTER;

export interface ThreadPictureProps {
  readonly systems: readonly SystemLayout[];
  readonly timeline: Timeline;
  readonly path: readonly Voicing[];
  readonly instrument: Instrument;
  readonly scale: PitchScale;
  readonly width: number;
  /** How the player writes symbols. */
  readonly symbolOf: (symbol: string) => string;
  /** Stands over a picture that is a file of its own. */
  readonly title?: string;
}

const TITLE = 40;

/** Threads in black on white, whole in themselves: no style of the page reaches in, so the picture can leave it. */
export function ThreadPicture(props: ThreadPictureProps) {
  const { systems, scale, width, title } = props;
  const top = title === undefined ? 0 : TITLE;
  const height = top + systems.length * threadSystemHeight(scale);
  return (
    <svg
      xmlns="http://www.w3.org/2000/svg"
      viewBox={`0 0 ${width} ${height}`}
      {...{ width, height }}
      role="img"
      aria-label={`Threads of bars ${systems[0]?.bars[0]?.number ?? 1} to ${systems.at(-1)?.bars.at(-1)?.number ?? 1}`}
    >
      <rect {...{ width, height }} fill="#fff" />
      {title !== undefined && (
        <>
          <text x={0} y={26} fontFamily={SYMBOL_FACE} fontSize={24} fontWeight={600}>
            {title}
          </text>
          <PaperLegend right={width} y={22} />
        </>
      )}
      {systems.map((system, at) => (
        <g key={at} transform={`translate(0 ${top + at * threadSystemHeight(scale)})`}>
          <PaperSystem {...props} system={system} />
        </g>
      ))}
    </svg>
  );
}

const LEGEND = ['held', 'half step', 'whole step', 'leap'] as const;
const LEGEND_STEP = 96;

/** How to read the lines. @param right where it ends, in pixels */
export const PaperLegend = ({ right, y }: { readonly right: number; readonly y: number }) =>
  LEGEND.map((kind, at) => {
    const x = right - (LEGEND.length - at) * LEGEND_STEP;
    const strand = { kind, voice: 0, chord: 0, from: { x, y }, to: { x: x + 28, y } };
    return (
      <g key={kind}>
        <PaperStrand strand={strand} />
        <text x={x + 34} y={y + 4} fontFamily={TEXT_FACE} fontSize={12}>
          {kind}
        </text>
      </g>
    );
  });

/** Octaves of C to find one's bearings by. */
const LANDMARKS = [36, 48, 60, 72, 84];

function PaperSystem({
  system,
  scale,
  ...props
}: ThreadPictureProps & { readonly system: SystemLayout }) {
  const last = system.bars.at(-1);
  const end = last ? last.x + last.width : 0;
  const lines = [...system.bars.map(({ x }) => x), end];
  return (
    <>
      {system.bars.map((bar) => (
        <BarHead key={bar.number} bar={bar} />
      ))}
      {lines.map((x) => (
        <line key={x} x1={x} x2={x} y1={OVER} y2={OVER + scale.height} stroke="#999" />
      ))}
      <g transform={`translate(0 ${OVER})`}>
        {LANDMARKS.filter((midi) => scale.y(midi) > 4 && scale.y(midi) < scale.height).map(
          (midi) => (
            <text key={midi} y={scale.y(midi) + 3} fontFamily={TEXT_FACE} fontSize={10} fill="#555">
              C{midi / 12 - 1}
            </text>
          ),
        )}
        {system.strands.map((strand, at) => (
          <PaperStrand key={at} strand={strand} />
        ))}
      </g>
      {system.chords.map((column) => (
        <PaperChord key={column.index} {...props} column={column} foot={OVER + scale.height} />
      ))}
    </>
  );
}

const BarHead = ({ bar: { number, x, section } }: { readonly bar: BarColumn }) => (
  <text x={x + 2} y={12} fontFamily={TEXT_FACE} fontSize={10} fill="#555">
    {number}
    {section !== undefined && (
      <tspan dx={8} fontSize={14} fontWeight={700} fill="#000">
        {section}
      </tspan>
    )}
  </text>
);

function PaperStrand({ strand: { kind, from, to } }: { readonly strand: Strand }) {
  const look = { stroke: '#000', fill: 'none', ...LINE_LOOKS[kind] };
  if (kind === 'enters') return <circle cx={from.x} cy={from.y} r={3} {...look} />;
  return (
    <>
      <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} {...look} />
      {kind === 'ends' && <line x1={to.x} y1={to.y - 4} x2={to.x} y2={to.y + 4} {...look} />}
    </>
  );
}

interface PaperChordProps extends Pick<
  ThreadPictureProps,
  'timeline' | 'path' | 'instrument' | 'symbolOf'
> {
  readonly column: ChordColumn;
  /** Where the threads end, in pixels. */
  readonly foot: number;
}

/** Symbol, heads and grip; a chord that is split or comes again has its symbol once. */
function PaperChord({
  column: { index, x, width, heads },
  timeline,
  path,
  instrument,
  symbolOf,
  foot,
}: PaperChordProps) {
  const { note: nameOf } = useNotation();
  const event = timeline.events[index];
  const voicing = path[index];
  const grip = voicing && gripText(voicing, instrument, nameOf);
  const room = Math.max(24, width - 6);
  return (
    <>
      <text x={x - 4} y={OVER - 12} fontFamily={SYMBOL_FACE} fontSize={16} fontWeight={500}>
        {event && !event.part ? symbolOf(event.chord.symbol) : '·'}
      </text>
      {heads.map(({ y }, at) => (
        <circle key={at} cx={x} cy={OVER + y} r={HEAD} />
      ))}
      {grip && (
        <text
          x={x - 4}
          y={foot + 15}
          fontFamily={TEXT_FACE}
          fontSize={10}
          {...(grip.length * LETTER > room && {
            textLength: room,
            lengthAdjust: 'spacingAndGlyphs',
          })}
        >
          {grip}
        </text>
      )}
    </>
  );
}
