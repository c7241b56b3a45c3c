import type { ChartEvent, Timeline } from '@drop-close/core';
import { Button } from 'antd';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { barWithin } from '../comp/desk/bars';
import { useComposing } from '../comp/useComposing';
import { useChorus } from '../engine/useChorus';
import { useComposition } from '../engine/useComposition';
import { useSoundingChord } from '../playback/useBand';
import { selectPlace, useCurrentPlace } from '../place/selection';
import { ChordSymbol } from '../profile/ChordSymbol';
import { standRows, type StandRow } from './standRows';
import { useAwake } from './useAwake';
import { useTurning } from './useTurning';
import './stand.css';

/** The changes as they are read from a music stand: what is now, what is next, turned by a foot or a tap. */
export default function StandPage() {
  useComposing();
  const chorus = useChorus();
  const composed = useComposition();
  const sounding = useSoundingChord();
  const rows = useMemo(() => (chorus ? standRows(chorus.timeline) : []), [chorus]);
  const place = useCurrentPlace();
  useAwake();
  const now = sounding === undefined ? undefined : composed?.timeline.events[sounding];
  const event = now && chorus && soundingOf(chorus.timeline, now);
  // While the band plays, the stand turns by itself; every chorus stands on the same lines.
  const row = rowOf(rows, event?.bar ?? barWithin(place.bar, composed?.barsEach ?? 0));
  const turn = (by: number): void => {
    const first = rows[Math.min(rows.length - 1, Math.max(0, row + by))]?.bars[0];
    if (first) selectPlace({ bar: first.number, beat: 1 });
  };
  useTurning(turn);
  if (!chorus) return <main className="page quiet">Setting the stand…</main>;
  if (!rows.length) return <main className="page quiet">There are no chords on this stand.</main>;
  const last = row + 1 >= rows.length;
  return (
    <main className="stand">
      {rows.slice(row, row + SHOWN).map((shown, position) => (
        <Row
          key={shown.bars[0]?.number}
          name={NAMES[position]!}
          row={shown}
          timeline={chorus.timeline}
          sounding={position === 0 ? event : undefined}
          onPress={() => {
            turn(1);
          }}
        />
      ))}
      {last && rows[0] && (
        <Row
          name="from the top"
          row={rows[0]}
          timeline={chorus.timeline}
          sounding={undefined}
          onPress={() => {
            turn(-row);
          }}
        />
      )}
      <nav className="stand-turns" aria-label="Turn">
        <Button
          size="large"
          disabled={row === 0}
          onClick={() => {
            turn(-1);
          }}
        >
          Back
        </Button>
        <span className="quiet" role="status">
          line {row + 1} of {rows.length}
        </span>
        <Button
          size="large"
          disabled={last}
          onClick={() => {
            turn(1);
          }}
        >
          On
        </Button>
        <Link to="../comp" relative="path">
          Off the stand
        </Link>
      </nav>
    </main>
  );
}

/** What is now, what is next, and what comes then. */
const NAMES = ['now', 'next', 'then'] as const;
const SHOWN = NAMES.length;

/** The chord of the one chorus in whose time another of all choruses sounds. */
function soundingOf({ events, length }: Timeline, { at }: ChartEvent): ChartEvent | undefined {
  const within = at < 0 || length <= 0 ? at : at % length;
  return events.findLast((event) => !event.part && event.at <= within + 1e-6);
}

const rowOf = (rows: readonly StandRow[], bar: number): number =>
  Math.max(
    0,
    rows.findLastIndex(({ bars }) => bars.some(({ number }) => number <= bar)),
  );

interface RowProps {
  readonly name: string;
  readonly row: StandRow;
  readonly timeline: Timeline;
  readonly sounding: ChartEvent | undefined;
  readonly onPress: () => void;
}

/** Four bars, as large as they go. */
function Row({ name, row, timeline, sounding, onPress }: RowProps) {
  return (
    <section
      className={`stand-row ${name === 'now' ? 'stand-now' : 'stand-next'}`}
      aria-label={name}
    >
      <h2 className="stand-name">
        {row.section && <b>{row.section}</b>} {name}
      </h2>
      <button
        type="button"
        className="stand-bars"
        onClick={onPress}
        aria-label={`${name}: turn on`}
      >
        {row.bars.map(({ number }) => {
          const chords = timeline.events.filter((event) => event.bar === number && !event.part);
          return (
            <span key={number} className="stand-bar">
              <small>{number}</small>
              {chords.map((event) => (
                <span
                  key={event.at}
                  className={event === sounding ? 'stand-chord sounding' : 'stand-chord'}
                >
                  <ChordSymbol symbol={event.chord.symbol} />
                </span>
              ))}
              {!chords.length && <span className="stand-chord quiet">–</span>}
            </span>
          );
        })}
      </button>
    </section>
  );
}
