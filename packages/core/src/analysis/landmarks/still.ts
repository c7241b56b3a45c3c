import { quartersInBar } from '../../chart/meter';
import { semitonesOf } from '../../chord/degrees';
import { prettyNote } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { ChartReading, ReadMoment } from '../readings/chartReading';
import { isDominant } from '../readings/moment';
import { landmark, nameOfRoot, type LandmarkFinder } from './landmark';

/** Runs of moments of which each goes on from the last. */
function runs(
  moments: readonly ReadMoment[],
  goesOn: (from: ReadMoment, to: ReadMoment, run: readonly ReadMoment[]) => boolean,
): ReadMoment[][] {
  const found: ReadMoment[][] = [];
  for (const moment of moments) {
    const run = found.at(-1);
    const last = run?.at(-1);
    if (run && last && goesOn(last, moment, run)) run.push(moment);
    else found.push([moment]);
  }
  return found;
}

const pitchesOf = ({ root, bass, chord }: ReadMoment): Set<number> =>
  new Set([bass, ...chord.tones.map(({ degree }) => pitchClass(root + semitonesOf(degree)))]);

/**
 * The half step, 1 up or 11 down, by which one tone of a standing chord moves; 0 when not just one does.
 * Root and fifth may come, go or be doubled: C to Cmaj7 is the root stepping down, C+ to C6 the #5 up.
 */
function movedTone(from: ReadMoment, to: ReadMoment): number {
  const [a, b] = [pitchesOf(from), pitchesOf(to)];
  const frame = [from.root as number, pitchClass(from.root + 7) as number];
  const gone = [...a].filter((pitch) => !b.has(pitch));
  const come = [...b].filter((pitch) => !a.has(pitch));
  const starts = [...gone, ...frame.filter((pitch) => a.has(pitch) && !gone.includes(pitch))];
  for (const start of starts) {
    for (const end of come) {
      const move = pitchClass(end - start) as number;
      const rest = [...gone, ...come].filter((pitch) => pitch !== start && pitch !== end);
      const alone = rest.every((pitch) => frame.includes(pitch));
      if (alone && (move === 1 || move === 11)) return move;
    }
  }
  return 0;
}

/** One chord stands while one voice of it walks by half steps, three chords or more. */
export const findLineCliches: LandmarkFinder = ({ moments }) =>
  runs(moments, (from, to, run) => {
    const move = from.root === to.root ? movedTone(from, to) : 0;
    const before = run.length > 1 ? movedTone(run.at(-2)!, from) : move;
    return move !== 0 && move === before;
  })
    .filter((run) => run.length >= 3)
    .map((run) => {
      const [first, last] = [run[0]!, run.at(-1)!];
      const way = movedTone(first, run[1]!) === 11 ? 'falls' : 'rises';
      const label = `line cliché: one voice ${way} by half steps over ${nameOfRoot(first)}`;
      return landmark('line cliché', label, first, last);
    });

/** Chords on different roots over one bass note, for two bars or more. */
export const findPedals: LandmarkFinder = ({ moments, chart }) =>
  runs(moments, (from, to) => from.bass === to.bass && from.end === to.at)
    .map(withoutStanding)
    .filter((run) => {
      const roots = new Set(run.map(({ root }) => root));
      const length = run.length ? run.at(-1)!.end - run[0]!.at : 0;
      return roots.size > 1 && run.length >= 3 && length >= 2 * quartersInBar(chart.meter);
    })
    .map((run) => {
      const note = run.find(({ chord }) => chord.bass !== undefined)?.chord.bass;
      const name = note === undefined ? nameOfRoot(run[0]!) : prettyNote(note);
      return landmark('pedal', `pedal on ${name}`, run[0]!, run.at(-1)!);
    });

/** A pedal begins with the last chord on its own note before the others, and ends with the first after. */
function withoutStanding(run: readonly ReadMoment[]): ReadMoment[] {
  const others = run.flatMap(({ root, bass }, at) => (root === bass ? [] : [at]));
  const [first, last] = [others[0], others.at(-1)];
  if (first === undefined || last === undefined) return [];
  return run.slice(Math.max(0, first - 1), last + 2);
}

/** Fewest bars of a vamp, and how often two chords change places in it. */
const VAMP_BARS = 4;
const VAMP_CHORDS = 4;

/** One chord for four bars or more, or two that change places; a blues is none, nor a V however long. */
export const findVamps: LandmarkFinder = (tune) => {
  const bar = quartersInBar(tune.chart.meter);
  const found = runs(tune.moments, (from, to, run) => {
    if (run.length === 1) return from.end === to.at && from.root !== to.root;
    return to.root === run.at(-2)!.root && to.class === run.at(-2)!.class;
  });
  // A run of two is only two neighbours; each is looked at by itself.
  const single = found.flatMap((run) =>
    run.length < VAMP_CHORDS ? run.map((one) => [one]) : [run],
  );
  return single.flatMap((run) => {
    const [first, second] = run;
    const last = run.at(-1)!;
    const long = last.end - first!.at >= VAMP_BARS * bar;
    if (!long || inBlues(tune, first!) || (run.length > 1 && run.length < VAMP_CHORDS)) return [];
    if (!second && isDominant(first!) && first!.reading.function === 'dominant') return [];
    const bars = Math.round((last.end - first!.at) / bar);
    const names = second ? `${nameOfRoot(first!)} and ${nameOfRoot(second)}` : nameOfRoot(first!);
    return [landmark('modal vamp', `modal vamp on ${names}, ${bars} bars`, first!, last)];
  });
};

const inBlues = ({ blues }: ChartReading, { fromBar }: ReadMoment): boolean =>
  blues.some((chorus) => fromBar >= chorus.fromBar && fromBar < chorus.fromBar + 12);
