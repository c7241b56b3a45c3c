import type { Hit, HitJudgement } from '@drop-close/core';
import { EIGHTH, ticks } from '@drop-close/core';
import type { PointerEvent } from 'react';
import { compActions } from './desk/compActions';
import { samePlace, spokenHit, troubles, type HitPlace } from './desk/hits';
import { useCompDesk } from './desk/useCompDesk';

interface HitMarkProps {
  readonly hit: Hit;
  readonly judgement: HitJudgement | undefined;
  /** A movement sounds in its place. */
  readonly silent: boolean;
  readonly x: number;
  readonly end: number;
  readonly selected: boolean;
  readonly placeOf: (clientX: number) => HitPlace | undefined;
}

const SHORT_WIDTH = 11;
/** The last pixels of a mark pull it longer. */
const EDGE = 9;

const TOUCH_SIGNS = { plain: '', grace: '♪', rolled: '≀', tremolo: '≡' } as const;

/** One hit: short ones are wedges, held ones bars, those left to ring open to the right. */
export function HitMark({ hit, judgement, silent, x, end, selected, placeOf }: HitMarkProps) {
  const wrong = silent ? [] : troubles(hit, judgement);
  const state = [
    `hit-${hit.hold.replace(' ', '-')}`,
    selected && 'selected',
    silent && 'hit-silent',
    hit.accent && 'hit-accent',
    hit.loudness !== undefined && `hit-loudness-${hit.loudness}`,
    judgement?.place === 'under a long note' && 'hit-under',
    wrong.length > 0 && 'hit-wrong',
  ]
    .filter(Boolean)
    .join(' ');
  const width = hit.hold === 'short' ? SHORT_WIDTH : Math.max(SHORT_WIDTH, end - x - 2);
  return (
    <button
      type="button"
      className={`hit ${state}`}
      style={{ left: x - 4, width }}
      aria-label={spokenHit(hit, judgement, silent)}
      aria-pressed={selected}
      title={wrong.length ? wrong.join(', ') : judgement?.place}
      onFocus={() => {
        useCompDesk.setState({ hit: { bar: hit.bar, at: hit.at } });
      }}
      onPointerDown={(event) => {
        startDrag(event, hit, placeOf);
      }}
    >
      <span className="hit-sign" aria-hidden>
        {TOUCH_SIGNS[hit.touch]}
      </span>
      {wrong.length > 0 && (
        <span className="hit-warning" aria-hidden>
          !
        </span>
      )}
    </button>
  );
}

/**
 * A mark follows the pointer from eighth to eighth; taken at its end it grows. The pointer is listened to on the
 * whole page: where the hit comes to stand it is another mark.
 */
function startDrag(
  event: PointerEvent<HTMLElement>,
  hit: Hit,
  placeOf: HitMarkProps['placeOf'],
): void {
  const { right } = event.currentTarget.getBoundingClientRect();
  const edge = hit.hold !== 'short' && right - event.clientX < EDGE;
  let at: HitPlace = { bar: hit.bar, at: hit.at };
  let { length } = hit;
  useCompDesk.setState({ hit: at, tab: 'hits' });
  const move = ({ clientX }: globalThis.PointerEvent): void => {
    const place = placeOf(clientX);
    if (!place) return;
    if (!edge) {
      if (samePlace(place, at)) return;
      compActions.move(at, place);
      at = place;
    } else if (place.bar === at.bar && place.at > at.at) {
      const eighths = Math.round((place.at - at.at - length) / EIGHTH);
      if (eighths === 0) return;
      compActions.lengthen(eighths, at);
      length = ticks(length + eighths * EIGHTH);
    }
  };
  const end = (): void => {
    globalThis.removeEventListener('pointermove', move);
    globalThis.removeEventListener('pointerup', end);
    globalThis.removeEventListener('pointercancel', end);
  };
  globalThis.addEventListener('pointermove', move);
  globalThis.addEventListener('pointerup', end);
  globalThis.addEventListener('pointercancel', end);
}
