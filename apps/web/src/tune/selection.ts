import type { ChartEvent } from '@drop-close/core';
import { useCallback, useEffect, useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { create } from 'zustand';
import { useChorus } from '../engine/useChorus';

const NO_EVENTS: readonly ChartEvent[] = [];

interface Place {
  /** From 1; a pickup is 0. */
  readonly bar: number;
  readonly beat: number;
}

/** The place in hand. A key pressed right after another acts on it at once; the address follows. */
const usePlace = create<Place>(() => ({ bar: 1, beat: 1 }));

export interface Selection {
  /** Position among the chords of the chorus; 0 where the address names none. */
  readonly index: number;
  readonly event: ChartEvent | undefined;
  readonly select: (index: number) => void;
}

/** The chord sounding at a bar and beat: the last that begins there or before. */
export function eventAt(events: readonly ChartEvent[], { bar, beat }: Place): number {
  const found = events.findLastIndex(
    (event) => event.bar < bar || (event.bar === bar && event.beat <= beat),
  );
  return Math.max(0, found);
}

/** Takes up the place of a chord that the engine may not have voiced yet. */
export const selectPlace = ({ bar, beat }: Pick<ChartEvent, 'bar' | 'beat'>): void => {
  usePlace.setState({ bar, beat });
};

/** Which of some chords is in hand. */
export const useIndexAmong = (events: readonly ChartEvent[]): number => eventAt(events, usePlace());

/** The chord in hand, and how to take up another. */
export function useSelection(): Selection {
  const place = usePlace();
  const events = useChorus()?.timeline.events ?? NO_EVENTS;
  const index = eventAt(events, place);
  const select = useCallback(
    (wanted: number) => {
      const event = events[Math.min(Math.max(0, wanted), events.length - 1)];
      if (event) usePlace.setState({ bar: event.bar, beat: event.beat });
    },
    [events],
  );
  return useMemo(() => ({ index, event: events[index], select }), [index, events, select]);
}

/** A pickup is bar 0, so that is the least a bar can be. */
const numberOf = (text: string | null, least: number): number => {
  const value = Number(text ?? 1);
  return Number.isFinite(value) && value >= least ? value : 1;
};

/**
 * Keeps the place in the address, `?bar=5&beat=3`, so that it can be bookmarked or sent; an address
 * that comes in sets the place. Used once, by the tune's page.
 */
export function usePlaceInAddress(): void {
  const [parameters, setParameters] = useSearchParams();
  const bar = numberOf(parameters.get('bar'), 0);
  const beat = numberOf(parameters.get('beat'), 1);
  useEffect(() => {
    usePlace.setState({ bar, beat });
  }, [bar, beat]);
  useEffect(
    () =>
      usePlace.subscribe((place, before) => {
        if (place.bar === before.bar && place.beat === before.beat) return;
        setParameters({ bar: String(place.bar), beat: String(place.beat) }, { replace: true });
      }),
    [setParameters],
  );
}
