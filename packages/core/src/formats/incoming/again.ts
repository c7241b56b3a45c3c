import { partOf } from './inForm';
import type { ReadLine } from './readLines';

/** Lines with those of a part in place of what says that it comes again, and what became of the lines that say it. */
export interface Again {
  readonly lines: readonly ReadLine[];
  readonly told: readonly { readonly line: number; readonly as: string }[];
}

const SAME =
  /^\(?(?:(?:the )?same as|repeat|like|as|=)\s+(?:section\s+|part\s+)?\[?(\w{1,12})\]?\)?\.?$/i;

/** Parts that are only named, or said to be as another one, have its changes. */
export function withPartsAgain(lines: readonly ReadLine[]): Again {
  const starts = lines.flatMap((each, at) => (partOf(each) === undefined ? [] : [at]));
  const known = new Map<string, readonly ReadLine[]>();
  const made: ReadLine[] = lines.slice(0, starts[0]);
  const told: { line: number; as: string }[] = [];
  starts.forEach((from, position) => {
    const own = lines.slice(from, starts[position + 1]);
    const name = partOf(own[0]!)!;
    const same = own.find((each) => each.kind === 'words' && SAME.test(each.words));
    const meant = (same?.kind === 'words' && SAME.exec(same.words)?.[1]) || name;
    const last = own.map(({ kind }) => kind).lastIndexOf('changes');
    if (last >= 0) known.set(name.toLowerCase(), changesOf(own));
    const before = known.get(meant.toLowerCase());
    const comesAgain = before && (last < 0 || (same && own.indexOf(same) > last));
    if (!comesAgain) {
      made.push(...own);
      return;
    }
    if (same) told.push({ line: same.line, as: `${meant} again` });
    made.push(...own.filter((each) => each !== same));
    // Under the changes of a part it is a part of its own.
    if (last >= 0) made.push({ ...same!, kind: 'part', name: meant });
    made.push(...before);
  });
  return { lines: made, told };
}

/** The changes of a part, without its name. */
const changesOf = (lines: readonly ReadLine[]): ReadLine[] =>
  lines.flatMap((each) => {
    if (each.kind !== 'changes') return [];
    const { part: _, ...marked } = each.marked;
    return [{ ...each, marked }];
  });
