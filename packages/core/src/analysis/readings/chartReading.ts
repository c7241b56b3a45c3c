import { countedBars, timeline, type ChartEvent, type Timeline } from '../../chart/timeline';
import { quartersInBar } from '../../chart/meter';
import type { Chart } from '../../chart/types';
import { noteOf, type NoteName } from '../../pitch/spelling';
import { bluesAt, type BarChords, type BluesChorus } from './blues';
import { isSameKey, keyOf, keysFrom, signatureOf, tonicName, type Key } from '../base/key';
import { pitchClass, quarters } from '../../base/units';
import { keyChainsOf, roundHomeOf, waysOut, type KeyChain } from './keyChains';
import { keysOf, type KeyPath } from './keys';
import { momentsOf, type Moment } from '../base/moments';
import { atPlaces, chainsOfPlaces, placesOf } from './places';
import { readInEveryKey } from './everyKey';
import type { Reading } from './types';

/** A chord with the key it is heard in. */
export interface ReadMoment extends Moment {
  readonly key: Key;
  /** Tonic of the key as it is spelled here. */
  readonly tonic: NoteName;
  /** Best first. */
  readonly readings: readonly Reading[];
  readonly reading: Reading;
}

/** A chart as heard: what sections, landmarks and pools are found in. */
export interface ChartReading {
  readonly chart: Chart;
  readonly time: Timeline;
  readonly events: readonly ChartEvent[];
  readonly moments: readonly ReadMoment[];
  /** For each counted bar the chords that sound in it. */
  readonly bars: readonly (readonly ReadMoment[])[];
  readonly home: { readonly key: Key; readonly tonic: NoteName };
  readonly blues: readonly BluesChorus[];
  /** The keys that were tried, in the order of the key path's positions. */
  readonly keys: readonly Key[];
  readonly keyPath: KeyPath;
  /** ii–V–Is that move by one interval, whether or not they are heard in keys of their own. */
  readonly chains: readonly KeyChain[];
  /** How the tonic of a key is spelled in this chart. */
  readonly tonicOf: (key: Key) => NoteName;
  /** Where a counted bar begins, in quarters. */
  readonly barBegins: (number: number) => number;
  readonly readingIn: (moment: number, key: number) => readonly Reading[];
}

const FOUR_BARS = 4;

/** Finds the key of every chord and the best reading of it there. */
export function readChart(chart: Chart): ChartReading {
  const time = timeline(chart);
  const counted = countedBars(time);
  const starts = new Set(time.bars.flatMap((bar) => (bar.section === undefined ? [] : [bar.at])));
  const moments = momentsOf(time.events, lastBarBefore(time), (at) => starts.has(quarters(at)));
  const rows = chordsOfBars(time, moments);
  const blues = bluesChoruses(time, rows);
  const keys = keysFrom(moments[0]?.root ?? pitchClass(0));
  const header = chart.header.key === undefined ? undefined : keyOf(chart.header.key);
  const bar = quartersInBar(chart.meter);
  const places = placesOf(moments, bar);
  const read = readAll(keys, moments, tonicsOfBlues(blues, rows.length));
  const readings = atPlaces(read, places, keys);
  const chains = keyChainsOf(moments, bar);
  const keyPath = keysOf({
    keys,
    moments,
    readings: readings.map((row) => row.map(([best]) => best!)),
    fourBars: FOUR_BARS * bar,
    home: header,
    chains: [...chains, ...waysOut(moments, chains), ...chainsOfPlaces(places)],
    roundHome: roundHomeOf(moments, bar, header),
  });
  const nameOfKey = keyNames(moments, (at) => keys[keyPath.keys[at]!]!, header);
  const readMoments = moments.map((moment, at): ReadMoment => {
    const position = keyPath.keys[at]!;
    const own = readings[at]![position]!;
    const key = keys[position]!;
    return { ...moment, key, tonic: nameOfKey(key), readings: own, reading: own[0]! };
  });
  const home = homeOf(keys, readMoments, header);
  return {
    chart,
    time,
    events: time.events,
    moments: readMoments,
    bars: chordsOfBars(time, readMoments),
    home: { key: home, tonic: nameOfKey(home) },
    keys,
    blues,
    keyPath,
    chains,
    tonicOf: nameOfKey,
    barBegins: (number) => counted[number - 1]?.at ?? 0,
    readingIn: (moment, key) => readings[moment]![key]!,
  };
}

