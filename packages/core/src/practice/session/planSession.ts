/**
 * A session: so many minutes, for an aim. Half of them go to what is due, the least known first; a quarter to one new
 * thing; the rest to one tune from beginning to end; five minutes' rest after twenty-five. Source: common practice.
 */
import { knownAt } from '../schedule/scheduleOf';
import type { Known } from '../items/holes';
import { itemKey, type PracticeItem } from '../items/items';

export type SessionPart =
  | { readonly kind: 'due' | 'new'; readonly item: PracticeItem; readonly minutes: number }
  | { readonly kind: 'tune'; readonly tuneId: string; readonly minutes: number }
  | { readonly kind: 'rest'; readonly minutes: number };

export interface SessionWish {
  /** To be practised; rests come on top. 5..240 */
  readonly minutes: number;
  /** Tunes that it is for, in their order; any when left out. Forms are for every aim. */
  readonly tunes?: readonly string[];
  /** In ms since 1970. */
  readonly now: number;
}

/** Of one item, in minutes. */
const EACH = 2;
const NEW_AT_MOST = 10;
const SHORTEST_TUNE = 4;
const WORK_BEFORE_REST = 25;
const REST = 5;

/**
 * @param known every item there is; those without a schedule were never practised
 * @param tuneIds every tune there is, the one that is taken first where no aim names others
 * @returns in the order to be practised; the minutes of all parts but rests come to those wished for
 */
export function planSession(
  { minutes, tunes, now }: SessionWish,
  known: readonly Known[],
  tuneIds: readonly string[],
): SessionPart[] {
  const aimed = ({ item }: Known): boolean =>
    !tunes || item.kind === 'form' || tunes.includes(item.tuneId);
  const own = known.filter(aimed);
  const due = aimedFirst(
    dueFirst(own, now).map(({ item }) => item),
    tunes,
  ).slice(0, Math.floor(minutes / 2 / EACH));
  const parts: SessionPart[] = due.map((item) => ({ kind: 'due', item, minutes: EACH }));
  const fresh = own.find(({ schedule }) => !schedule)?.item;
  const forNew = fresh ? Math.min(NEW_AT_MOST, Math.max(EACH, Math.floor(minutes / 4))) : 0;
  if (fresh && forNew <= minutes - spent(parts)) {
    parts.push({ kind: 'new', item: fresh, minutes: forNew });
  }
  const tuneId = tuneFor(due, tunes ?? tuneIds);
  const left = minutes - spent(parts);
  if (tuneId !== undefined && left >= SHORTEST_TUNE) {
    parts.push({ kind: 'tune', tuneId, minutes: left });
  } else stretch(parts, left);
  return withRests(parts);
}

const spent = (parts: readonly SessionPart[]): number =>
  parts.reduce((sum, { minutes }) => sum + minutes, 0);

/** For a tune or a set, its own layers come before forms, which serve every aim. */
function aimedFirst(
  due: readonly PracticeItem[],
  tunes: readonly string[] | undefined,
): readonly PracticeItem[] {
  const isLayer = ({ kind }: PracticeItem): boolean => kind === 'layer';
  return tunes ? [...due.filter(isLayer), ...due.filter((item) => !isLayer(item))] : due;
}

/** Items that are due, the least known first; of equals by name. */
export function dueFirst(known: readonly Known[], now: number): Known[] {
  return known
    .filter(({ schedule }) => schedule && schedule.due <= now)
    .map((each) => ({ each, key: itemKey(each.item), left: knownAt(each.schedule!, now) }))
    .sort((a, b) => a.left - b.left || (a.key < b.key ? -1 : 1))
    .map(({ each }) => each);
}

/** The tune of what is due, if it is among them, else the first. */
function tuneFor(due: readonly PracticeItem[], tunes: readonly string[]): string | undefined {
  const named = due.flatMap((item) => (item.kind === 'layer' ? [item.tuneId] : []));
  return named.find((id) => tunes.includes(id)) ?? tunes[0];
}

/** What is left goes to the last part. */
function stretch(parts: SessionPart[], left: number): void {
  const last = parts.pop();
  if (last) parts.push({ ...last, minutes: last.minutes + left });
}

/** After so much work comes a rest, also in the middle of a part; none at the end. */
function withRests(parts: readonly SessionPart[]): SessionPart[] {
  const rested: SessionPart[] = [];
  let since = 0;
  for (const part of parts) {
    for (let left = part.minutes; left > 0;) {
      if (since === WORK_BEFORE_REST) {
        rested.push({ kind: 'rest', minutes: REST });
        since = 0;
      }
      const minutes = Math.min(left, WORK_BEFORE_REST - since);
      rested.push({ ...part, minutes });
      since += minutes;
      left -= minutes;
    }
  }
  return rested;
}
