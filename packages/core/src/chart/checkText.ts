import { unstorableIn } from '../base/storable';
import type { ChartProblem } from './types';

/** Where text holds a character that cannot be stored; none where it holds none. */
export function unstorableProblems(text: string): ChartProblem[] {
  const found = unstorableIn(text);
  if (!found) return [];
  const lines = text.slice(0, found.index).split('\n');
  const message = `Here stands a character that cannot be stored (${found.name}): delete it.`;
  const column = (lines.at(-1)?.length ?? 0) + 1;
  return [{ line: lines.length, column, length: 1, message }];
}
