import { prettyNote } from '../../pitch/spelling';
import { isDominant, isTwo, upFrom } from '../readings/moment';
import type { ReadMoment } from '../readings/chartReading';
import { landmark, type LandmarkFinder } from './landmark';

/** A V that falls to the I of its key, with no ii before it: that would be a ii–V–I. */
export const findFiveOnes: LandmarkFinder = ({ moments }) =>
  moments.flatMap((five, at) => {
    const [before, one] = [moments[at - 1], moments[at + 1]];
    if (!one || !isFive(five) || !isOne(one) || one.key !== five.key) return [];
    if (before && (isOwnTwo(before, five) || isSameFive(before, five))) return [];
    const label = `V–${one.class === 'minor' ? 'i' : 'I'} in ${prettyNote(one.tonic)} ${one.key.mode}`;
    return [landmark('V–I', label, five, one, 'arrives')];
  });

const isFive = ({ reading, root, key, ...moment }: ReadMoment): boolean =>
  reading.function === 'dominant' &&
  reading.role === 'own' &&
  upFrom({ root: key.tonic }, { root }) === 7 &&
  moment.class !== 'minor';

const isOne = ({ reading, root, key }: ReadMoment): boolean =>
  reading.function === 'tonic' && root === key.tonic;

const isOwnTwo = (before: ReadMoment, five: ReadMoment): boolean =>
  isTwo(before) && upFrom(before, five) === 5;

const isSameFive = (before: ReadMoment, five: ReadMoment): boolean =>
  isDominant(before) && before.root === five.root;
