import {
  edited,
  parseMeter,
  putBack,
  retyped,
  storeArrangement,
  throwAway,
  transposeChart,
  withLock,
  withNote,
  withPool,
  withScales,
  withScalesOpened,
  withSetUp,
  withSpan,
  withSplit,
  type Arrangement,
  type Chart,
  type Comp,
  type LineShape,
  type Lock,
  type OpenScale,
  type PutBackPlace,
  type Split,
  type Unfit,
  type Voicing,
  type WrittenChart,
} from '@drop-close/core';
import { chartOf, fittedOf, positionsOf } from './reading';
import type { TuneDocument } from './types';

/** Every edit a player can make to a tune. */
export type DocumentAction =
  | { readonly type: 'write changes'; readonly text: string }
  /** One edit in the laid-out chart: a step of its own. Bars carry the identities they had. */
  | { readonly type: 'edit chart'; readonly chart: Chart }
  | { readonly type: 'transpose'; readonly semitones: number }
  | {
      readonly type: 'set field';
      readonly field: 'title' | 'key' | 'meter' | 'tempo' | 'feel';
      readonly value: string | number;
    }
  /** `drag` names what is moved without a pause, as a slider is. */
  | {
      readonly type: 'set up';
      readonly change: Partial<Arrangement>;
      readonly drag?: string;
    }
  | {
      readonly type: 'lock';
      readonly at: number;
      readonly symbol: string;
      readonly voicing: Voicing;
    }
  | { readonly type: 'unlock'; readonly at: number }
  /** A scale opened over a chord for voicings and top line, or the chord as written again. */
  | {
      readonly type: 'open scale';
      readonly at: number;
      readonly symbol: string;
      readonly open: OpenScale | undefined;
    }
  /** Scales kept for some chords, or theirs let go; and those kept opened for voicings, where they can be. */
  | {
      readonly type: 'keep scales';
      readonly kept: readonly {
        readonly at: number;
        readonly symbol: string;
        readonly open: OpenScale | undefined;
      }[];
    }
  | { readonly type: 'voice with scales' }
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
  /** What no longer fits, at another chord or bar. */
  | { readonly type: 'put back'; readonly items: readonly Unfit[]; readonly place: PutBackPlace }
  | { readonly type: 'throw away'; readonly items: readonly Unfit[] }
  | { readonly type: 'replace'; readonly document: TuneDocument };

/**
 * The document after an edit. Pure; an edit that changes nothing returns the same object.
 * @param seed begins the names of bars that the edit makes; another one for every edit
 */
export function edit(document: TuneDocument, action: DocumentAction, seed: string): TuneDocument {
  switch (action.type) {
    case 'write changes':
      if (action.text === document.text) return document;
      return rewritten(document, retyped(document, action.text, seed, meterOf(document)));
    case 'edit chart':
      return rewritten(
        document,
        edited(document, { edit: () => action.chart }, seed, meterOf(document)),
      );
    case 'transpose':
      return transposed(document, action.semitones, seed);
    case 'set field':
      return withField(document, action, seed);
    case 'set up':
      return arranged(document, (setup) => withSetUp(setup, action.change));
    case 'lock': {
      const { at, symbol, voicing } = action;
      return arranged(document, (setup) => withLock(setup, at, { symbol, voicing }));
    }
    case 'open scale': {
      const { at, symbol, open } = action;
      return arranged(document, (setup) => withPool(setup, { at, symbol, open }));
    }
    case 'keep scales':
      return arranged(document, (setup) => withScales(setup, action.kept));
    case 'voice with scales':
      return arranged(document, (setup) => withScalesOpened(setup, positionsOf(document)));
    case 'unlock':
      return arranged(document, (setup) => withLock(setup, action.at, undefined));
    case 'lock all':
      return arranged(document, (setup) =>
        action.locks.reduce(
          (locked, { at, symbol, voicing }) => withLock(locked, at, { symbol, voicing }),
          setup,
        ),
      );
    case 'split':
      return parted(document, action.split, action.standing);
    case 'want on top':
      return arranged(document, (setup) => withNote(setup, action));
    case 'shape line':
      return arranged(document, (setup) => withSpan(setup, action));
    case 'comp':
      return arranged(document, (setup) => ({
        ...setup,
        comp: { ...setup.comp, ...action.change },
      }));
    case 'put back':
      return { ...document, setup: putBack(document.setup, action.items, action.place) };
    case 'throw away':
      return { ...document, setup: throwAway(document.setup, action.items) };
    case 'replace':
      return action.document;
  }
}

const meterOf = ({ meter }: TuneDocument) => parseMeter(meter);

/** Other changes; what is said of chords and bars names its place there and stays as it is. */
function rewritten(document: TuneDocument, { text, places }: WrittenChart): TuneDocument {
  if (text === document.text && places === document.places) return document;
  const next = { ...document, text, places };
  const { title } = chartOf(next).chart.header;
  return title === undefined ? next : { ...next, title };
}

/** The changes in another key; where they name none themselves, the tune's own key moves with them. */
function transposed(document: TuneDocument, semitones: number, seed: string): TuneDocument {
  const { chart, whole } = chartOf(document);
  if (!whole) return document;
  const inText = chart.header.key !== undefined;
  const { header, ...moved } = transposeChart(
    { ...chart, header: { key: document.key, ...chart.header } },
    semitones,
  );
  const { key = document.key, ...rest } = header;
  const change = {
    edit: () => ({ ...moved, header: inText ? header : rest }),
    moved: semitones,
  };
  const next = rewritten(document, edited(document, change, seed, meterOf(document)));
  return inText || next === document ? next : { ...next, key };
}

type SetField = Extract<DocumentAction, { readonly type: 'set field' }>;

/** A title that the text gives is written there too. */
function withField(document: TuneDocument, { field, value }: SetField, seed: string): TuneDocument {
  if (document[field] === value) return document;
  const next = { ...document, [field]: value };
  const { chart, whole } = chartOf(document);
  if (field !== 'title' || chart.header.title === undefined || !whole) return next;
  const renamed = { ...chart, header: { ...chart.header, title: String(value) } };
  return { ...next, ...edited(document, { edit: () => renamed }, seed, meterOf(document)) };
}

/** An edit of the arrangement as it is in hand, saved by place. */
function arranged(
  document: TuneDocument,
  change: (setup: Arrangement) => Arrangement,
): TuneDocument {
  const fitted = fittedOf(document);
  const setup = change(fitted.arrangement);
  if (setup === fitted.arrangement) return document;
  return { ...document, setup: storeArrangement(setup, positionsOf(document), fitted) };
}

function parted(document: TuneDocument, split: Split, standing: boolean): TuneDocument {
  const place = positionsOf(document).whole[split.at]?.place;
  if (!place) return document;
  const { symbol, after } = split;
  const setup = withSplit(document.setup, { place, symbol, after }, standing);
  return setup === document.setup ? document : { ...document, setup };
}

/** Edits of one kind made without a pause are undone together. */
export function groupOf(action: DocumentAction): string | undefined {
  switch (action.type) {
    case 'write changes':
      return 'text';
    case 'set field':
      return `field ${action.field}`;
    case 'set up':
      return action.drag;
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
    case 'open scale':
    case 'keep scales':
    case 'voice with scales':
    case 'unlock':
    case 'put back':
    case 'throw away':
    case 'replace':
      return undefined;
  }
}
