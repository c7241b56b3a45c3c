import { inversionOf } from '../../voicing/base/stacks';
import type { InstrumentId } from '../../voicing/base/instruments';
import type { Room, Voicing } from '../../voicing/base/types';
import type { Etude, EtudeRequest, Round } from '../types';
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
 * The chords of a form in its group of keys, of its inversion and where it lies; of the round that comes nearest where the
 * étude has none just so.
 */
export function formPath(item: FormItem, { rounds }: Pick<Etude, 'rounds'>): readonly Voicing[] {
  const lies = ({ strings, hands }: Round): boolean =>
    strings.includes(item.where) || hands === item.where;
  const stands = ({ bottom }: Round): boolean => inversionOf(bottom) === item.inversion;
  const round =
    rounds.find((each) => stands(each) && lies(each)) ?? rounds.find(stands) ?? rounds[0];
  const keys = item.keys.split(' ').length;
  const first = KEY_GROUPS.indexOf(item.keys) * keys;
  return round?.path.slice(first, first + keys) ?? [];
}
