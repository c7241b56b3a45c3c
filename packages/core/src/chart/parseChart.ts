import type { ChordProblem } from '../chord/types';
import { ChartBuilder } from './builder';
import { readHeaderLine } from './header';
import { barProblems } from './checkBar';
import { unstorableProblems } from './checkText';
import { beyondLongest } from './checkLength';
import { LONGEST_SYMBOL, MOST_BARS, MOST_SECTIONS, MOST_SLOTS } from './limits';
import { FOUR_FOUR, parseMeter } from './meter';
import { barSlot } from './slot';
import { chartTokens, type ChartToken } from './tokens';
import { directionOf, isCodaSection, needsOf, type Direction } from './words';
import type { Chart, ChartHeader, ChartProblem, Meter, Slot } from './types';

/** From here on, text of which most words are no chords is taken for prose. */
const FEWEST_WORDS_OF_PROSE = 8;

export interface ParsedChart {
  readonly chart: Chart;
  readonly problems: readonly ChartProblem[];
  /** Whether all of the text is in the chart, so that writing the chart loses nothing of it. */
  readonly whole: boolean;
}

/**
 * Reads chart text. Whatever cannot be read becomes a problem with its line and column and stays in
 * the chart as typed; everything else reads on.
 *
 * @param meter the meter when the text names none; default 4/4
 * @example parseChart('[A] |: Dm7 G7 | Cmaj7 :|').chart.sections[0].name // 'A'
 */
export function parseChart(text: string, meter: Meter = FOUR_FOUR): ParsedChart {
  const reading = new ChartReading(meter);
  for (const token of chartTokens(text)) if (!reading.isFull) reading.read(token);
  const parsed = reading.finish();
  return { ...parsed, problems: [...unstorableProblems(text), ...parsed.problems] };
}

class ChartReading {
  private readonly builder = new ChartBuilder();
  private readonly problems: ChartProblem[] = [];
  private header: ChartHeader = {};
  /** The bar line that opened the bar in hand on this line, if one did. */
  private opening: ChartToken | undefined;
  private firstOfBar: ChartToken | undefined;
  /** The first word of every written bar. */
  private readonly begins: ChartToken[] = [];
  private sections = 0;
  /** Whether something went beyond a limit and is not in the chart. */
  private leftOut = false;
  private chords = 0;
  private unreadable = 0;
  private barIsFull = false;
  /** True from the first label or chord on: what is said of the whole chart stands before. */
  private begun = false;
  /** The last change of meter written in a bar. */
  private changedMeter: Meter | undefined;
  private readonly directions: { direction: Direction; token: ChartToken }[] = [];

  constructor(private readonly givenMeter: Meter) {}

  get isFull(): boolean {
    return this.builder.barCount > MOST_BARS || this.sections > MOST_SECTIONS;
  }

  private get meter(): Meter {
    return this.header.meter ?? this.givenMeter;
  }

  /** Beats of the bar in hand. */
  private get beats(): number {
    const inForce = (this.changedMeter ?? this.meter).beats;
    return this.builder.barCount === 0 ? (this.header.pickup ?? inForce) : inForce;
  }

  read(token: ChartToken): void {
    if (token.kind === 'header') {
      this.readHeader(token);
    } else if (token.kind === 'new line') {
      this.endBar();
      this.builder.lineBreak();
      this.opening = undefined;
    } else if (token.kind === 'section') {
      this.startSection(token);
    } else if (token.kind === 'words') {
      this.readWords(token);
    } else if (token.kind === 'meter') {
      this.readMeter(token);
    } else if (token.kind === 'word' || token.kind === 'hold' || token.kind === 'repeat bar') {
      this.readSlot(token);
    } else {
      this.readLine(token);
    }
  }

  finish(): ParsedChart {
    this.endBar();
    const sections = this.builder.finish();
    const chart = { header: this.header, meter: this.meter, sections };
    const words = this.chords + this.unreadable;
    if (words >= FEWEST_WORDS_OF_PROSE && this.unreadable > words / 2) {
      const message =
        'This reads like prose, not changes: write chords between bar lines, as | Dm7 G7 | Cmaj7 |.';
      return {
        chart: { ...chart, sections: [] },
        problems: [{ line: 1, column: 1, length: 1, message }],
        whole: false,
      };
    }
    if (!words) this.report({ line: 1, column: 1, text: ' ' }, NO_CHORDS);
    this.checkDirections(sections);
    const tooLong = beyondLongest(chart);
    const stops = tooLong && this.begins[tooLong.bar];
    if (stops) this.report(stops, tooLong.message);
    return { chart, problems: this.problems, whole: !this.isFull && !this.leftOut };
  }

  private startSection(token: ChartToken): void {
    this.endBar();
    this.begun = true;
    this.opening = undefined;
    this.sections += 1;
    if (this.isFull) {
      const most = `A chart holds up to ${MOST_SECTIONS} sections`;
      this.report(token, `${most}; what follows here is not read.`);
    } else {
      this.builder.startSection(token.text.slice(1, -1).trim());
    }
  }

