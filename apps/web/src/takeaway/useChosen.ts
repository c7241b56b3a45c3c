import { READER_IDS, type ReaderId } from '@drop-close/core';
import { useSearchParams } from 'react-router';
import { DOCUMENT_KINDS, type DocumentKind } from './documents';

/** What was chosen stands in the address, so that a document can be bookmarked. */
export interface Chosen {
  readonly kind: DocumentKind;
  /** Nobody, as long as the usual one does. */
  readonly reader: ReaderId | undefined;
  readonly line: string | undefined;
}

export function useChosen(): readonly [Chosen, (change: Partial<Chosen>) => void] {
  const [parameters, setParameters] = useSearchParams();
  const kind = DOCUMENT_KINDS.find((each) => each === parameters.get('sheet')) ?? 'lead sheet';
  const reader = READER_IDS.find((each) => each === parameters.get('for'));
  const line = parameters.get('line') ?? undefined;
  const chosen = { kind, reader, line };
  const choose = (change: Partial<Chosen>): void => {
    const next = { ...chosen, ...change };
    const named = new URLSearchParams({ sheet: next.kind });
    if (next.reader !== undefined) named.set('for', next.reader);
    if (next.line !== undefined) named.set('line', next.line);
    setParameters(named, { replace: true });
  };
  return [chosen, choose];
}
