/**
 * Problem: minimise Σ own(i, cᵢ) + Σ step(i, cᵢ, cᵢ₊₁), one candidate cᵢ from each layer; with a loop also
 * step(n−1, cₙ₋₁, c₀). A chain is solved in two passes (chain.ts), a loop by bounding chains (loop.ts).
 */
import { solveChain, type Solution } from './chain';
import { type Layers } from './layers';
import { solveLoop } from './loop';

export function solve(layers: Layers): Solution {
  return layers.loop && layers.own.length > 1 ? solveLoop(layers) : solveChain(layers);
}
