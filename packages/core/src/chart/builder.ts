import type { Bar, Meter, Section, Slot } from './types';

interface OpenBar {
  slots: Slot[];
  repeatStart: boolean;
  ending?: number;
  meter?: Meter;
  words?: string[];
  lineBreaks: number;
}

interface OpenSection {
  name?: string;
  lineBreaks: number;
  bars: Bar[];
}

/** Gathers bars and sections while the words of a chart go by. */
export class ChartBuilder {
  private readonly sections: OpenSection[] = [];
  private bar: OpenBar = { slots: [], repeatStart: false, lineBreaks: 0 };
  private breaks = 0;
  /** Blank lines before the first word are no part of the chart. */
  private started = false;
  private lineHasBars = false;
  barCount = 0;

  get barIsEmpty(): boolean {
    return this.bar.slots.length === 0;
  }

  get slots(): readonly Slot[] {
    return this.bar.slots;
  }

  lineBreak(): void {
    this.closeBar();
    if (this.lineHasBars) this.giveWordsToLastBar();
    this.lineHasBars = false;
    if (this.started) this.breaks += 1;
  }

  /** After a header line breaks are counted anew. */
  headerLine(): void {
    this.takeBreaks();
  }

  startSection(name: string): void {
    this.closeBar();
    this.sections.push({ name, lineBreaks: this.takeBreaks(), bars: [] });
  }

  /** Words stand above the bar in hand; behind the last bar line of a line, above the bar before. */
  addWords(words: string): void {
    (this.bar.words ??= []).push(words);
  }

  /** False when the bar already has chords or a meter, so that none can be put before them. */
  changeMeter(meter: Meter): boolean {
    if (!this.barIsEmpty || this.bar.meter) return false;
    this.bar.meter = meter;
    return true;
  }

  startRepeat(): void {
    this.closeBar();
    this.bar.repeatStart = true;
  }

  startEnding(number: number): void {
    this.closeBar();
    this.bar.ending = number;
  }

  add(slot: Slot): void {
    if (this.barIsEmpty) this.bar.lineBreaks = this.takeBreaks();
    this.bar.slots.push(slot);
  }

  /** Ends the bar in hand, if anything stands in it. */
  closeBar(repeatEnd = false): void {
    if (this.barIsEmpty) {
      if (repeatEnd) this.repeatLastBar();
      return;
    }
    this.section().bars.push({ ...this.bar, repeatEnd });
    this.barCount += 1;
    this.lineHasBars = true;
    this.bar = { slots: [], repeatStart: false, lineBreaks: 0 };
  }

  finish(): Section[] {
    this.closeBar();
    this.giveWordsToLastBar();
    return this.sections;
  }

  private section(): OpenSection {
    const last = this.sections.at(-1);
    if (last) return last;
    const first: OpenSection = { lineBreaks: 0, bars: [] };
    this.sections.push(first);
    return first;
  }

  private giveWordsToLastBar(): void {
    const bars = this.sections.at(-1)?.bars;
    const { words, ...rest } = this.bar;
    const last = words && bars?.pop();
    if (!bars || !last) return;
    bars.push({ ...last, words: [...(last.words ?? []), ...words] });
    this.bar = rest;
  }

  private repeatLastBar(): void {
    const bars = this.sections.at(-1)?.bars;
    const last = bars?.pop();
    if (bars && last) bars.push({ ...last, repeatEnd: true });
  }

  private takeBreaks(): number {
    const { breaks } = this;
    this.breaks = 0;
    this.started = true;
    return breaks;
  }
}
