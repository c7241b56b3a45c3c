import type { FamilyId } from '../types';
import { close } from './close';
import { drop2 } from './drop2';
import type { VoicingFamily } from './family';
import { guide } from './guide';
import { shell } from './shell';

/** Every family, in the order in which a player meets them. */
export const families: readonly VoicingFamily[] = [guide, shell, close, drop2];

export function familyOf(id: FamilyId): VoicingFamily {
  const family = families.find((known) => known.id === id);
  if (!family) throw new Error(`There is no voicing family "${id}"`);
  return family;
}
