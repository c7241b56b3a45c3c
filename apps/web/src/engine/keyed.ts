import type { Chart } from '@drop-close/core';

/** Changes that name no key are in the tune's own. */
export const keyed = (chart: Chart, key: string): Chart => ({
  ...chart,
  header: { key, ...chart.header },
});
