/** Which time through the chorus a bar of all choruses belongs to, from 0; a pickup to the first. */
export const timeThrough = (bar: number, barsEach: number): number =>
  barsEach > 0 ? Math.max(0, Math.floor((bar - 1) / barsEach)) : 0;

/** The bar of the one chorus that a bar of all choruses is; a pickup stays what it is. */
export const barWithin = (bar: number, barsEach: number): number =>
  bar - timeThrough(bar, barsEach) * barsEach;
