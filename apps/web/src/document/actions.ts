import {
  followBars,
  followChords,
  formatChart,
  marksChords,
  parseChart,
  parseMeter,
  timeline,
  transposeChart,
  withLock,
  withNote,
  withSpan,
  withSplit,
  type Arrangement,
  type Comp,
  type LineShape,
  type Lock,
  type Split,
  type Timeline,
  type Voicing,
} from '@drop-close/core';
import type { TuneDocument } from './types';

/** Every edit a player can make to a tune. */
export type DocumentAction =
  | { readonly type: 'write changes'; readonly text: string }
  /** One edit in the laid-out chart: a step of its own. */
  | { readonly type: 'edit chart'; readonly text: string }
  | { readonly type: 'transpose'; readonly semitones: number }
  | {
      readonly type: 'set field';
      readonly field: 'title' | 'key' | 'meter' | 'tempo' | 'feel';
      readonly value: string | number;
    }
  | { readonly type: 'set up'; readonly change: Partial<Arrangement> }
  | {
      readonly type: 'lock';
      readonly at: number;
      readonly symbol: string;
      readonly voicing: Voicing;
    }
  | { readonly type: 'unlock'; readonly at: number }
  /** Several chords locked at once: a whole other way to voice the chorus. */
  | { readonly type: 'lock all'; readonly locks: readonly Lock[] }
  /** Splits a chord, or joins its parts again. */
  | { readonly type: 'split'; readonly split: Split; readonly standing: boolean }
  /** A note wanted on top, or none any more. */
  | {
      readonly type: 'want on top';
      readonly at: number;
      readonly symbol: string;
      readonly midi: number | undefined;
    }
  /** A shape for a stretch of the top line, in place of any it overlaps; or none. */
  | {
      readonly type: 'shape line';
      readonly from: number;
      readonly to: number;
      readonly shape: LineShape | undefined;
    }
  /** Something of the comping; edits of one `what` made without a pause are undone together. */
  | { readonly type: 'comp'; readonly change: Partial<Comp>; readonly what?: string }
  | { readonly type: 'replace'; readonly document: TuneDocument };

/** The document after an edit. Pure; an edit that changes nothing returns the same object. */
export function edit(document: TuneDocument, action: DocumentAction): TuneDocument {
  switch (action.type) {
    case 'write changes':
    case 'edit chart':
      return action.text === document.text ? document : writeChanges(document, action.text);
    case 'transpose':
      return transpose(document, action.semitones);
    case 'set field':
      if (document[action.field] === action.value) return document;
      return follow(document, { ...document, [action.field]: action.value });
    case 'set up':
      return { ...document, setup: { ...document.setup, ...action.change } };
    case 'lock': {
      const { at, symbol, voicing } = action;
      return { ...document, setup: withLock(document.setup, at, { symbol, voicing }) };
    }
    case 'unlock':
      return { ...document, setup: withLock(document.setup, action.at, undefined) };
    case 'lock all':
      return {
        ...document,
        setup: action.locks.reduce(
          (setup, { at, symbol, voicing }) => withLock(setup, at, { symbol, voicing }),
          document.setup,
        ),
      };
    case 'split': {
      const { split, standing } = action;
      return { ...document, setup: withSplit(document.setup, symbols(document), split, standing) };
    }
    case 'want on top':
      return { ...document, setup: withNote(document.setup, action) };
    case 'shape line':
      return { ...document, setup: withSpan(document.setup, action) };
    case 'comp': {
      const comp = { ...document.setup.comp, ...action.change };
      return { ...document, setup: { ...document.setup, comp } };
    }
    case 'replace':
      return action.document;
  }
}

const writeChanges = (document: TuneDocument, text: string): TuneDocument =>
  follow(document, { ...document, text });

/** The changes in another key; where they name none themselves, the tune's own key moves with them. */
function transpose(document: TuneDocument, semitones: number): TuneDocument {
  const { chart, whole } = parseChart(document.text, parseMeter(document.meter));
  if (!whole) return document;
  const inText = chart.header.key !== undefined;
  const { header, ...moved } = transposeChart(
    { ...chart, header: { key: document.key, ...chart.header } },
    semitones,
  );
  const { key = document.key, ...rest } = header;
  const text = formatChart({ ...moved, header: inText ? header : rest });
  return follow(document, { ...document, text, key: inText ? document.key : key });
}

/** Locks, splits, devices and the top line go with their chords, hits with their bars, wherever an edit moves them. */
function follow(before: TuneDocument, after: TuneDocument): TuneDocument {
  const { setup } = before;
  if (!marksChords(setup) && !setup.comp.hits.length) return after;
  const [old, now] = [timeOf(before), timeOf(after)];
  const followed = followChords(setup, symbolsOf(old), symbolsOf(now));
  const hits = followBars(followed.comp.hits, old, now);
  const comp = hits === followed.comp.hits ? followed.comp : { ...followed.comp, hits };
  return { ...after, setup: comp === followed.comp ? followed : { ...followed, comp } };
}

const timeOf = ({ text, meter }: TuneDocument): Timeline =>
  timeline(parseChart(text, parseMeter(meter)).chart);

const symbolsOf = ({ events }: Timeline): string[] => events.map((event) => event.chord.symbol);

const symbols = (document: TuneDocument): string[] => symbolsOf(timeOf(document));

/** Edits of one kind made without a pause are undone together. */
export function groupOf(action: DocumentAction): string | undefined {
  switch (action.type) {
    case 'write changes':
      return 'text';
    case 'set field':
      return `field ${action.field}`;
    case 'set up':
      return action.change.weights ? 'sliders' : undefined;
    case 'lock':
      return `lock ${action.at}`;
    case 'want on top':
      return `top ${action.at}`;
    case 'comp':
      return action.what;
    case 'lock all':
    case 'split':
    case 'shape line':
    case 'edit chart':
    case 'transpose':
    case 'unlock':
    case 'replace':
      return undefined;
  }
}
