import { makeEtudeBook, TWELVE_KEYS } from '@drop-close/core';
import type { AskedEtudes, JobOutcome } from '../asked';
import type { Hand } from './runJob';

/** An étude in all keys. */
export function makeEtudes({ request, instruments }: AskedEtudes, hand: Hand): JobOutcome {
  const made = makeEtudeBook(request, instruments, (done) => {
    hand({ progress: done / TWELVE_KEYS.length });
  });
  return made.ok ? { ok: true, book: made.value } : { ok: false, problem: made.problem.message };
}
