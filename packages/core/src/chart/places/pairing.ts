/**
 * Pairs the items of two lists in their order so that the sum of what the pairs are worth is greatest;
 * what finds no partner stays alone. Of pairings worth the same the one that pairs earlier items.
 *
 * Dynamic programming over both lists, as for the longest common subsequence: time and room grow with
 * the product of the lengths. Source: Needleman and Wunsch 1970, without a cost for gaps.
 *
 * @param worth of two items paired, 0 or more; pairs worth 0 are not made
 * @returns for each item of the second list the position of its partner in the first
 */
export function bestPairing(
  before: number,
  after: number,
  worth: (before: number, after: number) => number,
): (number | undefined)[] {
  const width = after + 1;
  /** The most that the items from these positions on are worth. */
  const best = new Float64Array((before + 1) * width);
  const worths = new Float64Array(before * after);
  for (let i = before - 1; i >= 0; i -= 1) {
    for (let j = after - 1; j >= 0; j -= 1) {
      const here = worth(i, j);
      worths[i * after + j] = here;
      const paired = here > 0 ? here + best[(i + 1) * width + j + 1]! : 0;
      best[i * width + j] = Math.max(paired, best[(i + 1) * width + j]!, best[i * width + j + 1]!);
    }
  }
  const partners: (number | undefined)[] = Array.from({ length: after }, () => undefined);
  let [i, j] = [0, 0];
  while (i < before && j < after) {
    const here = worths[i * after + j]!;
    const value = best[i * width + j]!;
    if (here > 0 && value === here + best[(i + 1) * width + j + 1]!) {
      partners[j] = i;
      i += 1;
      j += 1;
    } else if (value === best[(i + 1) * width + j]!) i += 1;
    else j += 1;
  }
  return partners;
}
