import type { ChartProblem } from '@drop-close/core';

/** The position of a line and column (from 1) in a text. */
export function offsetOf(text: string, line: number, column: number): number {
  const lines = text.split('\n').slice(0, line - 1);
  return lines.reduce((sum, each) => sum + each.length + 1, 0) + column - 1;
}

/**
 * The text with the word at a problem replaced by its suggestion. The problem's column is that of the
 * first bad character, so the word begins before it; `undefined` when there is no suggestion.
 */
export function mended(text: string, problem: ChartProblem): string | undefined {
  if (problem.suggestion === undefined) return undefined;
  const bad = offsetOf(text, problem.line, problem.column);
  const before = text.slice(0, bad);
  const start = bad - (/[^\s|]*$/.exec(before)?.[0].length ?? 0);
  const end = bad + (/^[^\s|]*/.exec(text.slice(bad))?.[0].length ?? 0);
  return text.slice(0, start) + problem.suggestion + text.slice(end);
}
