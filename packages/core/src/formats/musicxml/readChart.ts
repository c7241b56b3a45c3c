/**
 * A chart out of MusicXML 4.0, partwise, plain or packed: the chords of the part that has most of them, bar by bar, with
 * sections, repeats, endings, signs and words; title, key, meter, tempo and feel; and the notes of the score as a solo line,
 * laid over the chart as it is played. What cannot be taken over is told.
 */
import { fail, ok, type Result } from '../../base/result';
import { midi, ticks } from '../../base/units';
import { storablePart } from '../../base/storable';
import { transposeChart } from '../../analysis/transposeChart';
import { formatChart } from '../../chart/formatChart';
import { formatHeader, LONGEST_TITLE } from '../../chart/header';
import { MOST_BARS } from '../../chart/limits';
import { FOUR_FOUR, formatMeter, quartersInBar } from '../../chart/meter';
import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import type { ChartHeader, Meter } from '../../chart/types';
import { inTicks } from '../../comp/base/time';
import type { SoloLine } from '../../comp/solo/types';
import { withChordWords } from './chordWords';
import { child, numberIn, type Element } from './elements';
import { measureText, meterIn } from './measureText';
import { keyIn, tempoAndFeelIn } from './readHead';
import { lineIn, titleIn, transposeIn } from './readSolo';
import { scoreIn } from './opened';
import { spreadEndings, type PlacedText } from './spreadEndings';

/** The notes of a score, as a solo line. */
export interface ScoredLine {
  readonly name: string;
  readonly line: SoloLine;
}

/** A chart as a file has it. */
export interface ChartReading {
  readonly title: string;
  readonly header: ChartHeader;
  /** As chart text, without its header but for a pickup. */
  readonly text: string;
  readonly solos: readonly ScoredLine[];
  /** What was not taken over as it is, in sentences. */
  readonly said: readonly string[];
  readonly chords: number;
}

/** Reads a chart. Fails with a sentence for the player where there are neither chords nor notes. */
export function readChartXml(bytes: Uint8Array): Result<ChartReading, string> {
  const score = scoreIn(bytes);
  return score.ok ? chartIn(score.value) : score;
}

const harmoniesOf = (part: Element): number =>
  part.children.reduce(
    (sum, { children }) => sum + children.filter(({ name }) => name === 'harmony').length,
    0,
  );

/** The part with the most chords, be they harmonies or words. */
function partWithChords(parts: readonly Element[]): Element | undefined {
  const most = (all: readonly Element[]): Element | undefined =>
    [...all].sort((a, b) => harmoniesOf(b) - harmoniesOf(a))[0];
  const part = most(parts);
  return part && harmoniesOf(part) ? part : most(parts.map(withChordWords));
}

function chartIn(score: Element): Result<ChartReading, string> {
  const part = partWithChords(score.children.filter(({ name }) => name === 'part'));
  const measures = part?.children.filter(({ name }) => name === 'measure') ?? [];
  if (!part || !measures.length) return fail('There are no bars in this score.');
  const kept = measures.slice(0, MOST_BARS);
  const meter = meterIn(measures[0]!) ?? FOUR_FOUR;
  const pickup = pickupOf(measures[0]!, meter);
  const texts = spreadEndings(textsOf(kept, meter, pickup));
  const laid = storablePart(layOut(texts));
  const key = keyIn(part, parseChart(laid, meter).chart);
  const read: ChartHeader = {
    ...(key !== undefined && { key }),
    ...tempoAndFeelIn(part),
    ...(pickup !== undefined && { pickup }),
  };
  const { text, header } = sounding(laid, read, meter, transposesIn(part));
  const chords = harmoniesOf(part);
  const measureOf = (written: number): number => texts[written]?.measure ?? written;
  const solo = soloOf(score, text, meter, measureOf);
  if (!chords && !solo) return fail('There are no chords and no notes in this score.');
  const said = [
    ...new Set(texts.flatMap(({ text: each }) => each.said)),
    ...(kept.length < measures.length ? [`bars after the first ${MOST_BARS}`] : []),
    ...(chords ? [] : ['there are no chords in it: its bars are empty']),
    ...(solo?.said ?? []),
  ];
  return ok({
    title: storablePart(titleIn(score)).slice(0, LONGEST_TITLE),
    ...{ header: { ...header, meter }, text, solos: solo ? [solo.own] : [], said, chords },
  });
}

