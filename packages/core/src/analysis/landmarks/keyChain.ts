import { isSameKey } from '../base/key';
import { prettyNote } from '../../pitch/spelling';
import { inWords, landmark, moveInWords, type LandmarkFinder } from './landmark';

/** "each a whole step down": how a teacher says it of keys. */
const eachMoved = (move: number): string => {
  const [direction, ...step] = moveInWords(move).split(' ');
  return `each ${step.join(' ')} ${direction}`;
};

/** Two keys are a change of key; a third makes them a chain. */
const FEWEST = 3;

/** Chains of ii–V–Is, where each is heard in its own key. */
export const findKeyChains: LandmarkFinder = ({ chains, moments, tonicOf }) =>
  chains.flatMap(({ links, move }) => {
    if (links.length < FEWEST) return [];
    if (links.some(({ key, one }) => !isSameKey(moments[one]!.key, key))) return [];
    const names = links.map(({ key }) => prettyNote(tonicOf(key)));
    const mode = links[0]!.key.mode === 'minor' ? ' minor' : '';
    const label = `${inWords(links.length)}${mode} keys, ${eachMoved(move)}: ${names.join(', ')}`;
    const [first, last] = [moments[links[0]!.at]!, moments[links.at(-1)!.one]!];
    return [landmark('chain of keys', label, first, last, 'arrives')];
  });
