/** What the solver is given: candidates in layers, and what it costs to go from one to the next. */
export interface Layers {
  /** Own cost of every candidate, layer by layer, 0 or more. No layer is empty. */
  readonly own: readonly Int32Array[];
  /** From each layer to the next; with a loop one more, from the last layer to the first. */
  readonly step: readonly Step[];
  readonly loop: boolean;
  /** By layer and candidate: those with one number cost the same in every change, whatever they cost by themselves. */
  readonly alike?: readonly Int32Array[];
}

/** The change from one layer to the next. All costs are 0 or more. */
export interface Step {
  /** For every later candidate the least of value + cost over the earlier ones; `UNREACHABLE` where there is none. */
  readonly forward: (values: Int32Array) => Int32Array;
  /** For every earlier candidate the least of cost + value over the later ones. */
  readonly backward: (values: Int32Array) => Int32Array;
  readonly cost: (earlier: number, later: number) => number;
}

/** Above every sum of real costs, and far enough below the limit of 32 bits to be added to. */
export const UNREACHABLE = 2 ** 28;
