import { withoutH } from '../chord/germanNames';
import type { Chart } from './types';

/**
 * What whoever writes H should know; nothing where no chord of the chart has one. B stays B natural beside it: to take it
 * for B flat would change charts that mix both.
 */
export function germanHint({ sections }: Chart): string | undefined {
  for (const { bars } of sections) {
    for (const slot of bars.flatMap(({ slots }) => slots)) {
      if (slot.kind !== 'chord' || withoutH(slot.text) === slot.text) continue;
      const read = withoutH(slot.text);
      return `${slot.text} is read as ${read}: H is B natural. B is B natural here too; write Bb for B flat.`;
    }
  }
  return undefined;
}
