import { quarters, type Quarters } from '../base/units';
import { placeAt } from '../arrangement/stored/splitTimeline';
import { type Chorus } from '../arrangement/chorus/chorus';
import { parseChord } from '../chord/parseChord';
import type { PitchRange } from '../voicing/base/types';
import { appliedOffer } from '../movement/devices/offers';
import type { AppliedDevice, DeviceChord, DeviceOffer, MovedChord } from '../movement/types';
import { framed, numbered, type Choruses, type Piece } from './frame';

/** A device where it stands. */
export interface PlacedDevice {
  readonly applied: AppliedDevice;
  readonly offer: DeviceOffer;
  /** In quarters from the beginning of bar 1. */
  readonly from: Quarters;
  readonly to: Quarters;
}

export interface Moved {
  readonly choruses: Choruses;
  readonly placed: readonly PlacedDevice[];
}

/** Whole chords of a chorus, as devices meet them: split ones joined. */
export function wholeChords({ timeline, chords, analysis }: Chorus): DeviceChord[] {
  const whole: DeviceChord[] = [];
  timeline.events.forEach(({ part = 0, length }, at) => {
    const before = whole.at(-1);
    if (part > 0 && before) whole[whole.length - 1] = { ...before, length: before.length + length };
    else whole.push({ chord: chords[at]!, length, analysis: analysis.chords[whole.length]! });
  });
  return whole;
}

/**
 * So many choruses with devices applied. Stale devices are left out, and of two that overlap the later in
 * the list.
 */
export function movedChoruses(
  chorus: Chorus,
  times: number,
  devices: readonly AppliedDevice[],
  { window, loop }: { readonly window: PitchRange; readonly loop: boolean },
): Moved {
  const frame = framed(chorus, times);
  if (!devices.length) return { choruses: frame, placed: [] };
  const whole = wholeChords(chorus);
  const starts = startsOf(chorus);
  const placed: PlacedDevice[] = [];
  for (const applied of devices) {
    if (applied.chorus >= times) continue;
    const offer = appliedOffer(whole, applied, window, loop);
    // What reaches over the end of the chorus has no one stretch to stand in.
    if (!offer || applied.at + offer.covers > whole.length) continue;
    const from = quarters(starts[applied.at]! + applied.chorus * chorus.timeline.length);
    const lasts = offer.chords.reduce((sum, { length }) => sum + length, 0);
    const to = quarters(from + lasts);
    if (placed.some((other) => from < other.to && other.from < to)) continue;
    if (from < 0 && applied.chorus > 0) continue;
    placed.push({ applied, offer, from, to });
  }
  return { choruses: numbered(chorus, times, withDevices(frame, placed)), placed };
}

/** Where each whole chord begins, in quarters. */
const startsOf = ({ timeline }: Chorus): number[] =>
  timeline.events.filter(({ part = 0 }) => part === 0).map(({ at }) => at);

function withDevices(frame: Choruses, placed: readonly PlacedDevice[]): Piece[] {
  const pieces: Piece[] = [];
  const done = new Set<PlacedDevice>();
  frame.timeline.events.forEach((event, at) => {
    const device = placed.find(({ from, to }) => event.at >= from && event.at < to);
    const chord = frame.chords[at]!;
    if (!device) {
      pieces.push({ event, chord, origin: frame.origins[at]! });
    } else if (!done.has(device)) {
      done.add(device);
      pieces.push(...piecesOf(frame, device, at, pieces.length));
    }
  });
  return placed.reduce(leadingInto, pieces);
}

/** What a device asks of the chord after it; after the last comes the first. */
function leadingInto(pieces: Piece[], { offer: { leadsInto }, to }: PlacedDevice): Piece[] {
  if (!leadsInto) return pieces;
  const next = pieces.findIndex(({ event }) => event.at >= to);
  const at = Math.max(0, next);
  return pieces.map((piece, position) =>
    position === at ? { ...piece, origin: { ...piece.origin, ledInto: leadsInto } } : piece,
  );
}

/** The chords of a device. One that keeps the symbol of the chart stands for the chord there. */
function piecesOf(
  { timeline, chords, origins }: Choruses,
  { offer, from }: PlacedDevice,
  first: number,
  deviceFrom: number,
): Piece[] {
  const { chorus } = origins[first]!;
  return offer.chords.map((moved): Piece => {
    const at = from + moved.at;
    const under = timeline.events.filter((event) => event.at <= at).length - 1;
    const written = chords[under]!;
    const stays = written.symbol === moved.symbol;
    const begins = timeline.events[under]!.at === at;
    const { written: bar, slot, place } = timeline.events[under]!;
    const sounding = stays ? written : read(moved);
    const base = origins[under]!;
    return {
      event: {
        ...placeAt(timeline, at),
        chord: sounding,
        length: quarters(moved.length),
        written: bar,
        slot,
        place,
      },
      chord: sounding,
      origin: {
        chorus,
        moved,
        deviceFrom,
        ...(stays && begins && plain(moved) && base.at !== undefined ? { at: base.at } : {}),
      },
    };
  });
}

const plain = ({ madeFrom, families, degrees, tops, bottoms }: MovedChord): boolean =>
  !madeFrom && !families && !degrees && !tops && !bottoms;

function read({ symbol }: MovedChord) {
  const reading = parseChord(symbol);
  if (!reading.ok) throw new Error(`A device gave ${symbol}, which cannot be read`);
  return reading.value;
}
