import type { Ticks } from '../base/units';
import { EIGHTH } from '../comp/base/time';
import type { Hit } from '../comp/base/types';
import type { Decision, RoomLeft } from '../comp/solo/leaveRoom';
import { roomFor, type LeaveRoomRequest } from '../comp/solo/soloRoom';
import { settledInstrument, type Composed, type ComposeRequest } from './compose';
import { lineNeedsHand } from './ownLine';

/**
 * Hits that still rub end where the soloist's note begins, or are short where that is too soon to be held; short
 * ones that rub are left out.
 */
export function withoutClashes(
  composed: Composed,
  hits: readonly Hit[],
  question: LeaveRoomRequest,
  request: ComposeRequest,
): RoomLeft {
  const { sounding, judged, voiced } = composed;
  const room = roomFor(question);
  const decisions: Decision[] = [];
  const path = request.comp.ownLine && voiced.status === 'found' ? voiced.path : undefined;
  const needed = path
    ? lineNeedsHand(sounding, path, question.line, settledInstrument(request))
    : new Map<Hit, Ticks>();
  const rubsFrom = new Map(
    sounding.flatMap(({ hit }, at): (readonly [Hit, Ticks])[] => {
      const times = (judged[at]?.clashes ?? []).map(({ from }) => from);
      return times.length ? [[hit, Math.min(...times) as Ticks]] : [];
    }),
  );
  const kept = hits.flatMap((hit): Hit[] => {
    const [rubs, hand] = [rubsFrom.get(hit), needed.get(hit)];
    if (rubs === undefined && hand === undefined) return [hit];
    const from = Math.min(rubs ?? Infinity, hand ?? Infinity);
    const place = { bar: hit.bar, at: hit.at };
    const why =
      hand === from
        ? 'The line needs the hand.'
        : 'No voicing keeps clear of the note that is held.';
    if (hit.hold === 'short') {
      decisions.push({ ...place, doing: 'left out', why });
      return [];
    }
    decisions.push({ ...place, doing: 'shortened', why });
    const until = room.lengthTo(hit, from);
    const cutOff = room.cutOff(hit);
    return until > EIGHTH && until < hit.length && cutOff.length === EIGHTH
      ? [{ ...hit, hold: 'full', length: until }]
      : [cutOff];
  });
  return { hits: kept, decisions };
}