/** The bar that ends at a quarter, or holds it. */
function lastBarBefore({ bars }: Timeline): (quarter: number) => number {
  let from = 0;
  return (quarter) => {
    while (from + 1 < bars.length && bars[from + 1]!.at < quarter) from += 1;
    while (from > 0 && bars[from]!.at >= quarter) from -= 1;
    return bars[from]?.number ?? 1;
  };
}

function chordsOfBars<M extends Moment>(time: Timeline, moments: readonly M[]): M[][] {
  const rows = countedBars(time).map((): M[] => []);
  for (const moment of moments) {
    for (let bar = Math.max(1, moment.fromBar); bar <= moment.toBar; bar += 1) {
      rows[bar - 1]?.push(moment);
    }
  }
  return rows;
}

/** Blues choruses begin where a section does, or where the one before ends. */
function bluesChoruses(time: Timeline, rows: BarChords): BluesChorus[] {
  const found: BluesChorus[] = [];
  const begins = new Set(
    countedBars(time).flatMap(({ section, number }) => (section === undefined ? [] : [number])),
  );
  begins.add(1);
  let free = 1;
  for (let bar = 1; bar <= rows.length; bar += 1) {
    const follows = found.length > 0 && bar === free;
    if (bar < free || !(begins.has(bar) || follows)) continue;
    const chorus = bluesAt(rows, bar);
    if (!chorus) continue;
    found.push(chorus);
    free = bar + 12;
  }
  return found;
}

/** Every chord in every key. */
function readAll(
  keys: readonly Key[],
  moments: readonly Moment[],
  bluesTonic: readonly (number | undefined)[],
): (readonly Reading[])[][] {
  return moments.map((now, at) => {
    const next = otherAfter(moments, at);
    const around = {
      now,
      before: moments[at - 1],
      next: moments[next],
      afterNext: moments[otherAfter(moments, next)],
      bluesTonic: bluesTonic[now.fromBar],
    };
    return readInEveryKey(around, keys);
  });
}

/** The next chord that is another one; after the last comes the first, for a chorus goes round. */
function otherAfter(moments: readonly Moment[], from: number): number {
  const now = moments[from]!;
  for (let step = 1; step < moments.length; step += 1) {
    const at = (from + step) % moments.length;
    const other = moments[at]!;
    if (other.root !== now.root || other.class !== now.class) return at;
  }
  return (from + 1) % moments.length;
}

/** For each bar, from 1, the tonic of the blues it lies in. */
function tonicsOfBlues(blues: readonly BluesChorus[], bars: number): (number | undefined)[] {
  const tonics = Array.from({ length: bars + 1 }, (): number | undefined => undefined);
  for (const { fromBar, tonic } of blues) tonics.fill(tonic, fromBar, fromBar + 12);
  return tonics;
}

/** The key of the header where the chart is in it at all, else the one that holds longest. */
function homeOf(
  keys: readonly Key[],
  moments: readonly ReadMoment[],
  header: Key | undefined,
): Key {
  const timeIn = (key: Key): number =>
    moments
      .filter((moment) => isSameKey(moment.key, key))
      .reduce((sum, { at, end }) => sum + end - at, 0);
  const first = moments[0]?.key;
  const named = header && keys.find((key) => isSameKey(key, header));
  if (named && (!first || timeIn(named) > 0)) return named;
  if (first && first === moments.at(-1)?.key) return first;
  return keys.reduce((best, key) => (timeIn(key) > timeIn(best) ? key : best), keys[0]!);
}

/**
 * How the tonics are spelled: as the header has it, else as the chords on them are written where that
 * is a key in use, else with the fewest accidentals.
 */
function keyNames(
  moments: readonly Moment[],
  keyAt: (moment: number) => Key,
  header: (Key & { readonly name: NoteName }) | undefined,
): (key: Key) => NoteName {
  const names = new Map<string, NoteName>();
  const id = ({ tonic, mode }: Key): string => `${tonic} ${mode}`;
  if (header) names.set(id(header), header.name);
  moments.forEach(({ root, chord }, at) => {
    const key = keyAt(at);
    if (names.has(id(key)) || root !== key.tonic) return;
    if (Math.abs(signatureOf(chord.root, key.mode)) <= 6) names.set(id(key), chord.root);
  });
  const signs = moments.map(({ chord }) => Math.sign(noteOf(chord.root).accidental));
  const sharps = signs.reduce((sum, sign) => sum + sign, 0) > 0;
  return (key) => names.get(id(key)) ?? tonicName(key, sharps);
}

/** As `Eb major`. */
export const keyLabel = (tonic: NoteName, key: Key): string => `${tonic} ${key.mode}`;
