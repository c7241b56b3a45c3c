import { deviceOf, phrasesOf } from '@drop-close/core';
import { memo, useMemo, useRef } from 'react';
import { useTune } from '../document/store';
import type { ComposedChoruses } from '../engine/protocol';
import type { SystemLayout } from '../voice/threads/threadLayout';
import { compActions } from './desk/compActions';
import { useNotation } from '../profile/useNotation';
import { prettyText } from '../ui/symbol';
import { HitMark } from './HitMark';
import { heardPlaces, judgedByPlace, samePlace, type HitPlace } from './desk/hits';
import { drawnSolo, laneBars, placeAt, xAt, type LaneBar } from './laneLayout';
import { useCompDesk } from './desk/useCompDesk';

const SOLO_HEIGHT = 46;
const HITS_HEIGHT = 34;

interface LaneProps {
  readonly composed: ComposedChoruses;
  readonly system: SystemLayout;
  readonly width: number;
  /** The first lane says what its rows are. */
  readonly first: boolean;
}

/** Under a system: the soloist, and the hits of the comping hand in time. */
export const CompLane = memo(function CompLane({ composed, system, width, first }: LaneProps) {
  const { hits } = useTune().setup.comp;
  const { hit: inHand } = useCompDesk();
  const lane = useRef<HTMLDivElement>(null);
  const { timeline, line, sounding, judged, devised } = composed;
  const bars = useMemo(() => laneBars(system, timeline), [system, timeline]);
  const judgement = useMemo(() => judgedByPlace(sounding, judged), [sounding, judged]);
  const heard = useMemo(() => heardPlaces(sounding, devised), [sounding, devised]);
  const numbers = new Set(bars.map(({ number }) => number));
  const placeOf = (clientX: number): HitPlace | undefined => {
    const left = lane.current?.getBoundingClientRect().left ?? 0;
    return placeAt(bars, clientX - left);
  };
  return (
    <div className="lane" ref={lane}>
      {line.length > 0 && <SoloRow bars={bars} composed={composed} width={width} first={first} />}
      <div
        className="lane-hits"
        style={{ height: HITS_HEIGHT }}
        onClick={(event) => {
          const place = placeOf(event.clientX);
          if (place && event.target === event.currentTarget) compActions.toggle(place);
        }}
      >
        <Grid bars={bars} width={width} />
        <Devices bars={bars} composed={composed} />
        {first && <span className="lane-name">hits</span>}
        {hits
          .filter(({ bar }) => numbers.has(bar))
          .map((hit) => {
            const from = bars.find(({ number }) => number === hit.bar)!.from + hit.at;
            return (
              <HitMark
                key={`${hit.bar} ${hit.at}`}
                hit={hit}
                judgement={judgement(hit)}
                silent={!heard(hit)}
                x={xAt(bars, from)}
                end={xAt(bars, from + hit.length)}
                selected={samePlace(inHand, hit)}
                placeOf={placeOf}
              />
            );
          })}
      </div>
    </div>
  );
});

function Grid({ bars, width }: { bars: readonly LaneBar[]; width: number }) {
  return (
    <svg className="lane-grid" width={width} height={HITS_HEIGHT} aria-hidden>
      {bars.flatMap((bar) =>
        Array.from({ length: Math.round(bar.length / 240) }, (_, eighth) => {
          const x = xAt([bar], bar.from + eighth * 240);
          const beat = eighth % 2 === 0;
          return (
            <line
              key={`${bar.number} ${eighth}`}
              className={beat ? 'lane-beat' : 'lane-and'}
              x1={x}
              x2={x}
              y1={beat ? 8 : 13}
              y2={HITS_HEIGHT - (beat ? 8 : 13)}
            />
          );
        }),
      )}
    </svg>
  );
}

/** Where devices stand, by name. */
function Devices({ bars, composed }: { bars: readonly LaneBar[]; composed: ComposedChoruses }) {
  const { sentence } = useNotation();
  const [first, last] = [bars[0], bars.at(-1)];
  if (!first || !last) return null;
  const end = last.from + last.length;
  return composed.placed
    .filter(({ from, to }) => to * 480 > first.from && from * 480 < end)
    .map(({ applied, offer, from, to }) => {
      const x = xAt(bars, Math.max(first.from, from * 480));
      const label = prettyText(`${deviceOf(applied.device).label}: ${sentence(offer.label)}`);
      return (
        <span
          key={`${applied.chorus} ${applied.at}`}
          className="lane-device"
          style={{ left: x - 6, width: xAt(bars, to * 480) - x }}
          title={label}
        >
          {label}
        </span>
      );
    });
}

interface SoloRowProps {
  readonly bars: readonly LaneBar[];
  readonly composed: ComposedChoruses;
  readonly width: number;
  readonly first: boolean;
}

/** The solo line, its phrases underlined, its gaps open. */
function SoloRow({ bars, composed: { line }, width, first }: SoloRowProps) {
  const phrases = useMemo(() => phrasesOf(line), [line]);
  const notes = useMemo(() => drawnSolo(bars, line, SOLO_HEIGHT - 10), [bars, line]);
  const [head, tail] = [bars[0], bars.at(-1)];
  if (!head || !tail) return null;
  const end = tail.from + tail.length;
  return (
    <div className="lane-solo" style={{ height: SOLO_HEIGHT }}>
      {first && <span className="lane-name">solo</span>}
      <svg width={width} height={SOLO_HEIGHT} aria-hidden>
        {phrases
          .filter((phrase) => phrase.end > head.from && phrase.at < end)
          .map((phrase) => {
            const x = xAt(bars, Math.max(head.from, phrase.at));
            return (
              <rect
                key={phrase.at}
                className="lane-phrase"
                x={x - 4}
                y={0}
                width={Math.max(6, xAt(bars, phrase.end) - x + 4)}
                height={SOLO_HEIGHT - 4}
                rx={3}
              />
            );
          })}
        {notes.map(({ x, y, width: long }, at) => (
          <rect key={at} className="lane-note" x={x} y={y} width={long} height={3.4} rx={1.5} />
        ))}
      </svg>
    </div>
  );
}
