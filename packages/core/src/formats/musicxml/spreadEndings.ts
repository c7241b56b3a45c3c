import type { Meter } from '../../chart/types';
import type { MeasureText } from './measureText';

/** A measure of a score as it stands in the chart. */
export interface PlacedText {
  readonly text: MeasureText;
  /** Which of the score, from 0. */
  readonly measure: number;
  /** A change of meter that begins here. */
  readonly meter?: Meter;
}

/**
 * Writes out an ending that several times share, once for each: a chart has one ending for each time. So it does with the
 * last bar of a repeat without endings that is played more than twice.
 * So `|: C |(1,2 G7 :|(3 C |` is `|: C |(1 G7 :|(2 G7 :|(3 C |`.
 */
export function spreadEndings(texts: readonly PlacedText[]): PlacedText[] {
  const spread: PlacedText[] = [];
  let isInEnding = false;
  for (let at = 0; at < texts.length;) {
    const end = endOfEnding(texts, at);
    const [first, ...others] = texts.slice(at, end) as [PlacedText, ...PlacedText[]];
    const { endings, times, opens } = first.text;
    isInEnding = endings.length > 0 || (isInEnding && !opens);
    if (endings.length > 1) spread.push(...timesOf([first, ...others], endings));
    else if (times !== undefined && !isInEnding) spread.push(...oftenRepeated(first, times));
    else spread.push(first, ...others);
    at = end;
  }
  return spread;
}

/** The bars of an ending, once for each time it is played. */
const timesOf = (run: readonly PlacedText[], endings: readonly number[]): PlacedText[] =>
  endings.flatMap((ending, time) =>
    run.map((placed, at): PlacedText => {
      const goesBack = at === run.length - 1 && time < endings.length - 1;
      const closes = placed.text.closes || goesBack;
      // The repeat begins once.
      const opens = placed.text.opens && time === 0;
      return { ...placed, text: { ...placed.text, opens, closes, endings: at ? [] : [ending] } };
    }),
  );

function oftenRepeated(placed: PlacedText, times: number): PlacedText[] {
  const open = { ...placed, text: { ...placed.text, closes: false } };
  return timesOf(
    [open],
    Array.from({ length: times }, (_, at) => at + 1),
  );
}

/** Where the bars of an ending are over: behind its repeat sign, or where another ending or a section begins. */
function endOfEnding(texts: readonly PlacedText[], from: number): number {
  let end = from + 1;
  if (!texts[from]?.text.endings.length) return end;
  while (end < texts.length && !texts[end - 1]!.text.closes) {
    const { endings, section } = texts[end]!.text;
    if (endings.length || section !== undefined) break;
    end += 1;
  }
  return end;
}
