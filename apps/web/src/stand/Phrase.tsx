import type { Change, ChartEvent, PlayedBar, Voicing } from '@drop-close/core';
import type { ComposedChoruses } from '../engine/protocol';
import { ChordSymbol } from '../profile/ChordSymbol';
import { prettyText } from '../ui/symbol';
import { Grip } from '../voice/desk/Grip';
import { hitsInBar } from './hitsInBar';
import { IntoChord } from './IntoChord';
import { isPickup, type StandRow } from './standRows';

/** The one chorus as it is voiced. */
export interface StandChorus {
  readonly events: readonly ChartEvent[];
  /** As many as events; empty while nothing is voiced. */
  readonly path: readonly Voicing[];
  readonly changes: readonly Change[];
}

interface PhraseProps {
  /** `now`, `next`, `from the top`. */
  readonly name: string;
  readonly row: StandRow;
  readonly chorus: StandChorus;
  readonly composed: ComposedChoruses | undefined;
  /** Which chorus of the set, from 0. */
  readonly time: number;
  readonly sounding: ChartEvent | undefined;
  readonly onPress: () => void;
}

/** Four bars: each chord with its grip and what moves into it, the hits over them, words over the bars. */
export function Phrase({ name, row, chorus, composed, time, sounding, onPress }: PhraseProps) {
  const isNow = name === 'now';
  // It is played once, before the first chorus.
  const bars = isNow && time === 0 ? row.bars : row.bars.filter((bar) => !isPickup(bar));
  return (
    <section className={`phrase ${isNow ? 'phrase-now' : 'phrase-next'}`} aria-label={name}>
      <h2 className="phrase-name">
        {row.section && <b>{row.section}</b>} {name}
      </h2>
      <button type="button" className="phrase-bars" onClick={onPress} aria-label={spoken(name)}>
        {bars.map((bar) => (
          <span
            key={bar.number}
            className={isPickup(bar) ? 'phrase-bar phrase-pickup' : 'phrase-bar'}
          >
            <BarHead bar={bar} />
            {isNow && <Hits composed={composed} bar={bar} time={time} />}
            <span className="phrase-chords">
              <Chords bar={bar} chorus={chorus} sounding={sounding} isNow={isNow} />
            </span>
          </span>
        ))}
      </button>
    </section>
  );
}

const spoken = (name: string): string =>
  name === 'now' ? 'now: to the next phrase' : `${name}: go there`;

const BarHead = ({ bar: { number, bar } }: { readonly bar: PlayedBar }) => (
  <small className="phrase-head">
    {isPickup({ number }) ? 'pickup' : number}{' '}
    {bar.words && <i>{bar.words.map(prettyText).join(', ')}</i>}
  </small>
);

interface ChordsProps extends Pick<PhraseProps, 'chorus' | 'sounding'> {
  readonly bar: PlayedBar;
  readonly isNow: boolean;
}

function Chords({ bar: { number }, chorus, sounding, isNow }: ChordsProps) {
  const { events, path, changes } = chorus;
  const own = events.flatMap((event, at) => (event.bar === number ? [{ event, at }] : []));
  if (!own.some(({ event }) => !event.part)) return <span className="quiet">–</span>;
  return own.map(({ event, at }) => {
    const [voicing, before, change] = [path[at], path[at - 1], changes[at - 1]];
    return (
      <span key={at} className={event === sounding ? 'phrase-chord sounding' : 'phrase-chord'}>
        <span className="phrase-symbol">
          {event.part ? '·' : <ChordSymbol symbol={event.chord.symbol} />}
        </span>
        {isNow && voicing && (
          <span className="phrase-grip">
            {before && change && <IntoChord from={before} to={voicing} change={change} />}
            <Grip voicing={voicing} size="large" />
          </span>
        )}
      </span>
    );
  });
}

interface HitsProps {
  /** Nothing until the comp is worked out: its line is there before. */
  readonly composed: ComposedChoruses | undefined;
  readonly bar: PlayedBar;
  readonly time: number;
}

const LANE = { width: 240, height: 16 };

/** When the comp sounds in a bar: short or long, an accent higher, a push with its point towards the bar it plays. */
function Hits({ composed, bar, time }: HitsProps) {
  const { width, height } = LANE;
  const hits = composed ? hitsInBar(composed, bar, time) : [];
  return (
    <svg
      className="phrase-hits"
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      aria-hidden
    >
      <line x1={0} x2={width} y1={height - 1} y2={height - 1} />
      {hits.map(({ at, length, isPush, isAccented }) => {
        const [x, long] = [at * width, Math.max(5, length * width - 3)];
        const top = isAccented ? 2 : 6;
        return isPush ? (
          <path
            key={at}
            d={`M${x} ${top} H${x + long} l5 ${(height - 3 - top) / 2} L${x + long} ${height - 3} H${x} Z`}
          />
        ) : (
          <rect key={at} x={x} y={top} width={long} height={height - 3 - top} />
        );
      })}
    </svg>
  );
}
