import { itemKey, itemOf, type PracticeItem, type SessionStep } from '@drop-close/core';

/** The item of a step that practises one. */
export function itemOfStep({ item }: SessionStep): PracticeItem | undefined {
  const read = item === undefined ? undefined : itemOf(item);
  return read?.ok ? read.value : undefined;
}

/** Where an item is practised. */
export function placeOfItem(item: PracticeItem): string {
  if (item.kind === 'form') return `/practise/form?${new URLSearchParams({ item: itemKey(item) })}`;
  const { tuneId, layer, section } = item;
  if (layer === 'memory') return `/tune/${tuneId}/practise?do=by-heart`;
  const search = new URLSearchParams({ layer, ...(section !== undefined && { section }) });
  return `/tune/${tuneId}/practise?${search}`;
}

/** Where a step is done; nowhere for a rest. */
export function placeOfStep(step: SessionStep): string | undefined {
  if (step.tuneId !== undefined) return `/tune/${step.tuneId}/practise?layer=comp`;
  const item = itemOfStep(step);
  return item && placeOfItem(item);
}

/** "1:05". */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
