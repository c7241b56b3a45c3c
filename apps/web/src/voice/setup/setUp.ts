import type { Arrangement } from '@drop-close/core';
import { useDocument } from '../../document/store';

/** Changes what the whole chorus is voiced by. */
export const setUp = (change: Partial<Arrangement>): void => {
  useDocument.getState().dispatch({ type: 'set up', change });
};
