/**
 * Whether two types say the same of every field, optional ones too: `true` is the only value of
 * `SameShape<A, B>` where they do, and there is none where they do not. So a body class that drifts from
 * its type in core does not compile. Nested classes are checked one by one.
 * @example export const setChecked: SameShape<SetBody, SetFields> = true;
 */
export type SameShape<A, B> = [A, keyof A] extends [B, keyof B]
  ? [B, keyof B] extends [A, keyof A]
    ? true
    : never
  : never;