function textsOf(
  measures: readonly Element[],
  first: Meter,
  pickup: number | undefined,
): PlacedText[] {
  const state = { divisions: 1, meter: first };
  return measures.map((measure, at) => {
    const before = state.meter;
    state.meter = meterIn(measure) ?? before;
    const isChanged = at > 0 && formatMeter(before) !== formatMeter(state.meter);
    const meter = isChanged ? { meter: state.meter } : {};
    if (at > 0 || pickup === undefined)
      return { text: measureText(measure, state), measure: at, ...meter };
    const short = { divisions: 1, meter: { ...first, beats: pickup } };
    const text = measureText(measure, short);
    state.divisions = short.divisions;
    return { text, measure: at };
  });
}

/** Beats of a first measure that is shorter than its meter. */
function pickupOf(measure: Element, { beats, unit }: Meter): number | undefined {
  const isPickup = measure.attributes['implicit'] === 'yes' || measure.attributes['number'] === '0';
  if (!isPickup) return undefined;
  const attributes = measure.children.filter(({ name }) => name === 'attributes');
  const divisions = numberIn(attributes.flatMap((each) => child(each, 'divisions') ?? [])[0]) ?? 1;
  const lengths = measure.children.map((element) => {
    const length = numberIn(child(element, 'duration')) ?? 0;
    if (element.name === 'backup') return -length;
    return element.name === 'forward' || (element.name === 'note' && !child(element, 'chord'))
      ? length
      : 0;
  });
  let [now, end] = [0, 0];
  for (const each of lengths) end = Math.max(end, (now += each));
  const own = Math.round((end / divisions) * (unit / 4));
  return own >= 1 && own < beats ? own : undefined;
}

/** A part for a transposing instrument says its chords as it reads them: they come back to where they sound. */
function sounding(
  text: string,
  header: ChartHeader,
  meter: Meter,
  semitones: number,
): { readonly text: string; readonly header: ChartHeader } {
  const { key, pickup } = header;
  const lead = formatHeader({ ...(key !== undefined && { key }), ...(pickup && { pickup }) });
  const { chart } = parseChart(storablePart([...lead, text].join('\n')), meter);
  const moved = transposeChart(chart, semitones);
  const { key: sounds, ...rest } = moved.header;
  return {
    text: formatChart({ ...moved, header: rest }),
    header: { ...header, ...(sounds !== undefined && { key: sounds }) },
  };
}

const transposesIn = (part: Element): number =>
  part.children
    .flatMap(({ children }) => children.filter(({ name }) => name === 'attributes'))
    .map(transposeIn)
    .find((each) => each !== undefined) ?? 0;

const BARS_A_LINE = 4;

/** Bars four to a line; a section begins a line of its own. */
function layOut(bars: readonly PlacedText[]): string {
  const lines: string[] = [];
  let line = '';
  let inLine = 0;
  bars.forEach(({ text, meter }, at) => {
    const { section, slots, opens, closes, endings } = text;
    if (section !== undefined) {
      if (line) lines.push(line);
      lines.push(`[${section}]`);
      [line, inLine] = ['', 0];
    }
    const next = bars[at + 1]?.text;
    const mark = endings.length ? `(${endings[0]!}` : '';
    const change = meter ? `${formatMeter(meter)} ` : '';
    const shares = inLine + 1 < BARS_A_LINE && next?.section === undefined;
    line += line ? '' : opens ? '|:' : '|';
    line += `${mark} ${withMeter(change, slots)} ${closes ? ':' : ''}|${shares && next?.opens ? ':' : ''}`;
    inLine += 1;
    if (inLine === BARS_A_LINE) {
      lines.push(line);
      [line, inLine] = ['', 0];
    }
  });
  return [...lines, ...(line ? [line] : [])].join('\n');
}

/** A change of meter stands behind the words over its bar and before its chords. */
function withMeter(change: string, slots: string): string {
  const [words = ''] = /^(?:"[^"]*"\s*)*/.exec(slots) ?? [];
  return words + change + slots.slice(words.length);
}

/** The notes of the score, over the chart as it is played. */
function soloOf(
  score: Element,
  text: string,
  meter: Meter,
  measureOf: (written: number) => number,
): { readonly own: ScoredLine; readonly said: readonly string[] } | undefined {
  const { bars } = timeline(parseChart(text, meter).chart);
  const read = lineIn(
    score,
    bars.map(({ written }) => measureOf(written)),
  );
  if (!read.ok) return undefined;
  const pickup = bars[0]?.number === 0 ? inTicks(quartersInBar(bars[0].meter)) : 0;
  const notes = read.value.notes.map(({ midi: pitch, at, length, velocity }) => ({
    ...{ midi: midi(pitch), at: ticks(at - pickup), length: ticks(length), velocity },
  }));
  const name = storablePart(read.value.part || 'Melody').slice(0, LONGEST_NAME);
  const said = read.value.skipped.map((each) => each.replace(/\.$/, ''));
  return { own: { name, line: { notes, written: true } }, said };
}

/** Of a solo line, in characters. */
const LONGEST_NAME = 80;
