import { stringSetOf, stringsIn } from '../../voicing/base/stringSet';
import type { Ease, Voicing } from '../../voicing/base/types';
import { easiestOfEach } from '../../voicing/easiest';

/** Where a round stays: one set of strings, sets that may be crossed, or one hand. */
export interface Lane {
  /** For each chord of the round the voicings that lie here, all of one number of voices, none empty. */
  readonly layers: readonly (readonly Voicing[])[];
}

/** Free colours are many; so many of a chord and a lane are plenty, the easiest nearest to the middle. */
const MOST_OF_A_LAYER = 60;

export interface LaneChoice {
  /** Sets that may be crossed within a round, and then no others; on keys, the hands may change too. */
  readonly crossing: readonly (readonly string[])[];
  /** Sets that a player asks for, or that the family lives on; none: those that skip the fewest strings. */
  readonly sets: readonly string[];
  /** How far a voicing lies from the middle of the room's register, in semitones. */
  readonly fromMiddle: (voicing: Voicing) => number;
  /** What makes a start a start of its own. */
  readonly formOf: (voicing: Voicing) => string;
  /** Shapes are moved along the neck, so that none has an open string where others are to be had. */
  readonly movable: boolean;
}

/** The number of voices of an étude, where a family has several: the first of these that carries the cycle. */
const SIZES = [4, 3, 2, 5, 6] as const;

/** The lanes that carry a whole cycle, in the order in which its first chord has them. */
export function lanesOf(lists: readonly (readonly Voicing[])[], choice: LaneChoice): Lane[] {
  for (const size of SIZES) {
    const lanes = lanesOfSize(
      lists.map((list) => list.filter(({ notes }) => notes.length === size)),
      choice,
    );
    if (lanes.length) return lanes;
  }
  return [];
}

function lanesOfSize(lists: readonly (readonly Voicing[])[], choice: LaneChoice): Lane[] {
  const rows = lists.map((list) => byLane(list, choice));
  const ids = [...(rows[0]?.keys() ?? [])];
  const carried = ids.filter((id) => rows.every((row) => row.has(id)));
  const fewest = choice.sets.length ? Infinity : Math.min(...carried.map(skippedIn));
  return carried
    .filter((id) => skippedIn(id) <= fewest)
    .map((id) => rows.map((row) => row.get(id)!))
    .map((layers) => ({
      layers: comfortable(layers, choice).map((layer) => trimmed(layer, choice)),
    }));
}

/** Only what lies easily, where that still has every form of every chord. */
function comfortable(
  layers: readonly (readonly Voicing[])[],
  { formOf, movable }: LaneChoice,
): readonly (readonly Voicing[])[] {
  const formsIn = (layer: readonly Voicing[]): number => new Set(layer.map(formOf)).size;
  const isMovable = ({ notes }: Voicing): boolean => notes.every(({ fret }) => fret !== 0);
  const easy = ({ ease }: Voicing): boolean => ease === 'easy';
  const demands = [
    (voicing: Voicing) => easy(voicing) && (!movable || isMovable(voicing)),
    (voicing: Voicing) => !movable || isMovable(voicing),
  ];
  for (const demand of demands) {
    const kept = layers.map((layer) => layer.filter(demand));
    if (kept.every((layer, at) => formsIn(layer) === formsIn(layers[at]!))) return kept;
  }
  return layers;
}

/** The first chord that a set of strings has nothing for. */
export function missingOn(lists: readonly (readonly Voicing[])[], set: string): number | undefined {
  const at = lists.findIndex((list) => !list.some((voicing) => stringSetOf(voicing) === set));
  return at < 0 ? undefined : at;
}

function byLane(list: readonly Voicing[], choice: LaneChoice): Map<string, Voicing[]> {
  const rows = new Map<string, Voicing[]>();
  for (const voicing of easiestOfEach(list)) {
    const id = laneOf(voicing, choice);
    if (id === undefined) continue;
    rows.set(id, [...(rows.get(id) ?? []), voicing]);
  }
  return rows;
}

function laneOf(voicing: Voicing, { crossing, sets }: LaneChoice): string | undefined {
  const set = stringSetOf(voicing);
  if (!set) return crossing.length ? 'hands' : handsOf(voicing);
  if (crossing.length) return crossing.find((each) => each.includes(set))?.join(',');
  return sets.length && !sets.includes(set) ? undefined : set;
}

/** "left", "right" or "left right". */
export const handsOf = ({ notes }: Voicing): string =>
  [...new Set(notes.flatMap(({ hand }) => hand ?? []))].sort().join(' ');

/** Strings that a lane leaves out between its outer ones: 1 in `5321`; none on keys and where sets cross. */
function skippedIn(id: string): number {
  if (!/^\d+$/.test(id)) return 0;
  const strings = stringsIn(id);
  return strings[0]! - strings.at(-1)! + 1 - strings.length;
}

const EASE_ORDER: readonly Ease[] = ['easy', 'stretch', 'out of reach'];

function trimmed(layer: readonly Voicing[], { fromMiddle }: LaneChoice): readonly Voicing[] {
  if (layer.length <= MOST_OF_A_LAYER) return layer;
  const rank = ({ ease }: Voicing): number => EASE_ORDER.indexOf(ease);
  return [...layer]
    .sort((a, b) => rank(a) - rank(b) || fromMiddle(a) - fromMiddle(b))
    .slice(0, MOST_OF_A_LAYER);
}
