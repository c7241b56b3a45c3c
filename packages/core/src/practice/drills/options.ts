import type { Voicing } from '../../voicing/base/types';
import { easiestOfEach } from '../../voicing/easiest';
import { halfSteps } from './motion';
import type { Question } from './types';

type NearestGrip = Extract<Question, { drill: 'nearest next grip' }>;

const pitchesOf = ({ notes }: Voicing): string => notes.map(({ midi }) => midi).join(' ');

/**
 * Grips to choose from: the nearest and those that come next, each sound once, from low to high, so that its place tells
 * nothing.
 * @param grips every grip of the chord
 * @param count how many, the nearest among them
 */
export function gripOptions(
  { from, answer }: NearestGrip,
  grips: readonly Voicing[],
  count: number,
): Voicing[] {
  const own = grips.filter(({ notes }) => notes.length === answer.notes.length);
  const once = new Map([...easiestOfEach(own), answer].map((grip) => [pitchesOf(grip), grip]));
  return [...once.values()]
    .map((grip) => ({ grip, away: halfSteps(from, grip) }))
    .sort((a, b) => a.away - b.away || (pitchesOf(a.grip) < pitchesOf(b.grip) ? -1 : 1))
    .slice(0, count)
    .map(({ grip }) => grip)
    .sort((a, b) => sum(a) - sum(b) || (pitchesOf(a) < pitchesOf(b) ? -1 : 1));
}

const sum = ({ notes }: Voicing): number => notes.reduce((total, { midi }) => total + midi, 0);
