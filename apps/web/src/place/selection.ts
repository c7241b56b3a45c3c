import type { ChartEvent } from '@drop-close/core';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { create } from 'zustand';
import { useChorus } from '../engine/useChorus';
import { useComposition } from '../engine/useComposition';

const NO_EVENTS: readonly ChartEvent[] = [];

export interface BarAndBeat {
  /** From 1; a pickup is 0. */
  readonly bar: number;
  readonly beat: number;
}

/** The place in hand. A key pressed right after another acts on it at once; the address follows. */
const usePlace = create<BarAndBeat>(() => ({ bar: 1, beat: 1 }));

export interface Selection {
  /** Position among the chords of the chorus, on the Comp screen of all choruses; 0 where the address names none. */
  readonly index: number;
  readonly event: ChartEvent | undefined;
  readonly select: (index: number) => void;
}

/** The chord sounding at a bar and beat: the last that begins there or before. */
export function eventAt(events: readonly ChartEvent[], { bar, beat }: BarAndBeat): number {
  const found = events.findLastIndex(
    (event) => event.bar < bar || (event.bar === bar && event.beat <= beat),
  );
  return Math.max(0, found);
}

/** Takes up the place of a chord that the engine may not have voiced yet. */
export const selectPlace = ({ bar, beat }: BarAndBeat): void => {
  usePlace.setState({ bar, beat });
};

export const currentPlace = (): BarAndBeat => usePlace.getState();

export const useCurrentPlace = (): BarAndBeat => usePlace();

/** Which of some chords is in hand. */
export const useIndexAmong = (events: readonly ChartEvent[]): number => eventAt(events, usePlace());

/** The chord in hand, and how to take up another. */
export function useSelection(): Selection {
  const place = usePlace();
  const chorus = useChorus();
  const composed = useComposition();
  const events = (composed ?? chorus)?.timeline.events ?? NO_EVENTS;
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

/** The place in hand as it stands in an address; empty at the beginning. */
export function usePlaceSearch(): string {
  const { bar, beat } = usePlace();
  return bar === 1 && beat === 1 ? '' : `?bar=${bar}&beat=${beat}`;
}

/** The address is written when one has stood still for so many milliseconds. */
const AT_REST = 400;

/**
 * Keeps the place in the address, `?bar=5&beat=3`, so that it can be bookmarked or sent; an address
 * that comes in sets the place. Used once, by the tune's page.
 */
export function usePlaceInAddress(): void {
  const [parameters, setParameters] = useSearchParams();
  const bar = numberOf(parameters.get('bar'), 0);
  const beat = numberOf(parameters.get('beat'), 1);
  // What stands in the address, and how to write there, for the timer below.
  const { pathname } = useLocation();
  const address = useRef({ bar, beat, pathname, write: setParameters });
  const own = useRef<BarAndBeat>(undefined);
  useEffect(() => {
    address.current = { bar, beat, pathname, write: setParameters };
  });
  useEffect(() => {
    // What was written here does not come in again: one may have stepped on meanwhile.
    const echo = own.current?.bar === bar && own.current.beat === beat;
    own.current = undefined;
    if (!echo) usePlace.setState({ bar, beat });
  }, [bar, beat]);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const write = (): void => {
      const place = usePlace.getState();
      const there = address.current;
      if (place.bar === there.bar && place.beat === there.beat) return;
      // Another screen is on its way: writing here would bring this one back.
      if (there.pathname !== window.location.pathname) return;
      own.current = place;
      // What else a screen has in the address stays there.
      const next = new URLSearchParams(window.location.search);
      next.set('bar', String(place.bar));
      next.set('beat', String(place.beat));
      there.write(next, { replace: true });
    };
    const unsubscribe = usePlace.subscribe(() => {
      // Every address is news to the whole page; stepping on from chord to chord does not wait for it.
      clearTimeout(timer);
      timer = setTimeout(write, AT_REST);
    });
    return () => {
      unsubscribe();
      clearTimeout(timer);
    };
  }, []);
}
