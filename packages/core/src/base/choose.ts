/** All ways to choose `size` of the items, order kept. */
export function choose<T>(items: readonly T[], size: number): T[][] {
  if (size === 0) return [[]];
  return items.flatMap((item, index) =>
    choose(items.slice(index + 1), size - 1).map((rest) => [item, ...rest]),
  );
}
