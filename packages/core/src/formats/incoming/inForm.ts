import { formIn } from '../charts/form';
import type { ReadLine } from './readLines';

/** Lines in the order they are played, and the line that says it. */
export interface Formed {
  readonly lines: readonly ReadLine[];
  readonly said?: { readonly line: number; readonly form: string } | undefined;
}

/** The part that begins at a line. */
export const partOf = (each: ReadLine): string | undefined =>
  each.kind === 'part' ? each.name : each.kind === 'changes' ? each.marked.part : undefined;

/**
 * Parts written out as often as the form has them; all as it stands where its letters are not the parts there are.
 * @param ofHead the form that the head says; without it the one that a line of its own says
 */
export function inForm(lines: readonly ReadLine[], ofHead: string | undefined): Formed {
  const saying = lines.find((each) => each.kind === 'words' && formIn(each.words) !== undefined);
  const form = saying?.kind === 'words' ? formIn(saying.words) : ofHead;
  if (form === undefined) return { lines };
  const others = lines.filter((each) => each !== saying);
  const starts = others.flatMap((each, at) => (partOf(each) === undefined ? [] : [at]));
  const parts = new Map(
    starts.map((from, at) => [partOf(others[from]!)!, others.slice(from, starts[at + 1])]),
  );
  const isWhole = parts.size === starts.length && parts.size === new Set(form).size;
  if (!isWhole || !Array.from(form).every((letter) => parts.has(letter))) return { lines };
  const played = Array.from(form).flatMap((letter) => parts.get(letter)!);
  return {
    lines: [...others.slice(0, starts[0]), ...played],
    said: saying && { line: saying.line, form },
  };
}
