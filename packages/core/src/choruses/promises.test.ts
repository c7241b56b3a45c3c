/**
 * What a device says it does, it does wherever it is offered: over every demo tune, in every room, on every
 * instrument, as a player would start. Source: the words of the offers themselves.
 */
import { settingsOf } from '../arrangement/chorus/settings';
import { defaultArrangement } from '../arrangement/stored/defaults';
import { startFor } from '../arrangement/stored/start';
import { createConnector } from '../connect/connect';
import { offersAt } from '../movement/devices/offers';
import type { DeviceId, DeviceOffer } from '../movement/types';
import { demoChoruses } from '../testing/demo';
import { INSTRUMENT_IDS } from '../voicing/base/instruments';
import { ROOM_IDS, type Voicing } from '../voicing/base/types';
import { rooms } from '../voicing/data';
import { isMakeable } from './makeable';
import { movedChoruses, wholeChords } from './moved';
import { voiceChoruses } from './voiced';

type Promise = (path: readonly Voicing[], offer: DeviceOffer) => boolean;

const pitchesOf = ({ notes }: Voicing): number[] => notes.map(({ midi }) => midi);
const topOf = (voicing: Voicing): number => pitchesOf(voicing).at(-1)!;
const each =
  (holds: (from: Voicing, to: Voicing) => boolean): Promise =>
  (path) =>
    path.slice(1).every((to, at) => holds(path[at]!, to));
const everyVoice = (sign: 1 | -1): Promise =>
  each((from, to) => {
    const [a, b] = [pitchesOf(from), pitchesOf(to)];
    return a.length === b.length && b.every((pitch, voice) => (pitch - a[voice]!) * sign > 0);
  });
const topGoes = (sign: 1 | -1): Promise => each((from, to) => (topOf(to) - topOf(from)) * sign > 0);
const topStays: Promise = each((from, to) => topOf(from) === topOf(to));
const oneVoiceMoves: Promise = each((from, to) => {
  const [a, b] = [pitchesOf(from), pitchesOf(to)];
  return a.length === b.length && a.filter((pitch, voice) => pitch !== b[voice]).length === 1;
});
const onTop: Promise = (path, { chords }) =>
  path.every((voicing, at) => chords[at]!.tops?.includes(topOf(voicing)) ?? true);
/** The variant begins with the degree that is held, and ends with its voice where one is asked for. */
const oneVoiceStays: Promise = (path, { variant }) => {
  const [degree, , , asked] = variant.split(' ');
  const { notes } = path[0]!;
  const places = { top: notes.length - 1, second: notes.length - 2, third: notes.length - 3 };
  const voice = asked
    ? { ...places, lowest: 0 }[asked]!
    : notes.findIndex((note) => note.degree === degree);
  if (notes[voice]?.degree !== degree) return false;
  const holds = each((from, to) => {
    const [a, b] = [pitchesOf(from), pitchesOf(to)];
    return a.length === b.length && a.every((pitch, at) => (pitch === b[at]) === (at === voice));
  });
  return holds(path, { variant } as DeviceOffer);
};
/** The variant names the degrees that go and come back. */
const onlyTheNamedMove: Promise = (path, { variant }) => {
  const named = variant.split(' ').slice(1, -1);
  const first = path[0]!.notes;
  const moves = first.map(({ degree }) => named.includes(degree));
  const [start, away, back] = path.map(pitchesOf);
  return (
    moves.filter(Boolean).length === named.length &&
    away!.every((pitch, voice) => (pitch !== start![voice]) === moves[voice]) &&
    back!.every((pitch, voice) => pitch === start![voice])
  );
};
const slides: Promise = ([sixth, ninth]) =>
  pitchesOf(ninth!).every((pitch, voice) => pitch === pitchesOf(sixth!)[voice]! - 2);

/** Pairs a third or a sixth apart that go one way. */
const pairsGo = (sign: 1 | -1): Promise =>
  each((from, to) => {
    const [a, b] = [pitchesOf(from), pitchesOf(to)];
    return b.length === 2 && b.every((pitch, voice) => (pitch - a[voice]!) * sign > 0);
  });
const eachIsPartOfTheNext: Promise = each((from, to) =>
  pitchesOf(from).every((pitch) => pitchesOf(to).includes(pitch)),
);
/** The top note a half step lower each time. */
const topFalls: Promise = each((from, to) => topOf(to) === topOf(from) - 1);
/** The chord before the one enclosed: first a half step above, then below, of one shape. */
/** The last chord of a device and the one it leads into are one grip, a half step apart. */
const slidesBy =
  (by: 1 | -1): Promise =>
  (path) => {
    const [from, to] = path.slice(-2).map(pitchesOf);
    return from!.length === to!.length && to!.every((pitch, voice) => pitch - from![voice]! === by);
  };
