import type { FamilyId } from '../base/types';
import { block } from './block';
import { cell } from './cell';
import { close } from './close';
import { colour } from './colour';
import { drops } from './drops';
import type { VoicingFamily } from './family';
import { guide } from './guide';
import { leftHand } from './leftHand';
import { modal } from './modal';
import { quartal } from './quartal';
import { rootless } from './rootless';
import { shell } from './shell';
import { shellPlus } from './shellPlus';
import { spread } from './spread';
import { two } from './two';

/** Every family, in the order in which a player meets them. */
export const families: readonly VoicingFamily[] = [
  guide,
  shell,
  shellPlus,
  close,
  ...drops,
  spread,
  rootless,
  quartal,
  cell,
  block,
  colour,
  two,
  modal,
  leftHand,
];

export function familyOf(id: FamilyId): VoicingFamily {
  const family = families.find((known) => known.id === id);
  if (!family) throw new Error(`There is no voicing family "${id}"`);
  return family;
}
