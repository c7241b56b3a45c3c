/** The words of chart text, each with where it stands (line and column from 1). */
export interface ChartToken {
  readonly kind:
    | 'header'
    | 'section'
    | 'bar line'
    | 'repeat start'
    | 'repeat end'
    | 'repeat end and start'
    | 'ending'
    | 'repeat bar'
    | 'hold'
    | 'meter'
    | 'words'
    | 'word'
    | 'new line';
  readonly text: string;
  readonly line: number;
  readonly column: number;
}

/**
 * A chord may be followed by its alterations in brackets after a space, as in `C7 (b9)`; a bracket
 * with a chord or an ending number in it is not taken for that.
 */
const WORD =
  /(?:\([^()|\n]*\)|[^\s|:()"]|\((?!\d))(?:\([^()|\n]*\)|[^\s|:()"]|[()])*(?:[ \t]+\((?:[b#♭♯+-]\d|\d{1,2}[,)]|add|no|omit|sus|maj|alt)[^()|\n]*\))*/y;

const PATTERNS: readonly (readonly [ChartToken['kind'], RegExp])[] = [
  ['section', /\[[^\]\n]*\]/y],
  ['repeat end and start', /:\|{1,2}:/y],
  ['repeat end', /:\|{1,2}/y],
  ['repeat start', /\|{1,2}:/y],
  ['bar line', /\|{1,2}/y],
  ['ending', /\(\d(?![^(\s|]*\))/y],
  ['repeat bar', /%/y],
  // Quotes that are never closed run to the bar line, and are a problem.
  ['words', /"[^"\n]*"|"[^"|\n]*/y],
  ['meter', /\d{1,2}\/\d{1,2}(?=[\s|:]|$)/y],
  ['hold', /\.(?=[\s|.:]|$)/y],
  ['word', WORD],
];

const HEADER = /^\s*(title|key|meter|tempo|feel|pickup)\s*:(?!\|)(.*)$/i;

/** Cuts chart text into words. Every character but space belongs to some token. */
export function chartTokens(text: string): ChartToken[] {
  return text.split(/\r?\n/).flatMap((row, index) => {
    const line = index + 1;
    const broken: ChartToken[] =
      index === 0 ? [] : [{ kind: 'new line', text: '\n', line, column: 1 }];
    return [...broken, ...lineTokens(row, line)];
  });
}

function lineTokens(row: string, line: number): ChartToken[] {
  if (HEADER.test(row)) return [{ kind: 'header', text: row.trim(), line, column: 1 }];
  const tokens: ChartToken[] = [];
  for (let at = 0; at < row.length;) {
    if (/\s/.test(row.charAt(at))) {
      at += 1;
      continue;
    }
    const token = tokenAt(row, at, line);
    tokens.push(token);
    at += token.text.length;
  }
  return tokens;
}

function tokenAt(row: string, at: number, line: number): ChartToken {
  for (const [kind, pattern] of PATTERNS) {
    pattern.lastIndex = at;
    const match = pattern.exec(row);
    if (match?.[0]) return { kind, text: match[0], line, column: at + 1 };
  }
  return { kind: 'word', text: row.charAt(at), line, column: at + 1 };
}
