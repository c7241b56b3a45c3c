/**
 * The bytes that a request asks for, both included; `undefined` where it asks for all, or for what cannot be read. Source:
 * RFC 9110, range requests; of several ranges none is taken, which the standard allows.
 */
export function rangeOf(
  header: string | undefined,
  bytes: number,
): { readonly first: number; readonly last: number } | undefined {
  const match = /^bytes=(\d*)-(\d*)$/.exec(header ?? '');
  if (!match || (!match[1] && !match[2])) return undefined;
  const suffix = !match[1];
  const first = suffix ? Math.max(0, bytes - Number(match[2])) : Number(match[1]);
  const last = suffix || !match[2] ? bytes - 1 : Math.min(bytes - 1, Number(match[2]));
  return first <= last ? { first, last } : undefined;
}
