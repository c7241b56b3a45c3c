/**
 * All families for one chord on guitar, and the pool for an altered dominant against structuredClone of
 * its result: medians of 15 runs, in ms. A chart of 64 chords against its distinct qualities.
 */
import {
  FAMILY_IDS,
  defaultGuitar,
  defaultVoicingSettings,
  enumerateVoicings,
  enumeratorOf,
  parseChart,
  parseChord,
  timeline,
  type Chord,
  type VoicingSettings,
} from '@drop-close/core';
import { median, print } from './report';

const chord = (symbol: string): Chord => {
  const result = parseChord(symbol);
  if (!result.ok) throw new Error(result.problem.message);
  return result.value;
};
const settings: VoicingSettings = { ...defaultVoicingSettings, includeOutOfReach: false };

for (const family of FAMILY_IDS) {
  const run = () => enumerateVoicings(chord('C7alt'), { ...settings, families: [family] });
  print(`voicings: C7alt, ${family}, guitar: grips`, run().length, 'grips');
  print(`voicings: C7alt, ${family}, guitar`, median(run), 'ms');
}
print(
  'voicings: C7alt, all families together, guitar',
  median(() => enumerateVoicings(chord('C7alt'), { ...settings, families: FAMILY_IDS })),
  'ms',
);

/** The case named by itself: 15 frets and a hand of 100 mm. */
const hundred = {
  ...settings,
  families: ['colour' as const],
  instrument: { ...defaultGuitar, frets: 15, hand: { comfortableMm: 100, limitMm: 100 } },
};
const pool = enumerateVoicings(chord('C7alt'), hundred);
const sets = new Set(pool.map(({ notes }) => notes.map(({ midi }) => midi).join()));
const found = median(() => enumerateVoicings(chord('C7alt'), hundred));
const cloned = median(() => structuredClone(pool));
print('pool: C7alt, 15 frets, 100 mm: grips', pool.length, 'grips');
print('pool: C7alt, 15 frets, 100 mm: pitch sets', sets.size, 'sets');
print('pool: C7alt, 15 frets, 100 mm', found, 'ms');
print('pool: structuredClone of the same', cloned, 'ms');
print('pool: share of structuredClone', found / cloned, 'times');

const EIGHT_BARS = [
  '| Cm7 F7 | Bbmaj7 Ebmaj7 | Am7b5 D7b9 | Gm6 G7alt |',
  '| Cm7 F7 | Bbmaj7 Ebmaj7 | Am7b5 D7(b9,b13) | Gm6 Gm7 |',
].join('\n');
const chorus = timeline(parseChart(`${EIGHT_BARS}\n`.repeat(4)).chart).events.map((e) => e.chord);
const each = new Map(chorus.map((one) => [one.symbol, one]));
for (const family of ['drop2', 'colour'] as const) {
  const of = { ...settings, families: [family] };
  const all = (chords: readonly Chord[]) => () => {
    const voicings = enumeratorOf(of);
    for (const one of chords) voicings(one);
  };
  print(`voicings: ${chorus.length} chords, ${family}`, median(all(chorus), 5), 'ms');
  print(
    `voicings: its ${each.size} different chords, ${family}`,
    median(all([...each.values()]), 5),
    'ms',
  );
}
