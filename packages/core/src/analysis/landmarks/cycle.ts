import type { ReadMoment } from '../readings/chartReading';
import { isDominant, upFrom } from '../readings/moment';
import { inWords, landmark, nameOfRoot, type LandmarkFinder } from './landmark';

const SHORTEST = 5;
/** Dominants one after the other are heard as a cycle sooner. */
const SHORTEST_OF_DOMINANTS = 3;

/** Roots fall by fifths; one diatonic tritone (IV to vii) may be among them. */
const falls = (from: ReadMoment, to: ReadMoment): boolean => {
  const up = upFrom(from, to);
  return up === 5 || (up === 6 && !isDominant(from) && from.key === to.key);
};

/** Runs of chords of which each root lies a fifth below the last. */
export const findCycles: LandmarkFinder = ({ moments }) => {
  const runs: ReadMoment[][] = [];
  for (const moment of moments) {
    const run = runs.at(-1);
    const before = run?.at(-1);
    if (before && falls(before, moment)) run!.push(moment);
    else runs.push([moment]);
  }
  return runs.flatMap((run) => {
    const first = run[0]!;
    const last = run.at(-1)!;
    const leading = run.findIndex((moment) => !isDominant(moment));
    const dominants = leading < 0 ? run.length : leading;
    if (dominants >= SHORTEST_OF_DOMINANTS && dominants >= run.length - 1) {
      const label = `${inWords(dominants)} dominants round the cycle, ${nameOfRoot(first)} to ${nameOfRoot(run[dominants - 1]!)}`;
      const end = dominants === run.length ? 'rings' : 'arrives';
      return [landmark('cycle of fifths', label, first, last, end)];
    }
    if (run.length < SHORTEST) return [];
    const label = `cycle of fifths, ${inWords(run.length)} chords from ${nameOfRoot(first)} to ${nameOfRoot(last)}`;
    return [landmark('cycle of fifths', label, first, last)];
  });
};
