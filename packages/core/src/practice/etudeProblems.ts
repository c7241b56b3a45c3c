import { prettyDegree } from '../chord/degrees';
import { setInWords } from '../voicing/base/stringSet';
import type { VoicingFamily } from '../voicing/families/family';
import type { Voicing } from '../voicing/base/types';
import type { CycleChords } from './cycles';
import { missingOn } from './rounds/lanes';
import type { EtudeRequest } from './types';

/** Why no étude can be made of these, where that can be told of one chord. */
export function problemIn(
  lists: readonly (readonly Voicing[])[],
  { symbols }: CycleChords,
  { strings }: EtudeRequest,
  { label }: VoicingFamily,
): string | undefined {
  const empty = lists.findIndex((list) => !list.length);
  if (empty >= 0 && !strings.length) {
    return `There is no ${label} for ${symbols[empty]} in this room. Choose another family or room.`;
  }
  const asked = strings.flatMap((set) => {
    const at = missingOn(lists, set);
    return at === undefined
      ? []
      : [`strings ${setInWords(set)} have no ${label} for ${symbols[at]}`];
  });
  if (!asked.length || asked.length < strings.length) return undefined;
  const sentence = asked.join(', and ');
  return `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}. Ask for other strings, or for none.`;
}

/** Why no round could be made of them. */
export function noRounds(
  lists: readonly (readonly Voicing[])[],
  { symbols }: CycleChords,
  { top }: EtudeRequest,
  { label }: VoicingFamily,
): string {
  const empty = lists.findIndex((list) => !list.length);
  if (empty >= 0 && top !== undefined) {
    return `No ${label} of ${symbols[empty]} has its ${prettyDegree(top)} on top here. Choose another note on top.`;
  }
  return 'No set of strings carries the whole cycle. Choose another family, or a room with more register.';
}