  /** A header line that cannot be taken stays as a remark at the next bar, so that it is not lost. */
  private readHeader(token: ChartToken): void {
    this.builder.headerLine();
    const outcome = this.begun ? MISPLACED : readHeaderLine(token.text);
    if (typeof outcome !== 'string') {
      this.header = { ...this.header, ...outcome };
      return;
    }
    this.report(token, outcome);
    this.builder.addWords(token.text.replaceAll('"', ''));
  }

  /** Bar lines, repeat signs and endings. */
  private readLine(token: ChartToken): void {
    if (token.kind === 'ending') {
      this.endBar();
      this.builder.startEnding(Number(token.text.slice(1)));
      return;
    }
    const repeatEnd = token.kind === 'repeat end' || token.kind === 'repeat end and start';
    this.endBar(repeatEnd, token);
    if (token.kind === 'repeat start' || token.kind === 'repeat end and start') {
      this.builder.startRepeat();
    }
    this.opening = token;
  }

  private readSlot(token: ChartToken): void {
    this.begun = true;
    this.firstOfBar ??= token;
    if (this.builder.barCount === MOST_BARS && this.builder.barIsEmpty) {
      this.report(token, `A chart holds up to ${MOST_BARS} bars; what follows here is not read.`);
    }
    const before = this.builder.slots.length;
    if (before < MOST_SLOTS) this.builder.add(this.slotOf(token));
    else if (!this.barIsFull) {
      this.barIsFull = true;
      this.leftOut = true;
      const most = `A bar holds up to ${MOST_SLOTS} chords and holds`;
      this.report(token, `${most}; what follows here up to the bar line is not read.`);
    }
  }

  private slotOf(token: ChartToken): Slot {
    const slot = barSlot(token.text);
    if (slot.kind === 'chord') this.chords += 1;
    if (slot.kind === 'unreadable') {
      this.unreadable += 1;
      this.reportChord(token, slot.problem);
    }
    return slot;
  }

  /** Where a symbol goes wrong, and what it might have been. */
  private reportChord(token: ChartToken, { message, index, suggestion }: ChordProblem): void {
    this.problems.push({
      line: token.line,
      column: token.column + index,
      length: Math.max(1, token.text.length - index),
      message: `${shortened(token.text)}: ${message}`,
      ...(suggestion ? { suggestion } : {}),
    });
  }

  private endBar(repeatEnd = false, closing?: ChartToken): void {
    if (
      this.builder.barIsEmpty &&
      this.opening?.kind === 'bar line' &&
      closing?.kind === 'bar line'
    ) {
      this.report(
        closing,
        'This bar is empty: write % to repeat the bar before, or . to hold its chord.',
      );
      this.builder.add({ kind: 'hold' });
    } else if (this.firstOfBar) {
      this.checkBar(this.firstOfBar);
    }
    const begins = this.firstOfBar ?? this.opening;
    if (!this.builder.barIsEmpty && begins) this.begins.push(begins);
    this.builder.closeBar(repeatEnd);
    this.firstOfBar = undefined;
    this.barIsFull = false;
  }

  private checkBar(first: ChartToken): void {
    const startsChart = this.builder.barCount === 0;
    for (const message of barProblems(this.builder.slots, this.beats, startsChart)) {
      this.report(first, message);
    }
  }

  private readWords(token: ChartToken): void {
    const words = token.text.replaceAll('"', '').trim();
    if (!/.".*"$/.test(`.${token.text}`)) {
      this.report(token, 'These words have no end: close them with ".');
    }
    const direction = directionOf(words);
    if (direction) this.directions.push({ direction, token });
    if (words) this.builder.addWords(words);
  }

  private readMeter(token: ChartToken): void {
    const meter = parseMeter(token.text);
    if (!meter) {
      this.report(token, `"${token.text}" is no meter: write beats and unit, as 3/4.`);
    } else if (this.builder.changeMeter(meter)) {
      this.changedMeter = meter;
    } else {
      this.report(token, 'A change of meter stands at the beginning of its bar, as | 3/4 Dm7 |.');
    }
  }

  /** A jump needs its signs; each that is missing is said where the jump stands. */
  private checkDirections(sections: Chart['sections']): void {
    const signs = new Set<Direction['kind']>(
      this.directions.map(({ direction }) => direction.kind),
    );
    if (sections.some(({ name }) => isCodaSection(name))) signs.add('coda');
    for (const { direction, token } of this.directions) {
      for (const { sign, message } of needsOf(direction)) {
        if (!signs.has(sign)) this.report(token, message);
      }
    }
  }

  private report(at: Pick<ChartToken, 'line' | 'column' | 'text'>, message: string): void {
    const length = Math.max(1, at.text.length);
    this.problems.push({ line: at.line, column: at.column, length, message });
  }
}

/** A word as it is said in a message. */
const shortened = (word: string): string =>
  word.length > LONGEST_SYMBOL ? `${word.slice(0, LONGEST_SYMBOL)}…` : word;

const MISPLACED =
  'Title, key, meter, tempo, feel and pickup stand at the top, before the first label and bar.';
const NO_CHORDS =
  'There are no chords here yet: type changes between bar lines, as | Dm7 G7 | Cmaj7 |.';
