import { inList } from '../../base/words';
import { prettyNote } from '../../pitch/spelling';
import { familyOf } from '../../voicing/families';
import type { FormItem, LayerId, PracticeItem } from './items';

const LAYER_WORDS: Readonly<Record<LayerId, (title: string) => string>> = {
  numbers: (title) => `numbers of ${title}`,
  roots: (title) => `roots of ${title}`,
  arpeggios: (title) => `arpeggios of ${title}`,
  'guide tones': (title) => `guide tones of ${title}`,
  shells: (title) => `shells of ${title}`,
  voicings: (title) => `voicings of ${title}`,
  comp: (title) => `comping ${title}`,
  memory: (title) => `${title} by heart`,
};

const INVERSIONS = ['root position', 'first inversion', 'second inversion', 'third inversion'];
const IN_HANDS: Readonly<Record<string, string>> = {
  left: 'left hand',
  right: 'right hand',
  'left right': 'both hands',
};

/** Where a form lies: "strings 5432", "left hand". */
export const placeInWords = (where: string): string => IN_HANDS[where] ?? `strings ${where}`;

/** A form without its chord and keys: "drop 2, first inversion, strings 5432". */
export const formInWords = ({
  family,
  inversion,
  where,
}: Pick<FormItem, 'family' | 'inversion' | 'where'>): string =>
  `${familyOf(family).label}, ${INVERSIONS[inversion]!}, ${placeInWords(where)}`;

/**
 * An item as a player says it: "guide tones of Loose Gangway", "drop 2, first inversion, strings 5432: Cmaj7, Fmaj7 and B♭maj7".
 * @param titleOf the title of a tune; nothing of one that is not in the book
 */
export function itemInWords(
  item: PracticeItem,
  titleOf: (tuneId: string) => string | undefined,
): string {
  if (item.kind === 'form') {
    const chords = item.keys.split(' ').map((key) => `${prettyNote(key)}${item.quality}`);
    return `${formInWords(item)}: ${inList(chords)}`;
  }
  const words = LAYER_WORDS[item.layer](titleOf(item.tuneId) ?? 'a tune that is not in the book');
  return item.section === undefined ? words : `${words}, one section`;
}
