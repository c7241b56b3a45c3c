import type { Change, Voicing } from '@drop-close/core';
import { Button } from 'antd';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { barWithin, timeThrough } from '../comp/desk/bars';
import { useComposing } from '../comp/useComposing';
import { useChorus } from '../engine/useChorus';
import { useComposition } from '../engine/useComposition';
import { soundingAmong } from '../playback/soundingAmong';
import { useSoundingChord } from '../playback/useBand';
import { selectPlace, useCurrentPlace } from '../place/selection';
import { FormStrip } from './FormStrip';
import { Phrase } from './Phrase';
import { standRows, type StandRow } from './standRows';
import { useAwake } from './useAwake';
import { useTurning } from './useTurning';
import './stand.css';

const NO_PATH: readonly Voicing[] = [];
const NO_CHANGES: readonly Change[] = [];

/** The tune on a music stand: the form with where the band is, the phrase that sounds, the one that comes; turned by a foot or a tap. */
export default function StandPage() {
  useComposing();
  const chorus = useChorus();
  const composed = useComposition();
  const sounding = useSoundingChord();
  const rows = useMemo(() => (chorus ? standRows(chorus.timeline) : []), [chorus]);
  const place = useCurrentPlace();
  useAwake();
  const now = sounding === undefined ? undefined : composed?.timeline.events[sounding];
  const event = now && chorus?.timeline.events[soundingAmong(chorus.timeline, now.at)];
  const barsEach = composed?.barsEach ?? 0;
  // While the band plays, the stand turns by itself; every chorus stands on the same lines.
  const row = rowOf(rows, event?.bar ?? barWithin(place.bar, barsEach));
  const go = (to: number): void => {
    const first = rows[Math.min(rows.length - 1, Math.max(0, to))]?.bars[0];
    if (first) selectPlace({ bar: first.number, beat: 1 });
  };
  useTurning((by) => {
    go(row + by);
  });
  if (!chorus) return <main className="page quiet">Opening the stand…</main>;
  if (!rows.length) return <main className="page quiet">There are no chords on this stand.</main>;
  const { outcome, timeline } = chorus;
  const isVoiced = outcome.status === 'found';
  const shared = {
    chorus: {
      events: timeline.events,
      path: isVoiced ? outcome.path : NO_PATH,
      changes: isVoiced ? outcome.changes : NO_CHANGES,
    },
    composed,
    time: timeThrough(now?.bar ?? place.bar, barsEach),
  };
  const last = row + 1 >= rows.length;
  const next = last ? 0 : row + 1;
  return (
    <main className="stand">
      <FormStrip rows={rows} row={row} bar={event?.bar} onGo={go} />
      <Phrase
        {...shared}
        name="now"
        row={rows[row]!}
        sounding={event}
        onPress={() => {
          go(row + 1);
        }}
      />
      <Phrase
        {...shared}
        name={last ? 'from the top' : 'next'}
        row={rows[next]!}
        sounding={undefined}
        onPress={() => {
          go(next);
        }}
      />
      <nav className="stand-turns" aria-label="Turn">
        <Button
          size="large"
          disabled={row === 0}
          onClick={() => {
            go(row - 1);
          }}
        >
          Back
        </Button>
        <span className="quiet" role="status">
          phrase {row + 1} of {rows.length}
        </span>
        <Button
          size="large"
          disabled={last}
          onClick={() => {
            go(row + 1);
          }}
        >
          Next phrase
        </Button>
        <Link to="../comp" relative="path">
          Off the stand
        </Link>
      </nav>
    </main>
  );
}

const rowOf = (rows: readonly StandRow[], bar: number): number =>
  Math.max(
    0,
    rows.findLastIndex(({ bars }) => bars.some(({ number }) => number <= bar)),
  );
