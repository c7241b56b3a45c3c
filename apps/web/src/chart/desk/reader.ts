import { transposeChart, type Chart } from '@drop-close/core';
import { WRITTEN_ABOVE, type Reader } from '../../ui/preferences';

export const READERS: readonly { readonly value: Reader; readonly label: string }[] = [
  { value: 'concert', label: 'Concert' },
  { value: 'B♭', label: 'B♭ part' },
  { value: 'E♭', label: 'E♭ part' },
  { value: 'bass clef', label: 'Bass clef' },
];

/** The chart as a reader has it on the stand; `key` is the tune's where the text names none. */
export const chartFor = (reader: Reader, chart: Chart, key: string): Chart =>
  transposeChart({ ...chart, header: { key, ...chart.header } }, WRITTEN_ABOVE[reader]);
