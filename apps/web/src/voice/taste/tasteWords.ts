import { inList, terms, type Learned, type Leaning } from '@drop-close/core';

/** Leanings that are told. */
const MOST_TOLD = 4;

/** What was learned of a taste, as a sentence: "“Clear sound” counts more for you, “Easy hands” less." */
export function leaningsInWords({ leanings }: Pick<Learned, 'leanings'>): string {
  const told = leanings.slice(0, MOST_TOLD);
  const more = told.filter((each) => each.more);
  const less = told.filter((each) => !each.more);
  if (!told.length) return 'You choose much as the balance does.';
  const parts = [
    more.length ? `${named(more)} ${counts(more)} more for you` : '',
    less.length ? `${named(less)} ${more.length ? '' : `${counts(less)} `}less` : '',
  ].filter(Boolean);
  return `${parts.join(', ')}.`;
}

const counts = (leanings: readonly Leaning[]): string => (leanings.length > 1 ? 'count' : 'counts');

function named(leanings: readonly Leaning[]): string {
  const labels = leanings.map(
    ({ term }) => `“${terms.find(({ id }) => id === term)?.label ?? term}”`,
  );
  return inList(labels);
}

/** How sure that is: "very sure" where every part of the choices says the same. */
export function surenessInWords({ agreement, leanings, consistent }: Learned): string {
  if (!consistent) {
    return `Your ${agreement.of} choices pull in different directions, so what is learned from them means little.`;
  }
  const least = Math.min(1, ...leanings.map(({ sure }) => sure));
  const sure = agreement.of < 20 ? 'a first guess' : least === 1 ? 'quite sure' : 'fairly sure';
  return `This is ${sure}, from ${agreement.of} choices.`;
}
