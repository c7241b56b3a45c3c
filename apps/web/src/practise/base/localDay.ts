/**
 * The day of a moment by the player's own calendar, as `2026-11-29`.
 * @param at in ms since 1970
 */
export function localDay(at: number): string {
  const date = new Date(at);
  const two = (number: number): string => String(number).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** The beginning of the day of a moment, by the player's own clock, in ms since 1970. */
export function startOfDay(at: number): number {
  return new Date(at).setHours(0, 0, 0, 0);
}

/** The end of that day: what comes due in it counts as due. */
export const endOfDay = (at: number): number => new Date(at).setHours(24, 0, 0, 0) - 1;
