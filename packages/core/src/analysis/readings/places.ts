/**
 * Chords that stay for so long, and lead nowhere, that each is a place of its own: the minor sevenths of a modal tune,
 * eight bars each, are heard as i of their own keys and never as iii or ii of a key whose tonic does not come. Source:
 * common practice.
 */
import { isSameKey, type Key } from '../base/key';
import { above } from './numeral';
import type { KeyChain, KeyLink } from './keyChains';
import { isDominant, upFrom } from './moment';
import type { Moment } from '../base/moments';
import type { Reading } from './types';

/** From so many bars on a chord may be a place, and from so many it is heard as one. */
const MAY_BE = 4;
const IS = 8;
/** At home a place costs at most so much; away from it so much more, in tenths. */
const AT_HOME = 2;
const AWAY = 12;

/** One place, from its first moment to its last: sections part what stays. */
export interface Place {
  readonly key: Key;
  readonly from: number;
  readonly to: number;
  readonly bars: number;
}

/** @param bar quarters in a bar */
export function placesOf(moments: readonly Moment[], bar: number): Place[] {
  const places: Place[] = [];
  let from = 0;
  while (from < moments.length) {
    const now = moments[from]!;
    let to = from;
    while (goesOn(moments[to]!, moments[to + 1])) to += 1;
    const bars = (moments[to]!.end - now.at) / bar;
    const mode = now.class === 'minor' ? 'minor' : 'major';
    const stays = bars >= (mode === 'minor' ? MAY_BE : IS) && canStay(now);
    if (stays && !leadsOn(now, moments[to + 1])) {
      places.push({ key: { tonic: now.root, mode }, from, to, bars });
    }
    from = to + 1;
  }
  return places;
}

const goesOn = (now: Moment, next: Moment | undefined): boolean =>
  next?.root === now.root && next.class === now.class && next.at === now.end;

const canStay = ({ class: kind }: Moment): boolean =>
  kind === 'minor' || kind === 'open' || kind === 'dominant';

/** A ii goes to its V; a V falls a fifth, or slides down a half step. */
function leadsOn(now: Moment, next: Moment | undefined): boolean {
  if (!next) return false;
  const step = upFrom(now, next);
  if (now.class === 'minor') return step === 5 && (isDominant(next) || next.class === 'open');
  return step === 5 || step === 11;
}

/** From one place to the next the key moves for as good as nothing, neighbours by fourth or fifth excepted. */
export const chainsOfPlaces = (places: readonly Place[]): KeyChain[] =>
  places.slice(1).flatMap((place, index) => {
    const before = places[index]!;
    const move = upFrom({ root: before.key.tonic }, { root: place.key.tonic });
    const isNear = move === 5 || move === 7;
    const adjoin = place.from === before.to + 1;
    if (!adjoin || move === 0 || (isNear && place.bars < IS)) return [];
    return [{ links: [linkOf(before, before.to), linkOf(place, place.from)], move }];
  });

const linkOf = ({ key }: Place, at: number): KeyLink => ({ key, at, one: at });

/** The readings of chords, those of long places by what each is at home. */
export function atPlaces(
  readings: readonly (readonly (readonly Reading[])[])[],
  places: readonly Place[],
  keys: readonly Key[],
): (readonly (readonly Reading[])[])[] {
  const rows = [...readings];
  for (const place of places.filter(({ bars }) => bars >= IS)) {
    for (let at = place.from; at <= place.to; at += 1) {
      rows[at] = rows[at]!.map((own, position) => inKey(own, keys[position]!, place));
    }
  }
  return rows;
}

function inKey(own: readonly Reading[], key: Key, { key: home }: Place): readonly Reading[] {
  if (isSameKey(key, home)) {
    const tonic = own.find(
      (reading) => reading.function === 'tonic' && reading.role !== 'unexplained',
    );
    if (!tonic) return own;
    const cost = Math.min(tonic.cost, AT_HOME);
    return [{ ...tonic, cost }, ...own.filter((reading) => reading !== tonic)];
  }
  // Eight bars of iv or v are a colour of a minor key that is long too.
  const degree = above(key, home.tonic);
  const isNear = home.mode === 'minor' && key.mode === 'minor' && (degree === 5 || degree === 7);
  return isNear ? own : own.map((reading) => ({ ...reading, cost: reading.cost + AWAY }));
}
