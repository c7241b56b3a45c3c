import { wholePositions, type ChartEvent } from '@drop-close/core';
import { Button, Select } from 'antd';
import { useDocument } from '../document/store';
import { useChorus } from '../engine/useChorus';

/** Splits the chord in hand at a beat, to be voiced in two colours, or joins its parts again. */
export function SplitTool({ index }: { index: number }) {
  const events = useChorus()?.timeline.events ?? [];
  const event = events[index];
  if (event?.chord.kind !== 'chord') return null;
  const whole = wholePositions(events)[index]!;
  const begins = events.findIndex((_, at) => wholePositions(events)[at] === whole);
  const dispatch = (after: number, standing: boolean): void => {
    const { symbol } = event.chord;
    useDocument
      .getState()
      .dispatch({ type: 'split', split: { at: whole, symbol, after }, standing });
  };
  const before = event.at - events[begins]!.at;
  if (event.part) {
    return (
      <Button
        title="Join this part to the one before"
        onClick={() => {
          dispatch(before, false);
        }}
      >
        Join
      </Button>
    );
  }
  const places = splitPlaces(event);
  if (!places.length) return null;
  return (
    <Select
      aria-label="Split this chord"
      placeholder="Split…"
      popupMatchSelectWidth={false}
      value={null}
      options={places.map((after) => ({ value: after, label: placeInWords(event, after) }))}
      onChange={(after: number) => {
        dispatch(before + after, true);
      }}
    />
  );
}

/** Every quarter inside a chord, for a short one its half. */
export function splitPlaces({ length }: Pick<ChartEvent, 'length'>): number[] {
  const quarters = Array.from({ length: Math.max(0, Math.ceil(length) - 1) }, (_, i) => i + 1);
  const inside = quarters.filter((after) => after < length);
  return inside.length || length < 0.5 ? inside : [length / 2];
}

const placeInWords = ({ beat }: ChartEvent, after: number): string =>
  `a second colour ${after === 1 ? '1 beat' : `${after} beats`} on (beat ${beat + after})`;
