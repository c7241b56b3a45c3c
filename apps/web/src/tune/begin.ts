import type { InstrumentId, Room } from '@drop-close/core';

/** How a tune begins that somebody was just asked about: on what, with whom, and heard at once. */
export interface Begin {
  readonly instrument: InstrumentId;
  readonly room: Room;
}

/** What the address before has said of how this tune begins, if anything. */
export function beginIn(state: unknown): Begin | undefined {
  const { firstTime } = (state ?? {}) as { readonly firstTime?: Begin };
  return firstTime;
}
