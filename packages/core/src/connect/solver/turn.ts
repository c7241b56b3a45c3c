import { UNREACHABLE, type Layers } from './layers';

/** Items from one on, and then those before it. */
export const rotate = <T>(items: readonly T[], by: number): T[] => [
  ...items.slice(by),
  ...items.slice(0, by),
];

/** Once round a loop as a chain that begins and ends in one layer; at its end own costs are left out. */
export function opened({ own, step }: Layers, cut: number): Layers {
  const closing = new Int32Array(own[cut]!.length);
  return { own: [...rotate(own, cut), closing], step: rotate(step, cut), loop: false };
}

/** The same with one candidate alone at both ends. */
export function openedAt(layers: Layers, cut: number, candidate: number): Layers {
  const only = (costs: Int32Array): Int32Array =>
    costs.map((cost, at) => (at === candidate ? cost : UNREACHABLE));
  const { own, ...rest } = opened(layers, cut);
  return { ...rest, own: [only(own[0]!), ...own.slice(1, -1), only(own.at(-1)!)] };
}

/** What was worked out layer by layer of an opened loop, from the loop's first layer on. */
export const inPlace = <T>(turned: readonly T[], cut: number): T[] =>
  rotate(turned.slice(0, -1), turned.length - 1 - cut);

/** The layer with the fewest candidates, of several the first. */
export function narrowestOf({ own }: Layers): number {
  const sizes = own.map(({ length }) => length);
  return sizes.indexOf(Math.min(...sizes));
}
