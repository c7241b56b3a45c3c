import { TERM_IDS, type TermId } from '../../connect/base/types';
import type { TasteChoice } from '../../connect/taste/choices';

/** A choice as it is saved: whole numbers, in the order of the terms it was made with. */
export interface StoredChoice {
  readonly chosen: readonly number[];
  /** One row of terms after another. */
  readonly others: readonly number[];
}

/** What is kept of a player's choices, to learn their taste from. */
export interface StoredTaste {
  /** Whether new choices are taken up. */
  readonly learning: boolean;
  /** What each number of a choice is the cost of. */
  readonly terms: readonly TermId[];
  /** The latest last; at most `MOST_CHOICES`. */
  readonly choices: readonly StoredChoice[];
}

export const MOST_CHOICES = 200;

export const noTaste: StoredTaste = { learning: true, terms: TERM_IDS, choices: [] };

/** The choices with each number in the order of today's terms; a term that was not there then counts 0. */
export function choicesIn({ terms, choices }: StoredTaste): TasteChoice[] {
  const places = TERM_IDS.map((id) => terms.indexOf(id));
  const today = (costs: readonly number[]): number[] => places.map((place) => costs[place] ?? 0);
  return choices.map(({ chosen, others }) => ({
    chosen: today(chosen),
    others: Array.from({ length: Math.floor(others.length / terms.length) }, (_, row) =>
      today(others.slice(row * terms.length, (row + 1) * terms.length)),
    ),
  }));
}

const stored = ({ chosen, others }: TasteChoice): StoredChoice => ({
  chosen,
  others: others.flat(),
});

/** One choice more; the oldest goes where there are too many. */
export function withChoice(taste: StoredTaste, choice: TasteChoice): StoredTaste {
  const choices = [...choicesIn(taste), choice].slice(-MOST_CHOICES).map(stored);
  return { ...taste, terms: TERM_IDS, choices };
}

/** The same with the latest choice taken back. */
export const withoutLatest = (taste: StoredTaste): StoredTaste => ({
  ...taste,
  choices: taste.choices.slice(0, -1),
});

/** The choices of two places, those of `one` first, each once. */
export function mergedTaste(one: StoredTaste, other: StoredTaste): StoredTaste {
  const known = new Set<string>();
  const choices = [...choicesIn(one), ...choicesIn(other)].filter((choice) => {
    const key = JSON.stringify(choice);
    return known.has(key) ? false : known.add(key);
  });
  return { ...other, terms: TERM_IDS, choices: choices.slice(-MOST_CHOICES).map(stored) };
}
