import type { Chart, Slot } from '../types';

/** What sounds in each written bar, as it is written: a `%` is filled in with the bar before it. */
export function soundingSlots(chart: Chart): (readonly Slot[])[] {
  let before: readonly Slot[] = [];
  return chart.sections
    .flatMap(({ bars }) => bars)
    .map(({ slots }) => (before = slots[0]?.kind === 'repeat bar' ? before : slots));
}
