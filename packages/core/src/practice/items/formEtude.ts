import { inversionOf } from '../../voicing/base/stacks';
import type { InstrumentId } from '../../voicing/base/instruments';
import type { Room, Voicing } from '../../voicing/base/types';
import { handsOf } from '../rounds/lanes';
import type { Etude, EtudeRequest } from '../types';
import { KEY_GROUPS, type FormItem } from './items';

/** On strings, or in hands. */
export const isOnStrings = ({ where }: Pick<FormItem, 'where'>): boolean => /^\d+$/.test(where);

/** The étude of a form: its family on its strings, its quality, one shape through all keys by fourths. */
export function formRequest(
  item: FormItem,
  { room, fretted }: { readonly room: Room; readonly fretted: InstrumentId },
): EtudeRequest {
  const onStrings = isOnStrings(item);
  return {
    ...{ family: item.family, cycle: 'circle of fourths', kind: item.quality },
    ...{ key: 'C', triads: false, way: 'same shape', room },
    strings: onStrings ? [item.where] : [],
    instrument: onStrings ? fretted : 'keyboard',
  };
}

/**
 * The chords of a form in its group of keys, of its inversion and where it lies.
 * @returns none where the étude has no such round: not every family stands on every tone, or lies everywhere
 */
export function formPath(item: FormItem, { rounds }: Pick<Etude, 'rounds'>): readonly Voicing[] {
  const keys = item.keys.split(' ').length;
  const first = KEY_GROUPS.indexOf(item.keys) * keys;
  // A round may change strings or hands on its way; what counts is where it lies in these keys.
  const isIt = (voicing: Voicing): boolean =>
    liesAt(voicing, item.where) && inversionOf(voicing.notes[0]!.degree) === item.inversion;
  const paths = rounds.map(({ path }) => path.slice(first, first + keys));
  return paths.find((path) => path.every(isIt)) ?? [];
}

const liesAt = (voicing: Voicing, where: string): boolean =>
  isOnStrings({ where })
    ? voicing.notes.every(({ string }) => where.includes(String(string)))
    : handsOf(voicing) === where;
