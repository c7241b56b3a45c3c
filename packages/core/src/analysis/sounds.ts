import { semitonesOf } from '../chord/degrees';
import { quartersInBar } from '../chart/meter';
import { prettyNote } from '../pitch/spelling';
import { pitchClass } from '../base/units';
import type { ChartReading, ReadMoment } from './readings/chartReading';
import type { Mode } from './base/key';
import { scaleNotes } from '../chord/scales';
import type { CoveringSound } from './base/types';

/** Sounds that may cover a run of chords: every key, minor with both its sevenths. */
const PITCHES: Readonly<Record<Mode, readonly number[]>> = {
  major: [0, 2, 4, 5, 7, 9, 11],
  minor: [0, 2, 3, 5, 7, 8, 10, 11],
};
/** "Most of it", as a share of the chord tones by the time they sound. */
const MOST = 0.85;
const PHRASE = 4;

interface Found {
  readonly sound: number;
  readonly fromBar: number;
  readonly toBar: number;
}

/** One sound for each four bars that one covers, joined where neighbours share it. */
export function soundsOf(tune: ChartReading): CoveringSound[] {
  const found: Found[] = [];
  for (let fromBar = 1; fromBar <= tune.bars.length; fromBar += PHRASE) {
    const toBar = Math.min(tune.bars.length, fromBar + PHRASE - 1);
    const sound = coveringSound(tune, fromBar, toBar);
    const before = found.at(-1);
    if (sound === undefined) continue;
    const goesOn = before?.sound === sound && before.toBar === fromBar - 1;
    if (goesOn) found[found.length - 1] = { ...before, toBar };
    else found.push({ sound, fromBar, toBar });
  }
  return found.map(({ sound, fromBar, toBar }) => {
    const key = tune.keys[sound]!;
    const tonic = tune.tonicOf(key);
    const bars = toBar - fromBar + 1;
    return {
      fromBar,
      toBar,
      label: `${bars} ${bars === 1 ? 'bar' : 'bars'} of ${prettyNote(tonic)} ${key.mode}`,
      notes: scaleNotes(tonic, key.mode === 'major' ? 'Ionian' : 'harmonic minor'),
    };
  });
}

/** The key that covers most of some bars; undefined where none covers enough, or one chord fills them. */
function coveringSound(tune: ChartReading, fromBar: number, toBar: number): number | undefined {
  const moments = [...new Set(tune.bars.slice(fromBar - 1, toBar).flat())];
  if (new Set(moments.map(({ root }) => root)).size < 2) return undefined;
  const from = tune.barBegins(fromBar);
  const to = from + (toBar - fromBar + 1) * quartersInBar(tune.chart.meter);
  const shares = tune.keys.map((key) => coverage(moments, key.tonic, PITCHES[key.mode], from, to));
  // The key these bars are heard in, where it covers enough; else the one that covers most.
  const own = tune.keys.findIndex(
    (key, at) => shares[at]! >= MOST && moments.some((moment) => moment.key === key),
  );
  if (own >= 0) return own;
  const best = Math.max(...shares);
  return best >= MOST ? shares.indexOf(best) : undefined;
}

function coverage(
  moments: readonly ReadMoment[],
  tonic: number,
  pitches: readonly number[],
  from: number,
  to: number,
): number {
  let all = 0;
  let covered = 0;
  for (const { at, end, root, chord } of moments) {
    const length = Math.min(end, to) - Math.max(at, from);
    for (const { degree } of chord.tones) {
      all += length;
      const inside = pitches.includes(pitchClass(root + semitonesOf(degree) - tonic));
      if (inside) covered += length;
    }
  }
  return all ? covered / all : 0;
}
