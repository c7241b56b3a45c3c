/** An outcome that can fail in an expected way: a symbol that cannot be read, a grip nobody can play. */
export type Result<T, P> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: P };

export const ok = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value });
export const fail = <P>(problem: P): { readonly ok: false; readonly problem: P } => ({
  ok: false,
  problem,
});

/** For the `default` of an exhaustive switch: reached only by a defect in the program. */
export function impossible(value: never): never {
  throw new Error(`This cannot happen: ${JSON.stringify(value)}`);
}
