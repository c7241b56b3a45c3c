import { midi, recallPlayed, type ChartEvent } from '@drop-close/core';
import { useRef, useState, type RefObject } from 'react';

interface Recall {
  /** What was written, by slot. */
  readonly written: ReadonlyMap<string, string>;
  readonly write: (slot: string, text: string) => void;
  /** Into the field in hand, or the next empty one. */
  readonly choose: (symbol: string) => void;
  /** A chord that is played goes where it is asked for; the next one played, to the next place. */
  readonly play: (pitches: readonly number[]) => void;
  /** This field is in hand now. */
  readonly take: (slot: string) => void;
  readonly field: RefObject<HTMLFormElement | null>;
}

/** What is recalled of a chart: typed, clicked or played. */
export function useRecall(asked: readonly ChartEvent[]): Recall {
  const [written, setWritten] = useState<ReadonlyMap<string, string>>(new Map());
  const [inHand, setInHand] = useState<string>();
  const field = useRef<HTMLFormElement>(null);
  const write = (slot: string, text: string): void => {
    setWritten((before) => new Map([...before, [slot, text]]));
  };
  const focus = (slot: string): void => {
    setInHand(slot);
    field.current?.querySelector<HTMLInputElement>(`[data-slot="${CSS.escape(slot)}"]`)?.focus();
  };
  const position = Math.max(
    0,
    asked.findIndex(({ place }) => place.slot === inHand),
  );
  const choose = (symbol: string): void => {
    const empty = [...asked.slice(position), ...asked.slice(0, position)].filter(
      ({ place }) => !written.get(place.slot),
    );
    const [goal, next] = empty.map(({ place }) => place.slot);
    if (goal === undefined) return;
    write(goal, symbol);
    focus(next ?? goal);
  };
  const play = (pitches: readonly number[]): void => {
    const begins = pitches.length === 1 && !!written.get(asked[position]?.place.slot ?? '');
    const goal = (begins ? asked[position + 1] : undefined) ?? asked[position];
    if (!goal) return;
    if (begins) focus(goal.place.slot);
    if (goal.chord.kind !== 'chord') return;
    const symbol = recallPlayed(goal.chord, pitches.map(midi));
    if (symbol !== undefined) write(goal.place.slot, symbol);
  };
  return { written, write, choose, play, take: setInHand, field };
}
