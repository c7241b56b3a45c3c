/**
 * The engraver, which comes with the first staff that shows.
 * @returns nothing where it cannot be loaded, as without the server: the staff stays empty, and the next one
 *   asks again
 */
export const engraver = (): Promise<typeof import('./engrave') | undefined> =>
  import('./engrave').catch(() => undefined);
