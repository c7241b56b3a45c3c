/** Signs that stand for others where people write charts in letters, tables and word processors. */
const SIGNS: readonly (readonly [RegExp, string])[] = [
  // Quoted mail.
  [/^(?:\s*>)+\s?/, ''],
  [/[\u200b-\u200d\u2060\ufeff]/g, ''],
  [/[\u00a0\u1680\u2000-\u200a\u202f\u205f\u3000]/g, ' '],
  [/[‖║]/g, '||'],
  [/𝄆/g, '|:'],
  [/𝄇/g, ':|'],
  [/[│┃¦⎮❘｜∣❙]/g, '|'],
  [/[‐‑‒–—−]/g, '-'],
  [/[→⇒➔]|->/g, '→'],
  [/[∕⁄／]/g, '/'],
  [/[“”„«»]/g, '"'],
  // Lists, and stress as mail and notes write it.
  [/^\s*[-*•‣]\s+(?=[^\s-])/, ''],
  [/(?<=^|[\s|])[*_`]{1,3}(?=[A-G(])|(?<=[\w)°øΔ+])[*_`]{1,3}(?=$|[\s|])/g, ''],
  // Other hands' signs for a bar that comes again.
  [/𝄎|[٪％]|\.\/\/?\./g, '%'],
];

/** A line with the signs of chart text in place of those that look like them. */
export function cleanLine(line: string): string {
  return SIGNS.reduce((text, [sign, plain]) => text.replace(sign, plain), line).trimEnd();
}
