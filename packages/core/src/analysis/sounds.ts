/**
 * One sound over a run of chords: a key whose notes hold those of every chord in it, its guide tones with
 * them, but for one chord, not on its tonic, that is named as the exception. For half the run at the least the key has
 * to be heard, or pointed to by a ii–V: that notes agree by chance is not worth telling. The notes that are told are
 * safe on all of the chords: none lies a half step from a root, third or seventh of a chord that does not have it.
 * Runs may begin at any bar; the longest are told first, of equally long ones the key they are heard in, and none
 * overlaps another.
 * Cost: in proportion to bars and keys. Source: common practice.
 */
import { pitchClass } from '../base/units';
import { scaleNotes } from '../chord/scales';
import { pitchClassOf, prettyNote, type NoteName } from '../pitch/spelling';
import { quartersInBar } from '../chart/meter';
import { isSameKey, keyPitches, type Key } from './base/key';
import type { CoveringSound } from './base/types';
import type { ChartReading, ReadMoment } from './readings/chartReading';
import { twoFivesOf, type TwoFive } from './readings/twoFives';

/** Shorter runs need no name of their own. */
const FEWEST_BARS = 4;

interface Run {
  /** Position of the key among those of the reading. */
  readonly sound: number;
  readonly fromBar: number;
  readonly toBar: number;
}

export function soundsOf(tune: ChartReading): CoveringSound[] {
  const pointed = keysPointedTo(tune);
  const runs = tune.keys
    .flatMap((_, sound) => runsOf(tune, sound))
    .filter((run) => isTold(tune, run, pointed))
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

type PointedTo = ReadonlyMap<ReadMoment, readonly Key[]>;

/** For the chords of every ii–V, the keys it points to. */
function keysPointedTo({ moments, chart }: ChartReading): PointedTo {
  const found = new Map<ReadMoment, Key[]>();
  for (const pair of twoFivesOf(moments, quartersInBar(chart.meter))) {
    const key = keyOfPair(pair);
    const { two, five, one } = pair;
    for (const moment of one ? [two, five, one] : [two, five]) {
      found.set(moment, [...(found.get(moment) ?? []), key]);
    }
  }
  return found;
}

const keyOfPair = ({ two, five, one, substitute }: TwoFive): Key => ({
  tonic: pitchClass(five.root + (substitute ? 11 : 5)),
  mode: (one ? one.class === 'minor' : two.class === 'half-diminished') ? 'minor' : 'major',
});

/** Whether its key is heard, or pointed to, for half the run. */
function isTold(tune: ChartReading, run: Run, pointed: PointedTo): boolean {
  const sound = tune.keys[run.sound]!;
  const moments = momentsIn(tune, run);
  const time = (some: readonly ReadMoment[]): number =>
    some.reduce((sum, { at, end }) => sum + end - at, 0);
  const telling = moments.filter(
    (moment) =>
      isSameKey(moment.key, sound) || pointed.get(moment)?.some((key) => isSameKey(key, sound)),
  );
  return 2 * time(telling) >= time(moments);
}

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

/** Semitones above the tonic of the chords that have the leading tone of a minor key: its tonic, V and vii. */
const WITH_LEADING_TONE = [0, 7, 11];

/** All its notes are in the key; a tonic minor may have the sixth of melodic minor. */
function belongs({ chord, root }: ReadMoment, key: Key): boolean {
  const pitches = keyPitches(key);
  const minor = key.mode === 'minor';
  const rests = minor && root === key.tonic;
  const leads = WITH_LEADING_TONE.includes(pitchClass(root - key.tonic));
  return chord.tones.every(({ degree, note }) => {
    const pitch = pitchClassOf(note);
    if (minor && pitch === pitchClass(key.tonic + 11)) return leads;
    return (rests && degree === '6') || pitches.has(pitch);
  });
}

/** Nothing where one chord fills the run, or no note is safe. */
function soundOver(tune: ChartReading, run: Run): CoveringSound | undefined {
  const key = tune.keys[run.sound]!;
  const moments = momentsIn(tune, run);
  const covered = moments.filter((moment) => belongs(moment, key));
  const [exception] = moments.filter((moment) => !covered.includes(moment));
  if (new Set(covered.map(({ root }) => root)).size < 2) return undefined;
  // Where the tonic itself does not belong, it is another key: Eb7 in "four bars of E flat major".
  if (exception?.root === key.tonic) return undefined;
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
