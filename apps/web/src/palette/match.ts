import { plainLetters, searchedWords } from '@drop-close/core';

/** Whether every word that was typed begins a word of the label or stands in it; the better the earlier it does, 0..1. */
export function match(_: string, search: string, keywords: readonly string[] = []): number {
  const [label = '', others = ''] = keywords.map(plainLetters);
  const asked = searchedWords(search);
  const scores = asked.map((word): number => {
    if (label.startsWith(word)) return 1;
    if (label.includes(` ${word}`)) return 0.8;
    if (label.includes(word)) return 0.5;
    return others.includes(word) ? 0.3 : 0;
  });
  if (!scores.length) return 1;
  return Math.min(...scores) === 0
    ? 0
    : scores.reduce((sum, each) => sum + each, 0) / scores.length;
}
