/**
 * One sound over a run of chords: a key whose notes hold those of every chord in it, its guide tones with
 * them, but for one chord that is named as the exception. The notes that are told are safe on all of them: none lies a half step from
 * a root, third or seventh of a chord that does not have it. Runs may begin at any bar; the longest are told
 * first, of equally long ones the key they are heard in, and none overlaps another.
 * Cost: in proportion to bars and keys. Source: common practice.
 */
import { pitchClass } from '../base/units';
import { scaleNotes } from '../chord/scales';
import { pitchClassOf, prettyNote, type NoteName } from '../pitch/spelling';
import { keyPitches, type Key } from './base/key';
import type { CoveringSound } from './base/types';
import type { ChartReading, ReadMoment } from './readings/chartReading';

/** Shorter runs need no name of their own. */
const FEWEST_BARS = 4;

interface Run {
  /** Position of the key among those of the reading. */
  readonly sound: number;
  readonly fromBar: number;
  readonly toBar: number;
}

export function soundsOf(tune: ChartReading): CoveringSound[] {
  const runs = tune.keys
    .flatMap((_, sound) => runsOf(tune, sound))
    .map((run) => ({ run, length: run.toBar - run.fromBar + 1, heard: heardIn(tune, run) }))
    .sort((a, b) => b.length - a.length || b.heard - a.heard || a.run.sound - b.run.sound);
  const told: CoveringSound[] = [];
  for (const { run } of runs) {
    const apart = told.every(({ fromBar, toBar }) => run.toBar < fromBar || run.fromBar > toBar);
    const sound = apart ? soundOver(tune, run) : undefined;
    if (sound) told.push(sound);
  }
  return told.sort((a, b) => a.fromBar - b.fromBar);
}

const momentsIn = ({ bars }: ChartReading, { fromBar, toBar }: Run): ReadMoment[] => [
  ...new Set(bars.slice(fromBar - 1, toBar).flat()),
];

const heardIn = (tune: ChartReading, run: Run): number =>
  momentsIn(tune, run).filter(({ key }) => key === tune.keys[run.sound]).length;

/** The longest runs of a key with one exception at most, which stands neither first nor last. */
function runsOf(tune: ChartReading, sound: number): Run[] {
  const key = tune.keys[sound]!;
  const strangers = tune.bars.map((moments) => moments.filter((each) => !belongs(each, key)));
  const runs: Run[] = [];
  /** How many bars of the window each stranger sounds in: one that rings over a bar line is one. */
  const inWindow = new Map<ReadMoment, number>();
  const count = (bar: number, by: 1 | -1): void => {
    for (const moment of strangers[bar]!) {
      const bars = (inWindow.get(moment) ?? 0) + by;
      if (bars) inWindow.set(moment, bars);
      else inWindow.delete(moment);
    }
  };
  let from = 0;
  const tell = (end: number): void => {
    let [first, last] = [from, end - 1];
    while (first <= last && strangers[first]!.length) first += 1;
    while (last >= first && strangers[last]!.length) last -= 1;
    const run = { sound, fromBar: first + 1, toBar: last + 1 };
    if (run.toBar - run.fromBar + 1 >= FEWEST_BARS) runs.push(run);
  };
  strangers.forEach((_, bar) => {
    count(bar, 1);
    if (inWindow.size <= 1) return;
    tell(bar);
    for (; inWindow.size > 1; from += 1) count(from, -1);
  });
  tell(strangers.length);
  return runs;
}

/** All its notes are in the key; a tonic minor may have the sixth of melodic minor. */
function belongs({ chord, root }: ReadMoment, key: Key): boolean {
  const pitches = keyPitches(key);
  const rests = key.mode === 'minor' && root === key.tonic;
  return chord.tones.every(
    ({ degree, note }) => (rests && degree === '6') || pitches.has(pitchClassOf(note)),
  );
}

/** Nothing where one chord fills the run, or no note is safe. */
function soundOver(tune: ChartReading, run: Run): CoveringSound | undefined {
  const key = tune.keys[run.sound]!;
  const moments = momentsIn(tune, run);
  const covered = moments.filter((moment) => belongs(moment, key));
  const [exception] = moments.filter((moment) => !covered.includes(moment));
  if (new Set(covered.map(({ root }) => root)).size < 2) return undefined;
  const tonic = tune.tonicOf(key);
  const notes = notesOf(tonic, key.mode).filter((note) => isSafe(note, covered));
  if (!notes.length) return undefined;
  const { fromBar, toBar } = run;
  return {
    fromBar,
    toBar,
    label: `${toBar - fromBar + 1} bars of ${prettyNote(tonic)} ${key.mode}`,
    ...(exception && { except: { symbol: exception.chord.symbol, bar: exception.fromBar } }),
    notes,
  };
}

/** From the tonic up; minor as it stands, with its leading tone. */
const notesOf = (tonic: NoteName, mode: 'major' | 'minor'): NoteName[] =>
  mode === 'major'
    ? scaleNotes(tonic, 'Ionian')
    : [...scaleNotes(tonic, 'Aeolian'), ...scaleNotes(tonic, 'harmonic minor').slice(-1)];

/** On every chord one of its tones, or no half step from its root, third or seventh. */
function isSafe(note: NoteName, chords: readonly ReadMoment[]): boolean {
  const pitch = pitchClassOf(note);
  return chords.every(({ chord, root }) => {
    if (chord.tones.some((tone) => pitchClassOf(tone.note) === pitch)) return true;
    const body = chord.tones.filter(({ degree }) => chord.guideTones.includes(degree));
    const near = [root, ...body.map((tone) => pitchClassOf(tone.note))];
    return near.every((other) => {
      const apart = pitchClass(pitch - other) as number;
      return apart !== 1 && apart !== 11;
    });
  });
}
