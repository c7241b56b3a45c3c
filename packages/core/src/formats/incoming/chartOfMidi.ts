/**
 * A chart out of a Standard MIDI File with chord symbols as text, as this application writes them. Bars come from the
 * meters, sections from markers; choruses that come again with the same chords are written once.
 */
import { FASTEST, LONGEST_TITLE, SLOWEST } from '../../chart/header';
import { MOST_BARS } from '../../chart/limits';
import { formatMeter, FOUR_FOUR, quartersInBar } from '../../chart/meter';
import type { Feel, Meter } from '../../chart/types';
import { parseChord } from '../../chord/parseChord';
import { inTicks } from '../../comp/base/time';
import type { MidiSong } from '../midi/types';
import { saidIn } from '../charts/headWords';
import { slotsFor } from '../charts/slotsFor';

export interface MidiChart {
  readonly text: string;
  readonly title: string;
  readonly meter: string;
  readonly tempo: number;
  readonly feel: Feel;
  readonly bars: number;
  readonly said: readonly string[];
}

interface MidiBar {
  readonly at: number;
  readonly meter: Meter;
  readonly slots: string;
  readonly section?: string;
}

const BARS_A_LINE = 4;

/** `undefined` where no text of the file is a chord. */
export function chartOfMidi(song: MidiSong): MidiChart | undefined {
  const chords = song.chords.filter(({ text }) => parseChord(text.trim()).ok);
  const others = song.chords.filter(
    ({ text }) => !parseChord(text.trim()).ok && !saidIn(text)?.feel,
  ).length;
  const last = chords.at(-1);
  if (!last) return undefined;
  const notesEnd = song.tracks
    .flatMap(({ notes }) => notes.map(({ at, length }) => at + length))
    .reduce((latest, each) => Math.max(latest, each), last.at + 1);
  const all = barsOf(song, chords, notesEnd);
  const pickup = pickupOf(all);
  const counted = pickup === undefined ? all : all.slice(1);
  const once = counted.slice(0, periodOf(counted));
  const times = counted.length / once.length;
  const said = [
    ...(others ? [`${others} texts that are no chords`] : []),
    ...(times > 1 ? [`it is played ${times} times: it is written once`] : []),
    ...(all.length === MOST_BARS ? [`what comes after the first ${MOST_BARS} bars`] : []),
  ];
  const meter = once[0]?.meter ?? FOUR_FOUR;
  return {
    text:
      pickup === undefined
        ? layOut(once)
        : `pickup: ${pickup}\n${layOut([{ ...all[0]!, meter }, ...once])}`,
    title: song.title.slice(0, LONGEST_TITLE),
    meter: formatMeter(meter),
    tempo: Math.min(FASTEST, Math.max(SLOWEST, song.tempo)),
    ...{ feel: song.feel ?? 'swing', bars: once.length, said },
  };
}

function barsOf(song: MidiSong, chords: MidiSong['chords'], end: number): MidiBar[] {
  const meters = [...song.meters].sort((a, b) => a.at - b.at);
  const bars: MidiBar[] = [];
  let at = 0;
  while (at < end && bars.length < MOST_BARS) {
    const meter = meters.filter((each) => each.at <= at).at(-1)?.meter ?? FOUR_FOUR;
    const length = inTicks(quartersInBar(meter));
    const [from, to] = [at, at + length];
    const isHere = (each: { readonly at: number }): boolean => each.at >= from && each.at < to;
    const placed = chords.filter(isHere).map(({ at: when, text }) => ({
      at: ((when - from) / length) * meter.beats,
      symbol: text.trim(),
    }));
    const section = song.sections.find(isHere)?.text.replace(/[[\]]/g, '').trim();
    bars.push({
      ...{ at: from, meter, slots: slotsFor(placed, meter.beats).slots.join(' ') },
      ...(section && { section }),
    });
    at = to;
  }
  return bars;
}

/** Beats of a first bar that is shorter than the second: it is written as a bar of its own meter. */
function pickupOf([first, second]: readonly MidiBar[]): number | undefined {
  if (!first || !second || first.meter.unit !== second.meter.unit) return undefined;
  return first.meter.beats < second.meter.beats ? first.meter.beats : undefined;
}

/** The fewest bars that, played over and over, are all of them: a form, of which sections may be called anew. */
function periodOf(bars: readonly MidiBar[]): number {
  const same = (a: MidiBar, b: MidiBar): boolean =>
    a.slots === b.slots && formatMeter(a.meter) === formatMeter(b.meter);
  for (let period = FEWEST_BARS_OF_FORM; period * 2 <= bars.length; period += 1) {
    const isOver = bars.length % period === 0;
    if (isOver && bars.every((bar, at) => same(bar, bars[at % period]!))) return period;
  }
  return bars.length;
}

/** A form that comes again is no shorter. */
const FEWEST_BARS_OF_FORM = 8;

function layOut(bars: readonly MidiBar[]): string {
  const lines: string[] = [];
  let row: string[] = [];
  const end = (): void => {
    if (row.length) lines.push(`| ${row.join(' | ')} |`);
    row = [];
  };
  bars.forEach(({ slots, section, meter }, at) => {
    const before = bars[at - 1]?.meter ?? meter;
    if (section !== undefined) {
      end();
      lines.push(`[${section}]`);
    }
    row.push(formatMeter(before) === formatMeter(meter) ? slots : `${formatMeter(meter)} ${slots}`);
    if (row.length === BARS_A_LINE) end();
  });
  end();
  return lines.join('\n');
}
