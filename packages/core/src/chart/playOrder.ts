import { quarters, type Quarters } from '../base/units';
import { barMeters, quartersInBar } from './meter';
import { MOST_PLAYED_BARS } from './limits';
import { freshBarId, freshSectionId } from './freshIds';
import type { BarPlace, SectionPlace } from './placeTypes';
import type { Bar, Chart, Meter } from './types';
import { directionOf, isCodaSection, type Direction } from './words';

/** A bar of the chorus as played. */
export interface PlayedBar {
  readonly bar: Bar;
  /** From 1; a pickup is 0. */
  readonly number: number;
  /** Position among the written bars, from 0. */
  readonly written: number;
  readonly place: BarPlace;
  /** Name of the section, where one begins here. */
  readonly section?: string;
  /** The section, named or not, where one begins here. */
  readonly sectionPlace?: SectionPlace;
  readonly meter: Meter;
  /** Where it begins, in quarters from the beginning of bar 1; a pickup begins before 0. */
  readonly at: Quarters;
}

/** A bar as it is written; which time it is played is not yet said. */
interface WrittenBar extends Pick<PlayedBar, 'bar' | 'meter' | 'written' | 'section'> {
  readonly barId: string;
  readonly sectionId?: string;
  readonly directions: readonly Direction[];
}

type Jump = Extract<Direction, { readonly kind: 'jump' }>;

/**
 * Writes the chorus out as it is played: repeats, endings, D.C. and D.S., and where each bar begins; up to
 * one bar more than `MOST_PLAYED_BARS`.
 */
export function playOrder(chart: Chart): PlayedBar[] {
  const pickup = chart.header.pickup !== undefined;
  const played = new Walk(written(chart)).bars();
  const passes = new Map<number, number>();
  let at = quarters(0);
  return played.map(({ bar, written: position, section, meter, barId, sectionId }, index) => {
    const number = pickup ? index : index + 1;
    const length = quartersInBar(meter);
    const begins = number === 0 ? quarters(0 - length) : at;
    at = quarters(begins + length);
    const pass = passes.get(position) ?? 0;
    passes.set(position, pass + 1);
    return {
      ...{ bar, number, written: position, meter, at: begins, place: { bar: barId, pass } },
      ...(section === undefined ? {} : { section }),
      ...(sectionId === undefined ? {} : { sectionPlace: { section: sectionId, pass } }),
    };
  });
}

function written(chart: Chart): WrittenBar[] {
  const meters = barMeters(chart);
  let position = 0;
  return chart.sections.flatMap((section, inOrder) =>
    section.bars.map((bar, index) => ({
      bar,
      barId: bar.identity?.id ?? freshBarId(position),
      meter: meters[position] ?? chart.meter,
      written: position++,
      directions: [
        ...(bar.words ?? []).flatMap((words) => directionOf(words) ?? []),
        ...(index === 0 && isCodaSection(section.name) ? [{ kind: 'coda' as const }] : []),
      ],
      ...(index === 0 ? { sectionId: section.id ?? freshSectionId(inOrder) } : {}),
      ...(index === 0 && section.name !== undefined ? { section: section.name } : {}),
    })),
  );
}

/**
 * The way through the written bars. From a repeat end it goes back to the nearest repeat start (or the
 * beginning, or the end of the repeat before); on pass n the bars of other endings are left out, and
 * it goes back as often as there are endings, once where there are none. A D.C. or D.S. is followed
 * once, when its repeats are done; after it repeats are not taken again and the last ending is played.
 * Source: common practice.
 */
class Walk {
  private at = 0;
  private start = 0;
  private pass = 1;
  private jump: Jump | undefined;

  constructor(private readonly written: readonly WrittenBar[]) {}

  bars(): WrittenBar[] {
    const played: WrittenBar[] = [];
    while (this.at < this.written.length && played.length <= MOST_PLAYED_BARS) {
      this.enter();
      const now = this.written[this.at]!;
      played.push(now);
      if (this.jump?.until === 'fine' && has(now, 'fine')) break;
      this.at = this.next(now);
    }
    return played;
  }

  /** Sees to repeat starts and endings at the bar that comes. */
  private enter(): void {
    const bar = this.written[this.at]!.bar;
    if (bar.repeatStart && this.at !== this.start) this.beginRepeat(this.at);
    const wanted = this.jump ? this.lastEnding() : this.pass;
    if (bar.ending === undefined || bar.ending === wanted) return;
    const found = this.written.findIndex(
      (item, index) => index >= this.at && item.bar.ending === wanted,
    );
    if (found >= 0) this.at = found;
  }

  private next(now: WrittenBar): number {
    if (this.jump?.until === 'coda' && has(now, 'to coda')) return this.coda();
    if (now.bar.repeatEnd) {
      if (!this.jump && this.pass < this.passes()) {
        this.pass += 1;
        return this.start;
      }
      this.beginRepeat(this.at + 1);
    }
    const jump = this.jump ? undefined : now.directions.find(isJump);
    return jump ? this.follow(jump) : this.at + 1;
  }

  private follow(jump: Jump): number {
    this.jump = jump;
    const back = this.written.findIndex((item) => has(item, 'segno'));
    const target = jump.from === 'segno' ? back : 0;
    // A sign that is not there is a problem of the chart; the way then goes on.
    if (target < 0) return this.at + 1;
    this.beginRepeat(target);
    return target;
  }

  /** The coda after this bar, or simply the next bar where none is written. */
  private coda(): number {
    const found = this.written.findIndex((item, index) => index > this.at && has(item, 'coda'));
    return found < 0 ? this.at + 1 : found;
  }

  private beginRepeat(at: number): void {
    this.start = at;
    this.pass = 1;
  }

  /** As many passes as the highest ending of this repeat, at least two. */
  private passes(): number {
    return Math.max(2, this.lastEnding());
  }

  /**
   * The highest ending of the repeat in hand, 0 where it has none. It is over at the next repeat start,
   * where endings begin to count anew, and at a repeat end that no ending follows.
   */
  private lastEnding(): number {
    let highest = 0;
    for (let at = this.start; at < this.written.length; at += 1) {
      const { repeatStart, repeatEnd, ending } = this.written[at]!.bar;
      if (repeatStart && at > this.start) break;
      if (ending !== undefined && ending <= highest) break;
      highest = ending ?? highest;
      if (repeatEnd && this.written[at + 1]?.bar.ending === undefined) break;
    }
    return highest;
  }
}

const has = (bar: WrittenBar, kind: Direction['kind']): boolean =>
  bar.directions.some((direction) => direction.kind === kind);
const isJump = (direction: Direction): direction is Jump => direction.kind === 'jump';
