import type { ChangesLine } from './habitsOf';
import type { ReadLine } from './readLines';

/**
 * Endings on lines of their own, with repeat signs where the text has none: the lines before them, back to where a part
 * begins, are played each time.
 * So `A: Dm7 G7`, `1st: C6 A7`, `2nd: C6` are `|: Dm7 | G7 |`, `(1 C6 | A7 :|` and `(2 C6 |`.
 */
export function withRepeats(lines: readonly ReadLine[]): ReadLine[] {
  const marked = [...lines];
  lines.forEach((each, at) => {
    if (each.kind !== 'changes' || each.marked.ending !== 1) return;
    const from = beginOf(lines, at);
    const own = lines.slice(from, at + 1);
    const isSigned = own.some((line) => line.kind === 'changes' && /:\||\|:/.test(line.text));
    if (from === at || isSigned) return;
    change(marked, from, { opens: true });
    for (let ending = at; nextEnding(lines, ending) !== undefined;) {
      change(marked, ending, { closes: true });
      ending = nextEnding(lines, ending)!;
    }
  });
  return marked;
}

/** Where the lines before an ending begin. */
function beginOf(lines: readonly ReadLine[], ending: number): number {
  let from = ending;
  while (from > 0) {
    const before = lines[from - 1]!;
    if (before.kind !== 'changes' || before.marked.ending !== undefined) break;
    from -= 1;
    if (before.marked.part !== undefined) break;
  }
  return from;
}

/** The line of the ending after this one. */
function nextEnding(lines: readonly ReadLine[], at: number): number | undefined {
  const next = lines[at + 1];
  const own = lines[at];
  if (next?.kind !== 'changes' || own?.kind !== 'changes') return undefined;
  return next.marked.ending === (own.marked.ending ?? 0) + 1 ? at + 1 : undefined;
}

function change(
  lines: ReadLine[],
  at: number,
  signs: Partial<Pick<ChangesLine['marked'], 'opens' | 'closes'>>,
): void {
  const line = lines[at];
  if (line?.kind === 'changes') lines[at] = { ...line, marked: { ...line.marked, ...signs } };
}
