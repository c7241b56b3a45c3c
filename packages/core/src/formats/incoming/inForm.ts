import { formIn } from './form';
import type { ReadLine } from './readLines';

/** Lines in the order they are played, and the line that says it. */
export interface Formed {
  readonly lines: readonly ReadLine[];
  readonly said?: { readonly line: number; readonly form: string };
}

/** The part that begins at a line. */
export const partOf = (each: ReadLine): string | undefined =>
  each.kind === 'part' ? each.name : each.kind === 'changes' ? each.marked.part : undefined;

/** Parts written out as often as the form has them; all as it stands where its letters are not the parts there are. */
export function inForm(lines: readonly ReadLine[]): Formed {
  const saying = lines.find((each) => each.kind === 'words' && formIn(each.words) !== undefined);
  if (saying?.kind !== 'words') return { lines };
  const form = formIn(saying.words)!;
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
    said: { line: saying.line, form },
  };
}
