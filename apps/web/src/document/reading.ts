import {
  fitArrangement,
  parseMeter,
  positionsIn,
  readWritten,
  type FittedArrangement,
  type ParsedChart,
  type Positions,
} from '@drop-close/core';
import type { TuneDocument, TuneInHand } from './types';

/** The last answer of a function, given again while what it was asked is the same. */
function remembered<A extends readonly unknown[], R>(ask: (...asked: A) => R): (...asked: A) => R {
  let last: { readonly asked: A; readonly answer: R } | undefined;
  return (...asked) => {
    if (!last?.asked.every((each, at) => Object.is(each, asked[at]))) {
      last = { asked, answer: ask(...asked) };
    }
    return last.answer;
  };
}

const read = remembered(
  (text: string, places: TuneDocument['places'], meter: string): ParsedChart =>
    readWritten({ text, places }, parseMeter(meter)),
);

/** The chart of a document, its bars with their identities. Read once for each edit. */
export const chartOf = ({ text, places, meter }: TuneDocument): ParsedChart =>
  read(text, places, meter);

const locate = remembered((parsed: ParsedChart, places: TuneDocument['places']): Positions =>
  positionsIn(parsed.chart, places),
);

export const positionsOf = (document: TuneDocument): Positions =>
  locate(chartOf(document), document.places);

const fit = remembered(fitArrangement);

/** The arrangement of a document with everything where it is in the chart as it is now. */
export const fittedOf = (document: TuneDocument): FittedArrangement =>
  fit(document.setup, positionsOf(document));

const hold = remembered((document: TuneDocument): TuneInHand => {
  const { arrangement, unfit } = fittedOf(document);
  return { ...document, setup: arrangement, unfit, positions: positionsOf(document) };
});

/** A document as its player has it in hand; the same object for the same document. */
export const inHand = (document: TuneDocument): TuneInHand => hold(document);
