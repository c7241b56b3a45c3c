const DAY: Intl.DateTimeFormatOptions = { weekday: 'long', day: 'numeric', month: 'long' };
const TIME: Intl.DateTimeFormatOptions = { hour: '2-digit', minute: '2-digit' };

/** "Sunday, 29 November", with the year where it is another one. @param at in ms since 1970, or an ISO date */
export function dayOf(at: number | string, now: Date = new Date()): string {
  const date = new Date(at);
  const year = date.getFullYear() === now.getFullYear() ? {} : { year: 'numeric' as const };
  return date.toLocaleDateString('en-GB', { ...DAY, ...year });
}

/** "18:05", by the player's own clock. */
export const timeOf = (at: number | string): string =>
  new Date(at).toLocaleTimeString('en-GB', TIME);

/** "Sunday, 29 November, 18:05". */
export const dayAndTime = (at: number | string): string => `${dayOf(at)}, ${timeOf(at)}`;
