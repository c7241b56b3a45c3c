/** The token of the structured log. */
export const LOG = Symbol('log');
