import { chords } from '../../testing/builders';
import { defaultGuitar, defaultInstruments, defaultKeyboard } from '../../voicing/data';
import { enumerateVoicings } from '../../voicing/enumerate';
import { demoTunes } from '../../testing/demo';
import { connect } from '../connect';
import { defaultSettings } from '../base/data';
import type { Voicing } from '../../voicing/base/types';
import { handSpans, voiceRanges } from './ranges';

const notes = (...pitches: number[]): Voicing =>
  ({ family: 'close', notes: pitches.map((midi) => ({ midi })) }) as unknown as Voicing;

it('the range of a voice is from its lowest to its highest note, counted from the top', () => {
  expect(voiceRanges([notes(60, 64), notes(59, 65), notes(57, 60, 69)])).toEqual([
    { voice: 1, low: 64, high: 69, middle: 65 },
    { voice: 2, low: 59, high: 60, middle: 60 },
    { voice: 3, low: 57, high: 57, middle: 57 },
  ]);
  expect(voiceRanges([])).toEqual([]);
});

it('a hand on the neck lies from the lowest to the highest fret it holds, open strings not counted', () => {
  const [chord] = chords('A7');
  const settings = { ...defaultSettings, instrument: defaultGuitar, families: ['shell'] as const };
  const shells = enumerateVoicings(chord!, settings);
  const low = shells.find(({ notes: [bass] }) => bass?.string === 6 && bass.fret === 5)!;
  // Source: common practice, A7 as 5x56xx.
  expect(handSpans([low], defaultGuitar)).toEqual([{ at: 0, hand: 'fretting', low: 5, high: 6 }]);
  const open = { ...low, notes: [{ ...low.notes[0]!, fret: 0 }] } as Voicing;
  expect(handSpans([open, low], defaultGuitar).map(({ at }) => at)).toEqual([1]);
});

it('on keys each hand lies from its lowest to its highest note', () => {
  const both = {
    family: 'spread',
    notes: [
      { midi: 48, hand: 'left' },
      { midi: 58, hand: 'left' },
      { midi: 64, hand: 'right' },
    ],
  } as unknown as Voicing;
  expect(handSpans([both], defaultKeyboard)).toEqual([
    { at: 0, hand: 'left', low: 48, high: 58 },
    { at: 0, hand: 'right', low: 64, high: 64 },
  ]);
});

it.each([
  ['guitar', defaultGuitar],
  ['keyboard', defaultKeyboard],
  ['ukulele', defaultInstruments.ukulele],
] as const)(
  'on %s every note of every demo tune is in the range of its voice, and held by its hand',
  (_, instrument) => {
    let seen = 0;
    for (const { chorus } of demoTunes()) {
      const events = chorus.timeline.events.slice(0, 16).map(({ chord }) => chord);
      const outcome = connect(events, { ...defaultSettings, instrument, loop: false });
      if (outcome.status !== 'found') throw new Error(outcome.why);
      const ranges = voiceRanges(outcome.path);
      const spans = handSpans(outcome.path, instrument);
      outcome.path.forEach(({ notes: sounding }, at) => {
        sounding.forEach(({ midi, fret, hand }, from) => {
          const { low, high } = ranges[sounding.length - 1 - from]!;
          expect(midi >= low && midi <= high).toBe(true);
          const held = spans.find((span) => span.at === at && (fret ? true : span.hand === hand));
          const place = fret ?? midi;
          if (place) expect(held && held.low <= place && place <= held.high).toBe(true);
          seen += 1;
        });
      });
    }
    expect(seen).toBeGreaterThan(500);
  },
);
