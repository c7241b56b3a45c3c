import { prettyDegree } from '../chord/degrees';
import { setInWords } from '../voicing/base/stringSet';
import { familyOf } from '../voicing/families';
import type { CycleChords } from './cycles';
import { formOf } from './rounds/rounds';
import type { EtudeRequest, Round } from './types';

const CYCLE_TITLES: Readonly<Record<EtudeRequest['cycle'], (key: string) => string>> = {
  'circle of fourths': () => 'round the circle',
  'diatonic fourths': (key) => `by fourths in ${key}`,
  'diatonic fifths': (key) => `by fifths in ${key}`,
  steps: (key) => `by steps in ${key}`,
  'ii–V–I': (key) => (key.endsWith('m') ? 'ii–V–i in all keys' : 'ii–V–I in all keys'),
};

/** "Drop 2 by fourths in Eb, triads, same shape". */
export function titleOf({
  family,
  cycle,
  kind,
  key,
  triads,
  way,
  top,
  played,
}: EtudeRequest): string {
  const { label } = familyOf(family);
  const name = label.charAt(0).toUpperCase() + label.slice(1);
  const parts = [`${name} ${CYCLE_TITLES[cycle](key)}`];
  if (cycle === 'circle of fourths') parts.push(`C${kind}`);
  else if (cycle !== 'ii–V–I' && triads) parts.push('triads');
  if (cycle === 'ii–V–I' && top !== undefined) parts.push(`${top} on top`);
  if (way === 'same shape') parts.push('same shape');
  if (played === 'broken') parts.push('broken');
  if (played === 'enclosed') parts.push('top note enclosed');
  return parts.join(', ');
}

const BARS_A_LINE = 4;

/** Each round a section, and above it where it begins. */
export function textOf({ symbols, bars }: CycleChords, rounds: readonly Round[]): string {
  let next = 0;
  const filled = bars.map((count) => symbols.slice(next, (next += count)).join(' '));
  const sections = rounds.map((round, at) => {
    const [first = '', ...rest] = filled;
    const all = [`"${whereInWords(round)}" ${first}`, ...rest];
    const lines = Array.from(
      { length: Math.ceil(all.length / BARS_A_LINE) },
      (_, line) => `| ${all.slice(line * BARS_A_LINE, (line + 1) * BARS_A_LINE).join(' | ')} |`,
    );
    return [`[${at + 1}]`, ...lines].join('\n');
  });
  return sections.join('\n');
}

/** "strings 5-4-3-2, 3 lowest", or "left hand, R lowest, 7 on top" of a small form. */
export function whereInWords({ strings, hands, bottom, top, path }: Round): string {
  const small = formOf(path[0]!).includes(' ');
  const place = strings.length
    ? `strings ${strings.map(setInWords).join(' and ')}`
    : (HANDS[hands] ?? hands);
  const onTop = small ? [`${prettyDegree(top)} on top`] : [];
  return [place, `${prettyDegree(bottom)} lowest`, ...onTop].join(', ');
}

const HANDS: Readonly<Record<string, string>> = {
  left: 'left hand',
  right: 'right hand',
  'left right': 'both hands',
};
