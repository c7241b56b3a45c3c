import { parseChord } from '../../chord/parseChord';

/** Signs that stand for others where people write charts in letters, tables and word processors. */
const SIGNS: readonly (readonly [RegExp, string])[] = [
  // Quoted mail.
  [/^(?:\s*>)+\s?/, ''],
  [/[\u200b-\u200d\u2060\ufeff]/g, ''],
  [/\p{Extended_Pictographic}\ufe0f?/gu, ' '],
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
  // Other hands' signs for a bar that comes again, and for one without a chord.
  [/𝄎|[٪％]|[.·•∙]\/\/?[.·•∙]/g, '%'],
  [/(?<=^\s*|\|\s*)no[ -]chords?(?=\s*(?:\||$))/gi, 'N.C.'],
  // Pages: what is stressed, and cells of tables.
  [
    /<\/?(?:b|i|u|em|strong|span|font|code|sup|sub|br|p|div|pre|tr|table|tbody|ul|ol|li|h[1-6])(?:\s[^<>]*)?\/?>/gi,
    '',
  ],
  [/<\/t[dh]>\s*<t[dh](?:\s[^<>]*)?>/gi, ' | '],
  [/<\/?t[dh](?:\s[^<>]*)?>/gi, ''],
  // Between two chords.
  [/(?<=[\w)°øΔ+]\s+)>+(?=\s+[A-H])/g, '→'],
];

/** Dots that lead from one chord to the next: `Dm7...G7...` */
const DOTS = /(?<=[\w)°øΔ+])(?:\.{2,}|…)\s*(?=[A-G]|$)/g;
/** Bars behind a chord: `Dm7 (2 bars)`, `Dm7 x2 |`. A single letter may be a part. */
const BARS = /(?<=^|[\s|])([A-G][^\s|()]+)\s*(?:\(([1-9]\d?) ?bars?\)\s*\|?|\s[x×]([1-9])\s*\|)/gi;

/** Beats behind a chord: `Dm7 (2)`. */
const BEATS = /(?<=[^\s|(])\s+\(([1-4])(?: ?beats?)?\)(?=$|[\s|])/gi;

/** A line with the signs of chart text in place of those that look like them. */
export function cleanLine(line: string): string {
  return SIGNS.reduce((text, [sign, plain]) => text.replace(sign, plain), line)
    .replace(DOTS, ' → ')
    .replace(/→\s*$/, '')
    .replace(BEATS, (_, beats: string) => ' /'.repeat(Number(beats) - 1))
    .replace(BARS, (said, chord: string, bars?: string, times?: string) =>
      isChord(chord) ? `${chord} |${' % |'.repeat(Number(bars ?? times) - 1)}` : said,
    )
    .trimEnd();
}

const isChord = (word: string): boolean => parseChord(word).ok;
