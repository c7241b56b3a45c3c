import type { ChartEvent } from '@drop-close/core';
import { useCallback, useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useChorus } from '../engine/useChorus';

const NO_EVENTS: readonly ChartEvent[] = [];

export interface Selection {
  /** Position among the chords of the chorus; 0 where the address names none. */
  readonly index: number;
  readonly event: ChartEvent | undefined;
  readonly select: (index: number) => void;
}

/** The chord sounding at a bar and beat: the last that begins there or before. */
export function eventAt(events: readonly ChartEvent[], bar: number, beat: number): number {
  const found = events.findLastIndex(
    (event) => event.bar < bar || (event.bar === bar && event.beat <= beat),
  );
  return Math.max(0, found);
}

/** The chord in hand. It stands in the address, `?bar=5&beat=3`, so that a place can be sent. */
export function useSelection(): Selection {
  const [parameters, setParameters] = useSearchParams();
  const events = useChorus()?.timeline.events ?? NO_EVENTS;
  const bar = Number(parameters.get('bar') ?? 1);
  const beat = Number(parameters.get('beat') ?? 1);
  const index = eventAt(events, bar, beat);
  const select = useCallback(
    (wanted: number) => {
      const event = events[Math.min(Math.max(0, wanted), events.length - 1)];
      if (!event) return;
      const place = { bar: String(event.bar), beat: String(event.beat) };
      setParameters(place, { replace: true });
    },
    [events, setParameters],
  );
  return useMemo(() => ({ index, event: events[index], select }), [index, events, select]);
}
