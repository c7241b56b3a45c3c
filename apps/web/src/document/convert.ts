import type { ArrangementFields, ArrangementView, TuneFields, TuneView } from '@drop-close/core';
import equal from 'fast-deep-equal';
import type { Origin, TuneDocument } from './types';

/** A stored tune with one of its arrangements, as a document. @throws when it has no arrangement. */
export function documentOf(tune: TuneView): { document: TuneDocument; origin: Origin } {
  const [arrangement] = tune.arrangements;
  if (!arrangement) throw new Error(`"${tune.title}" has no arrangement.`);
  return { document: join(tune, arrangement), origin: originOf(tune, arrangement) };
}

const join = (tune: TuneView, { name, setup }: ArrangementFields): TuneDocument => ({
  title: tune.title,
  text: tune.text,
  places: tune.places,
  key: tune.key,
  meter: tune.meter,
  tempo: tune.tempo,
  feel: tune.feel,
  arrangementName: name,
  setup,
});

const originOf = (tune: TuneView, arrangement: ArrangementView): Origin => ({
  tuneId: tune.id,
  arrangementId: arrangement.id,
  tuneVersion: tune.version,
  arrangementVersion: arrangement.version,
});

/** A tune as the server has it once a document is saved: what is worked out from it follows later. */
export function withSaved(tune: TuneView, document: TuneDocument, origin: Origin): TuneView {
  const arrangements = tune.arrangements.map((each) =>
    each.id === origin.arrangementId
      ? { ...each, ...arrangementFields(document), version: origin.arrangementVersion }
      : each,
  );
  return { ...tune, ...tuneFields(document), version: origin.tuneVersion, arrangements };
}

export const tuneFields = (document: TuneDocument): Required<TuneFields> => ({
  title: document.title,
  text: document.text,
  places: document.places,
  key: document.key,
  meter: document.meter,
  tempo: document.tempo,
  feel: document.feel,
});

export const arrangementFields = (document: TuneDocument): ArrangementFields => ({
  name: document.arrangementName,
  setup: document.setup,
});

/** Same to the last field; the server may give fields back in another order. */
export const same = (a: unknown, b: unknown): boolean => equal(a, b);
