import { TERM_IDS, terms, type TermCosts, type TermId } from '@drop-close/core';

const LABELS = new Map<TermId, string>(terms.map(({ id, label }) => [id, label]));
/** Differences that are shown, in half steps. */
const WORTH_SAYING = 0.05;
const MOST = 4;

/** What makes one chorus dearer or cheaper than another: "Smoothness +1.5, Easy hands −0.4". */
export function differenceInWords(costs: TermCosts, against: TermCosts): string {
  return TERM_IDS.map((id) => ({ id, apart: costs[id] - against[id] }))
    .filter(({ apart }) => Math.abs(apart) >= WORTH_SAYING)
    .sort((a, b) => Math.abs(b.apart) - Math.abs(a.apart))
    .slice(0, MOST)
    .map(({ id, apart }) => `${LABELS.get(id) ?? id} ${signed(apart)}`)
    .join(', ');
}

/** With a real minus sign: "+1.5", "−0.4". */
export const signed = (amount: number): string =>
  `${amount < 0 ? '−' : '+'}${Math.abs(amount).toFixed(1)}`;
