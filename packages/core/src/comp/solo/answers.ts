import { quartersInBar } from '../../chart/meter';
import { ticks } from '../../base/units';
import { EIGHTH, gridOf } from '../base/time';
import type { Hit } from '../base/types';
import { inOrder, type Decision, type RoomLeft } from './leaveRoom';
import { roomFor, type LeaveRoomRequest } from './soloRoom';
import { endsLong, type Zone } from './zones';

/** A gap that goes unanswered so long, in eighths, gets an answer. Source: our own judgement. */
const UNANSWERED = 4;
/** After the soloist stops one breathes for an eighth before one answers. */
const BREATH = 1;

type Gap = Extract<Zone, { kind: 'gap' }>;

/**
 * Answers put into the gaps that nothing sounds in, long after long and short after short; and where the
 * soloist leaves no gap for two bars, one soft chord on one, so that the form is heard.
 * @param plays whether the comp plays in a bar at all
 */
export function answered(
  left: RoomLeft,
  request: LeaveRoomRequest,
  plays: (bar: number) => boolean,
): RoomLeft {
  const room = roomFor(request);
  const hits = [...left.hits];
  const decisions = [...left.decisions];
  const put = (hit: Hit, why: string): void => {
    hits.push(hit);
    decisions.push({ bar: hit.bar, at: hit.at, doing: 'put in', why } satisfies Decision);
  };
  let empty = 0;
  for (const { number, meter } of request.timeline.bars) {
    if (number < 1 || !plays(number)) continue;
    const zones = gridOf(meter).map((at) => ({ at, zone: room.zoneOf({ bar: number, at }) }));
    const inBar = hits.filter(({ bar }) => bar === number);
    const free = zones.filter(({ zone }) => zone?.kind === 'gap');
    const place = free.length >= UNANSWERED ? free[BREATH] : undefined;
    if (inBar.length) empty = 0;
    else if (place?.zone?.kind === 'gap') {
      put(answerTo(number, place.at, place.zone, quartersInBar(meter)), reason(place.zone));
      empty = 0;
    } else if (zones.every(({ zone }) => zone?.kind === 'line')) {
      empty += 1;
      if (empty === 2) {
        put(
          softOne(number, quartersInBar(meter)),
          'Two bars without a gap: one chord, so that the form is heard.',
        );
        empty = 0;
      }
    }
  }
  return { hits: inOrder(hits), decisions };
}

const reason = ({ after }: Gap): string =>
  !after || !endsLong(after)
    ? 'Nothing sounded in this gap: a short answer.'
    : 'Nothing sounded in this gap: a long answer, as the phrase ended long.';

function answerTo(bar: number, at: Hit['at'], { after }: Gap, quarters: number): Hit {
  const long = after !== undefined && endsLong(after);
  const rest = quarters * 2 * EIGHTH - at;
  const length = long ? ticks(Math.min(rest, 4 * EIGHTH)) : EIGHTH;
  return { bar, at, length, hold: long ? 'full' : 'short', touch: 'plain', accent: false };
}

const softOne = (bar: number, quarters: number): Hit => ({
  bar,
  at: ticks(0),
  length: ticks(Math.round(quarters) * EIGHTH),
  hold: 'full',
  touch: 'plain',
  accent: false,
});
