import { isCompedKind, type Sheet, type SheetRequest } from '@drop-close/core';
import { useEffect, useState } from 'react';
import { engine } from '../engine/client';
import { useChorus } from '../engine/useChorus';
import { useComposition } from '../engine/useComposition';

/** The document that is asked for: `undefined` while it is being made, `none` where the tune has none of its kind. */
export function useSheet(request: SheetRequest): Sheet | 'none' | undefined {
  const chorus = useChorus();
  const composed = useComposition();
  const [answer, setAnswer] = useState<{ of: unknown; sheet: Sheet | 'none' }>();
  const source = isCompedKind(request.kind) ? composed : chorus;
  const name = source && `${source.id} ${JSON.stringify(request)}`;
  useEffect(() => {
    if (!source || name === undefined) return undefined;
    let isGone = false;
    const asked = isCompedKind(request.kind)
      ? engine.compSheet(source.id, request)
      : engine.sheet(source.id, request);
    void asked.then((sheet) => {
      if (!isGone) setAnswer({ of: name, sheet: sheet ?? 'none' });
    });
    return () => {
      isGone = true;
    };
    // What is asked stands in its name.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [name]);
  return answer && answer.of === name ? answer.sheet : undefined;
}
