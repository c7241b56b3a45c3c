import type { Strength } from '@drop-close/core';

/** How well something is known, in a word. */
export const STRENGTH_WORDS: Readonly<Record<Strength, string>> = {
  never: 'not yet',
  lost: 'lost',
  fading: 'fading',
  known: 'known',
  firm: 'firm',
};

/** How full the mark is: one more quarter for each step. */
const QUARTERS: Readonly<Record<Strength, number>> = {
  never: 0,
  lost: 1,
  fading: 2,
  known: 3,
  firm: 4,
};

/** How well something is known: a bar of four parts, and the word. */
export function StrengthMark({ strength }: { strength: Strength }) {
  return (
    <span className={`strength strength-${strength}`}>
      <span className="strength-bar" aria-hidden>
        {[1, 2, 3, 4].map((part) => (
          <i key={part} className={part <= QUARTERS[strength] ? 'full' : ''} />
        ))}
      </span>
      <span className="strength-word">{STRENGTH_WORDS[strength]}</span>
    </span>
  );
}