const encloses: Promise = ([, above, below]) => {
  const [a, b] = [pitchesOf(above!), pitchesOf(below!)];
  return (
    a.length === b.length &&
    [2, 3].includes(a[0]! - b[0]!) &&
    a.every((pitch, voice) => pitch - b[voice]! === a[0]! - b[0]!)
  );
};

/** Bass notes one way, each within a third of the last, from one chord's lowest note to the next one's. */
const bassGoes = (sign: 1 | -1): Promise =>
  each((from, to) => {
    const by = (pitchesOf(to)[0]! - pitchesOf(from)[0]!) * sign;
    return by > 0 && by <= 4;
  });

/** By device and the first word of the variant that tells. */
const PROMISES: readonly (readonly [device: string, variant: RegExp, Promise])[] = [
  ['through the key', /^rising.*bass/, bassGoes(1)],
  ['through the key', /^falling.*bass/, bassGoes(-1)],
  ['through the key', /^rising(?!.*bass)/, everyVoice(1)],
  ['through the key', /^falling(?!.*bass)/, everyVoice(-1)],
  ['sixth and diminished', /^climbing/, everyVoice(1)],
  ['sixth and diminished', /^coming down/, everyVoice(-1)],
  ['sixth and diminished', /^holding/, topStays],
  ['sixth and diminished', /^borrowing/, oneVoiceMoves],
  ['hold and move', /^borrow/, onlyTheNamedMove],
  ['hold and move', /./, oneVoiceStays],
  ['drone', /./, topStays],
  ['harmonised line', /./, onTop],
  ['inner line', /^13/, topFalls],
  ['inner line', /./, oneVoiceMoves],
  ['cells up the neck', /^going up/, topGoes(1)],
  ['cells up the neck', /^coming down/, topGoes(-1)],
  ['sixth to ninth', /./, slides],
  ['slide', /from below/, slidesBy(1)],
  ['slide', /from above/, slidesBy(-1)],
  ['two parts', /held$/, topStays],
  ['two parts', /^built/, eachIsPartOfTheNext],
  ['double stops', /falling/, pairsGo(-1)],
  ['double stops', /rising/, pairsGo(1)],
  ['enclosure', /./, encloses],
];
const promiseOf = ({ device, variant }: DeviceOffer): Promise | undefined =>
  PROMISES.find(([id, words]) => id === device && words.test(variant))?.[2];

/** Every tune in every room on every instrument; at one chord of each, another one every time. */
const places = (tune: number, room: number, chords: number): number[] => [
  (tune * 5 + room * 7) % chords,
];
/** Of the many notes that can be held, and the many enclosures, every so many. */
const SELDOM: Readonly<Partial<Record<DeviceId, number>>> = { 'hold and move': 31, enclosure: 3 };

describe.each(INSTRUMENT_IDS)('movement keeps its word: %s', (instrument) => {
  it.each(ROOM_IDS)('%s', (id) => {
    const room = rooms[id];
    const { window } = room;
    const arrangement = { ...defaultArrangement, instrument, room, ...startFor(instrument, room) };
    const kept = new Map<string, number>();
    const connector = createConnector();
    for (const [tune, chorus] of demoChoruses().entries()) {
      const whole = wholeChords(chorus);
      const settings = settingsOf(arrangement, chorus);
      for (const at of places(tune, ROOM_IDS.indexOf(id), whole.length)) {
        const offers = offersAt(whole, at, { window, loop: true });
        for (const [index, offer] of offers.entries()) {
          const { device, variant, covers } = offer;
          const promise = promiseOf(offer);
          if (!promise || at + covers > whole.length) continue;
          if ((index + tune) % (SELDOM[device] ?? 1) !== 0) continue;
          if (!isMakeable(offer, { whole, at, connector, settings })) continue;
          const { symbol } = whole[at]!.chord;
          const applied = { chorus: 0, at, symbol, device, variant };
          const { choruses } = movedChoruses(chorus, 1, [applied], { window, loop: true });
          const voiced = voiceChoruses(connector, { arrangement, chorus, choruses });
          if (voiced.status !== 'found') throw new Error(voiced.why);
          const last = choruses.origins.reduce(
            (found, { moved }, event) => (moved ? event : found),
            -1,
          );
          const into = voiced.path[(last + 1) % voiced.path.length]!;
          const own = voiced.path.filter((_, event) => choruses.origins[event]!.moved);
          const path = offer.leadsInto ? [...own, into] : own;
          const keeps = promise(path, offer);
          expect({ tune, device, variant, at, symbol, keeps }).toEqual({
            ...{ tune, device, variant, at, symbol },
            keeps: true,
          });
          kept.set(device, (kept.get(device) ?? 0) + 1);
        }
      }
    }
    expect([...kept.values()].reduce((sum, count) => sum + count, 0)).toBeGreaterThan(100);
    expect(kept.size).toBeGreaterThanOrEqual(8);
  });
});
