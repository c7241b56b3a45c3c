import { familyOf, isFretted, type FamilyId, type Instrument } from '@drop-close/core';

const HANDS = ['left', 'right', 'left right'];
/** For families that go anywhere, on six strings. */
const ANYWHERE = ['4321', '5432', '6543'];

/** Where a form of a family can lie: its string sets, or hands. */
export function placesOf(family: FamilyId, instrument: Instrument): readonly string[] {
  if (!isFretted(instrument)) return HANDS;
  return familyOf(family).strings ?? ANYWHERE;
}
