import { slotStarts } from '../../chart/meter';

/** A chord of a bar, wherever it came from. */
export interface PlacedSymbol {
  /** In beats from the beginning of the bar. */
  readonly at: number;
  readonly symbol: string;
}

/** Of a slot: files count in whole steps, which leave less than this. */
const NEAR = 0.01;

/**
 * Chords on beats, or on halves of them where any needs it, held by dots, and said shortly where that means the same.
 * @returns beside the slots, whether a chord was moved to the nearest half of a beat
 * @example slotsFor([{ at: 0, symbol: 'Dm7' }, { at: 3, symbol: 'G7' }], 4).slots.join(' ') // 'Dm7 . . G7'
 */
export function slotsFor(
  chords: readonly PlacedSymbol[],
  beats: number,
): { readonly slots: readonly string[]; readonly moved: boolean } {
  if (!chords.length) return { slots: ['.'], moved: false };
  const count = [beats, 2 * beats].find((each) => fits(chords, each, beats));
  const slots = Array.from({ length: count ?? 2 * beats }, () => '.');
  for (const { at, symbol } of chords) {
    const slot = Math.min(slots.length - 1, Math.round((at * slots.length) / beats));
    slots[Math.max(0, slot)] = symbol;
  }
  return { slots: shortSlots(slots, beats), moved: count === undefined };
}

/**
 * The chords alone, where so many of them stand by themselves where they are held here.
 * @param slots a hold is `.`
 * @example shortSlots(['Dm7', '.', 'G7', '.'], 4) // ['Dm7', 'G7']
 * @example shortSlots(['Dm7', '.', 'G7'], 3) // ['Dm7', 'G7']
 */
export function shortSlots(slots: readonly string[], beats: number): readonly string[] {
  const chords = slots.flatMap((slot, at) =>
    slot === '.' ? [] : [{ slot, at: (at * beats) / slots.length }],
  );
  if (slots.length % beats) return slots;
  if (!chords.length) return ['.'];
  const { starts, certain } = slotStarts(chords.length, beats);
  const stand = certain && chords.every(({ at }, position) => at === starts[position]);
  return stand ? chords.map(({ slot }) => slot) : slots;
}

const fits = (chords: readonly PlacedSymbol[], count: number, beats: number): boolean =>
  chords.every(({ at }) => {
    const slot = (at * count) / beats;
    return Math.abs(slot - Math.round(slot)) < NEAR;
  });
