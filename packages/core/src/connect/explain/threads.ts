import type { Voicing } from '../../voicing/base/types';
import type { Change } from '../base/types';

/** One voice followed through the chorus, from where it enters to where it ends. */
export interface Thread {
  /** Position of the chord it begins at. */
  readonly from: number;
  /** Its position in each voicing from there on, bottom to top. */
  readonly voices: readonly number[];
}

/** Every voice of the chorus from entry to end; the join of a loop is not crossed. Low voices first. */
export function threadsOf(path: readonly Voicing[], changes: readonly Change[]): Thread[] {
  const done: Thread[] = [];
  let open: { from: number; voices: number[] }[] = [];
  path.forEach((voicing, at) => {
    const change = changes[at - 1];
    const taken = new Map<number, (typeof open)[number]>();
    for (const thread of open) {
      const motion = change?.voices.find((each) => each.from === thread.voices.at(-1));
      if (motion?.to === undefined) done.push(thread);
      else taken.set(motion.to, thread);
    }
    open = voicing.notes.map((_, voice) => {
      const thread = taken.get(voice) ?? { from: at, voices: [] };
      thread.voices.push(voice);
      return thread;
    });
  });
  return [...done, ...open].sort((a, b) => a.from - b.from || a.voices[0]! - b.voices[0]!);
}
