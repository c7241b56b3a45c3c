import { withEnglishNames } from '../chord/germanNames';
import type { Chart } from './types';

/** What whoever writes German names of notes should know; nothing where no chord of the chart has one. */
export function germanHint({ sections }: Chart): string | undefined {
  for (const { bars } of sections) {
    for (const slot of bars.flatMap(({ slots }) => slots)) {
      if (slot.kind !== 'chord') continue;
      const read = withEnglishNames(slot.text);
      if (read === slot.text) continue;
      const hasH = /(?:^|\/)\W*h/i.test(slot.text);
      const said = `${slot.text} is read as ${read}${hasH ? ': H is B natural' : ''}.`;
      return `${said} B is B natural here${hasH ? ' too' : ''}; write Bb for B flat.`;
    }
  }
  return undefined;
}
