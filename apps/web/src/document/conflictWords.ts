import type { Conflict } from '@drop-close/core';

/** What players call the parts of a tune, by the path of a field; the first that fits. */
const WORDS: readonly (readonly [path: RegExp, words: string])[] = [
  [/^text$/, 'the chart'],
  [/^(title|key|meter|tempo|feel)$/, 'the $1'],
  [/^arrangementName$/, 'the name of the arrangement'],
  [/^setup\.instrument|^setup\.keyboardHands/, 'the instrument'],
  [/^setup\.room/, 'the room'],
  [/^setup\.families/, 'the families'],
  [/^setup\.locks/, 'the lock of a chord'],
  [/^setup\.(?:scales|pools)/, 'the scale of a chord'],
  [/^setup\.line/, 'the top line'],
  [/^setup\.weights\.(.*)$/, 'the weight of $1'],
  [/^setup\.comp\.hits/, 'the hits of a bar'],
  [/^setup\.comp\.devices/, 'the movement on a chord'],
  [/^setup\.comp\.plan/, 'the plan of the choruses'],
  [/^setup\.comp/, 'the band'],
  [/./, 'the arrangement'],
];

/** What both sides changed, each thing named once: "the tempo", "the hits of a bar". */
export function conflictWords(conflicts: readonly Conflict[]): string[] {
  const named = conflicts.map(({ path }) => {
    const [pattern, words] = WORDS.find(([each]) => each.test(path))!;
    return pattern.exec(path)![0].replace(pattern, words);
  });
  return [...new Set(named)];
}
