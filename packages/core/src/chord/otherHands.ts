/**
 * Habits of other hands that are not read, in the words that are. Columns: what is written; what it becomes, `$1` and `$2`
 * as in the pattern. All that fit are mended, in this order. Source: common practice of chord charts in several countries.
 */
const HABITS: readonly (readonly [RegExp, string])[] = [
  // Syllables as roots.
  [/^do(?!m)/i, 'C'],
  [/^r[eé]/i, 'D'],
  [/^mi(?!n)/i, 'E'],
  [/^fa/i, 'F'],
  [/^sol/i, 'G'],
  [/^la/i, 'A'],
  [/^si/i, 'B'],
  [/\\/g, '/'],
  [/half[ -]?dim(?:inished)?7?|hdim7?/i, 'm7b5'],
  [/diminished/i, 'dim'],
  [/augmented/i, 'aug'],
  [/suspended/i, 'sus'],
  [/altered/i, 'alt'],
  [/major/i, 'maj'],
  [/minor/i, 'm'],
  [/dom(?:inant)?/i, ''],
  // A zero for the ring of a diminished chord.
  [/^(\S[b#]?)0/, '$1dim'],
  [/(?<!a)[jJ](?=\d|$)/, 'maj'],
  [/7 ?(?:M|maj|Maj)(?!i)/, 'maj7'],
  [/\/(?:maj7?|Maj7?|ma7|M7|Δ7?)$/, '(maj7)'],
  [/(m|-|mi|min)[+#]7/, 'm(maj7)'],
  [/(?<!sus|add|no|omit|\/|\d)[4]$/, 'sus4'],
  [/(?<!sus|add|no|omit|\/|\d)[2]$/, 'sus2'],
  [/(?:sus)?4\/7|7\/(?:sus)?4/, '7sus4'],
  // A sign behind its number; in brackets, so that it cannot be one of the root.
  [/(?<!\d)(5|9|11|13)([b#])(?!\d)/g, '($2$1)'],
  [/(?<!\d)(5|9)-(?!\d)/g, '(b$1)'],
  // Strokes and dots between added tones.
  [/[/.](?=[b#+-]?(?:5|6|9|11|13)(?!\d))/g, ','],
];

/**
 * What a symbol that cannot be read most likely says, where it has the habits of other hands; to be tried.
 * @param text the whole symbol
 * @example fromOtherHands('C7/9') // 'C7(9)'
 * @example fromOtherHands('C07') // 'Cdim7'
 */
export function fromOtherHands(text: string): string | undefined {
  const mended = HABITS.reduce((left, [habit, own]) => left.replace(habit, own), text);
  return mended === text ? undefined : commasInBrackets(mended);
}

/** Added tones stand in brackets, one pair of them: `7,9,13` as `7(9,13)`. */
const commasInBrackets = (text: string): string =>
  text.includes('(')
    ? text.replace(/\(\(([^()]*)\)\)/g, '($1)')
    : text.replace(/,([^/]*)/, (_, tones: string) => `(${tones.trim()})`);
