/**
 * The forms of a family in the order in which they are tried: what the symbol writes sounds wherever a form of
 * the family holds it, and as few tones are left out as will do. The first tier of which something can be
 * played is what there is.
 */
import type { Degree } from '../chord/degrees';
import { unmet, type Material } from './base/material';
import { distinct, FEWEST_NOTES, thinned } from './base/partial';
import type { DegreeStack, VoiceCount } from './base/types';
import type { Stacking, ToneChoice, VoicingFamily } from './families/family';
import { familyStacks } from './familyStacks';

/** How many voices are asked for, and how many the room leaves. */
export interface Sizes {
  readonly voices: VoiceCount;
  readonly mostNotes: number;
}

/** The stacks of a family, tier after tier. */
export function stackTiers(
  of: Stacking,
  { everyDegree }: Pick<VoicingFamily, 'everyDegree'>,
  material: Material,
  sizes: Sizes,
): DegreeStack[][] {
  const all = familyStacks(of, material);
  const lists = bySize(all, material, sizes).map((stacks) =>
    stacks
      .filter((stack) => everyDegree ?? standsRight(stack, material))
      .map((stack) => sayingWhatIsMissing(stack, material)),
  );
  const rank = (stack: DegreeStack, list: number): number[] => {
    const missing = everyDegree ? 0 : unmet(material, degreesOf(stack)).length;
    if (sizes.voices !== 'fewest') return [missing, list];
    const guides = material.guideTones.filter((tone) => !degreesOf(stack).includes(tone)).length;
    return [missing, guides, stack.tones.length];
  };
  return grouped(
    lists.flatMap((stacks, list) => stacks.map((stack) => ({ stack, rank: rank(stack, list) }))),
  );
}

const degreesOf = ({ tones }: DegreeStack): Degree[] => tones.map(({ degree }) => degree);

/** Whole forms, then those with one tone left out, with two, and so on; each list in the family's order. */
function bySize(
  all: readonly DegreeStack[],
  material: Material,
  { voices, mostNotes }: Sizes,
): DegreeStack[][] {
  const cutTo = (size: number): DegreeStack[] =>
    distinct(all.filter((s) => s.tones.length > size).map((s) => thinned(s, material, size)));
  if (typeof voices === 'number') {
    return [all.filter(({ tones }) => tones.length === voices), cutTo(voices)];
  }
  const most = Math.max(0, ...all.map(({ tones }) => tones.length));
  const smaller = Array.from({ length: most }, (_, index) => most - 1 - index);
  return [
    all.filter(({ tones }) => tones.length <= mostNotes),
    ...smaller.filter((size) => size >= FEWEST_NOTES && size <= mostNotes).map(cutTo),
  ];
}

/** On the bass of a slash, or on what the room and the player allow. */
const standsRight = ({ tones }: DegreeStack, { lowest, below }: Material): boolean =>
  below !== undefined || !lowest || lowest.includes(tones[0]!.degree);

function sayingWhatIsMissing(stack: DegreeStack, material: Material): DegreeStack {
  const missing = unmet(material, degreesOf(stack));
  if (!missing.length) return stack;
  return { ...stack, without: [...new Set([...(stack.without ?? []), ...missing])] };
}

interface Ranked {
  readonly stack: DegreeStack;
  readonly rank: readonly number[];
}

/** Stacks of one rank together, the lowest first. */
function grouped(ranked: readonly Ranked[]): DegreeStack[][] {
  const groups = new Map<string, { rank: readonly number[]; stacks: DegreeStack[] }>();
  for (const { stack, rank } of ranked) {
    const key = rank.join();
    const group = groups.get(key) ?? { rank, stacks: [] };
    group.stacks.push(stack);
    groups.set(key, group);
  }
  return [...groups.values()]
    .sort((a, b) => compared(a.rank, b.rank))
    .map(({ stacks }) => distinct(stacks));
}

function compared(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((value, index) => value !== b[index]);
  return at < 0 ? 0 : a[at]! - b[at]!;
}

/** The same for free choices: with all that is written, then with one of it after another left out. */
export function choiceTiers(choice: ToneChoice, { voices, mostNotes }: Sizes): ToneChoice[] {
  const exactly = typeof voices === 'number' ? voices : undefined;
  const most = exactly ?? Math.min(choice.most, mostNotes);
  return choice.demands
    .map((_, leftOut) => without(choice, leftOut))
    .concat(without(choice, choice.demands.length))
    .filter((each) => needs(each) <= most)
    .map((each) => {
      const fewest = exactly ?? (voices === 'fewest' ? needs(each) : Math.min(choice.fewest, most));
      return { ...each, fewest, most: voices === 'fewest' ? fewest : most };
    });
}

/** Voices that hold all that has to sound. */
const needs = ({ guideTones, mayMiss, demands }: ToneChoice): number =>
  Math.max(FEWEST_NOTES, guideTones.length - mayMiss + demands.length);

/** A choice that no longer asks for the last of its demands, and says so. */
function without(choice: ToneChoice, leftOut: number): ToneChoice {
  if (!leftOut) return choice;
  const demands = choice.demands.slice(0, -leftOut);
  const gone = choice.demands.slice(-leftOut).map(([first]) => first!);
  return { ...choice, demands, without: gone };
}
