/**
 * Words above a bar, typed in quotes. Some of them direct the way through the chart; all others are
 * remarks for the reader. Source: common practice of written music.
 */
export type Direction =
  | { readonly kind: 'segno' | 'to coda' | 'coda' | 'fine' }
  | {
      readonly kind: 'jump';
      readonly from: 'beginning' | 'segno';
      readonly until: 'end' | 'fine' | 'coda';
    };

const SIGNS: readonly (readonly [RegExp, Exclude<Direction['kind'], 'jump'>])[] = [
  [/^(?:segno|sign|𝄋)$/i, 'segno'],
  [/^to (?:coda|𝄌)$/i, 'to coda'],
  [/^(?:coda|𝄌)$/i, 'coda'],
  [/^fine$/i, 'fine'],
];

/**
 * Reads words as a direction; `undefined` when they are a remark.
 * @example directionOf('D.S. al Coda') // { kind: 'jump', from: 'segno', until: 'coda' }
 * @example directionOf('let it ring') // undefined
 */
export function directionOf(words: string): Direction | undefined {
  const plain = words.trim();
  const sign = SIGNS.find(([pattern]) => pattern.test(plain));
  if (sign) return { kind: sign[1] };
  const jump = /^d\.?\s?([cs])\.?(?:\s+al\s+(fine|coda))?$/i.exec(plain);
  if (!jump) return undefined;
  return {
    kind: 'jump',
    from: jump[1]?.toLowerCase() === 'c' ? 'beginning' : 'segno',
    until: jump[2] ? (jump[2].toLowerCase() as 'fine' | 'coda') : 'end',
  };
}

/** Section names that are where "To Coda" leads when no bar says "Coda". */
export const isCodaSection = (name: string | undefined): boolean => /^coda$/i.test(name ?? '');

/** What a direction asks for that must stand somewhere else in the chart. */
interface Need {
  readonly sign: 'segno' | 'to coda' | 'coda' | 'fine';
  readonly message: string;
}

/** The signs a jump needs, each with what to say when it is missing. */
export function needsOf(direction: Direction): Need[] {
  if (direction.kind !== 'jump') return [];
  const needs: Need[] = [];
  if (direction.from === 'segno') {
    needs.push({ sign: 'segno', message: 'D.S. goes back to a sign: write "Segno" where it is.' });
  }
  if (direction.until === 'fine') {
    needs.push({ sign: 'fine', message: 'al Fine stops at a bar: write "Fine" in it.' });
  }
  if (direction.until === 'coda') {
    needs.push(
      { sign: 'to coda', message: 'al Coda leaves from a bar: write "To Coda" in it.' },
      { sign: 'coda', message: 'al Coda goes to a coda: write "Coda" or [Coda] where it begins.' },
    );
  }
  return needs;
}
