import type { ReadMoment } from '../readings/chartReading';
import type { Mode } from '../base/key';
import { isDominant, upFrom } from '../readings/moment';
import { above } from '../readings/numeral';
import { inWords, landmark, nameOfRoot, type LandmarkFinder } from './landmark';

const SHORTEST = 5;
/** Dominants one after the other are heard as a cycle sooner. */
const SHORTEST_OF_DOMINANTS = 3;

/** The step of a key that is a tritone: IV to vii in major, bVI to ii in minor. */
const TRITONE_FROM: Readonly<Record<Mode, number>> = { major: 5, minor: 8 };

/** Roots fall by fifths, of which the key's own tritone is one. */
function falls(from: ReadMoment, to: ReadMoment): boolean {
  const up = upFrom(from, to);
  const { key } = from;
  const tritone = up === 6 && key === to.key && above(key, from.root) === TRITONE_FROM[key.mode];
  return up === 5 || (tritone && !isDominant(from));
}

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
