import { useEffect, type RefObject } from 'react';

const IN_HAND = '.slot[aria-current=true]';
const SOUNDING = '.slot.sounding';

/**
 * Follows the chords over the sheet: the line of the one that sounds, else of the one in hand, is brought into
 * sight when it is another one; nothing moves while the chart is written in. Arrow keys walk the chorus, and
 * while the hand is on the sheet the focus walks along.
 * @param analysed whether the landmarks are known: they move the lines
 */
export function useFollowing(
  sheet: RefObject<HTMLElement | null>,
  selected: number,
  sounding: number | undefined,
  analysed: boolean,
): void {
  useEffect(() => {
    const focused = document.activeElement;
    if (!focused?.matches('.slot') || !sheet.current?.contains(focused)) return;
    sheet.current.querySelector<HTMLElement>(IN_HAND)?.focus();
  }, [selected, sheet]);
  useEffect(() => {
    const slot = sheet.current?.querySelector(sounding === undefined ? IN_HAND : SOUNDING);
    slot?.closest('.sheet-line')?.scrollIntoView({ block: 'nearest' });
  }, [sheet, selected, sounding, analysed]);
}
