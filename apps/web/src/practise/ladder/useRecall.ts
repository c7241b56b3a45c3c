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
  // Keys are struck faster than the page is drawn: what they go by is what is so by now.
  const now = useRef({ written, inHand: undefined as string | undefined });
  const field = useRef<HTMLFormElement>(null);
  const write = (slot: string, text: string): void => {
    now.current.written = new Map([...now.current.written, [slot, text]]);
    setWritten(now.current.written);
  };
  const take = (slot: string): void => {
    now.current.inHand = slot;
  };
  const focus = (slot: string): void => {
    take(slot);
    field.current?.querySelector<HTMLInputElement>(`[data-slot="${CSS.escape(slot)}"]`)?.focus();
  };
  const position = (): number =>
    Math.max(
      0,
      asked.findIndex(({ place }) => place.slot === now.current.inHand),
    );
  const isWritten = (event: ChartEvent | undefined): boolean =>
    !!now.current.written.get(event?.place.slot ?? '');
  const choose = (symbol: string): void => {
    const at = position();
    const empty = [...asked.slice(at), ...asked.slice(0, at)].filter((event) => !isWritten(event));
    const [goal, next] = empty.map(({ place }) => place.slot);
    if (goal === undefined) return;
    write(goal, symbol);
    focus(next ?? goal);
  };
  const play = (pitches: readonly number[]): void => {
    const at = position();
    const begins = pitches.length === 1 && isWritten(asked[at]);
    const goal = (begins ? asked[at + 1] : undefined) ?? asked[at];
    if (!goal) return;
    if (begins) focus(goal.place.slot);
    if (goal.chord.kind !== 'chord') return;
    const symbol = recallPlayed(goal.chord, pitches.map(midi));
    if (symbol !== undefined) write(goal.place.slot, symbol);
  };
  return { written, write, choose, play, take, field };
}
