import type { HandSpan, Timeline } from '@drop-close/core';
import { Picture } from '../../ui/picture/Picture';
import { timeAxis } from '../../ui/picture/timeAxis';
import type { PictureLook } from '../../ui/picture/looks';
import { useNotation } from '../../profile/useNotation';
import type { Notation } from '../../ui/notation';

interface HandPictureProps {
  readonly spans: readonly HandSpan[];
  readonly timeline: Timeline;
  readonly width: number;
  readonly look: PictureLook;
}

const HEIGHT = 150;
const LEFT = 30;
const RIGHT = 4;
const FOOT = 18;
const TOP = 8;
/** Frets that have a mark on the neck. Source: common practice. */
const MARKED = [3, 5, 7, 9, 12, 15, 17, 19, 21, 24];

/** Where the hands lie, chord by chord: up the page is up the neck, or up the keys. */
export function HandPicture({ spans, timeline, width, look }: HandPictureProps) {
  const { pitch: nameOf } = useNotation();
  const { events } = timeline;
  const isOnNeck = spans.some(({ hand }) => hand === 'fretting');
  const low = isOnNeck ? 0 : Math.min(...spans.map((each) => each.low)) - 2;
  const high = Math.max(...spans.map((each) => each.high)) + (isOnNeck ? 1 : 2);
  const { x, numbered } = timeAxis(timeline, LEFT, width - RIGHT);
  const y = (place: number): number =>
    HEIGHT - FOOT - ((HEIGHT - FOOT - TOP) * (place - low)) / (high - low);
  const marks = isOnNeck ? MARKED.filter((fret) => fret <= high) : octavesOf(low, high);
  return (
    <Picture {...{ width, look }} height={HEIGHT} label={inWords(spans, isOnNeck, nameOf)}>
      {marks.map((place) => (
        <g key={place}>
          <line x1={LEFT} x2={width} y1={y(place)} y2={y(place)} stroke={look.line} />
          <text fill={look.quiet} x={LEFT - 6} y={y(place) + 4} textAnchor="end">
            {isOnNeck ? place : nameOf(place)}
          </text>
        </g>
      ))}
      {numbered.map(({ number, x: left }) => (
        <text key={number} fill={look.quiet} x={left} y={HEIGHT - 4}>
          {number}
        </text>
      ))}
      {spans.map(({ at, hand, low: from, high: to }) => {
        const event = events[at];
        if (!event) return null;
        const [left, right] = [x(event.at), x(event.at + event.length)];
        return (
          <rect
            key={`${at} ${hand}`}
            x={left + 0.5}
            width={Math.max(1.5, right - left - 1.5)}
            y={y(to) - 3}
            height={y(from) - y(to) + 6}
            rx={2}
            fill={hand === 'left' ? look.ground : look.ink}
            stroke={look.ink}
            fillOpacity={hand === 'left' ? 1 : 0.75}
          />
        );
      })}
    </Picture>
  );
}

const octavesOf = (low: number, high: number): number[] =>
  Array.from({ length: 11 }, (_, octave) => octave * 12).filter(
    (midi) => midi >= low && midi <= high,
  );

function inWords(spans: readonly HandSpan[], isOnNeck: boolean, nameOf: Notation['pitch']): string {
  const hands = [...new Set(spans.map(({ hand }) => hand))];
  return hands
    .map((hand) => {
      const own = spans.filter((each) => each.hand === hand);
      const [low, high] = [
        Math.min(...own.map((each) => each.low)),
        Math.max(...own.map((each) => each.high)),
      ];
      const place = (at: number): string => (isOnNeck ? `fret ${at}` : nameOf(at));
      return `The ${hand} hand from ${place(low)} to ${place(high)}`;
    })
    .join('; ');
}
