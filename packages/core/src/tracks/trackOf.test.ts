import { defaultArrangement } from '../arrangement/stored/defaults';
import { formatMeter } from '../chart/meter';
import { parseChart } from '../chart/parseChart';
import { compositionOf } from '../choruses/composition';
import { createTuneReader } from '../choruses/tuneReader';
import { createConnector } from '../connect/connect';
import { demoTexts } from '../testing/demo';
import { INSTRUMENT_IDS, type InstrumentId } from '../voicing/base/instruments';
import { defaultInstruments } from '../voicing/data';
import { keyAt, trackOf } from './trackOf';
import type { Track, TrackWish } from './types';

const WISH: TrackWish = {
  ...{ heard: ['comp', 'bass', 'drums'], keys: [0], times: 1, tempo: 120, faster: 0 },
  ...{ countIn: true, format: 'ogg' },
};

function composed(text: string, instrument: InstrumentId = 'guitar') {
  const { header, meter } = parseChart(text).chart;
  const { key = 'C', feel = 'swing' } = header;
  const tune = { text, places: { transposed: 0, sections: [] }, meter: formatMeter(meter), key };
  const question = {
    ...{ setup: { ...defaultArrangement, instrument }, instruments: defaultInstruments },
    ...{ tempo: 120, feel },
  };
  return { key, composition: compositionOf(question, createTuneReader()(tune), createConnector()) };
}

const BLUES = demoTexts()[0]!;
const ready = composed(BLUES);
const track = (change: Partial<TrackWish> = {}): Track => {
  const made = trackOf(ready.composition, ready.key, { ...WISH, ...change });
  if (!made.ok) throw new Error(made.problem);
  return made.value;
};
const of = ({ notes }: Track, part: string) => notes.filter((note) => note.part === part);

describe('a practice track', () => {
  it('of a twelve-bar blues at 120 lasts two bars of count-in, 24 seconds, and the ring of its end', () => {
    const { rounds, seconds, notes } = track();
    expect(rounds).toEqual([{ at: 4, key: 'Bb', tempo: 120 }]);
    expect(seconds).toBeCloseTo(4 + 24 + 2.5, 1);
    expect(of({ notes } as Track, 'click').map(({ from }) => from)).toEqual([0, 1, 2, 2.5, 3, 3.5]);
    expect(notes.every(({ from }, at) => at === 0 || from >= notes[at - 1]!.from)).toBe(true);
  });

  it('without its count-in begins at once', () => {
    const { rounds, notes } = track({ countIn: false });
    expect(rounds[0]!.at).toBe(0);
    expect(of({ notes } as Track, 'click')).toEqual([]);
  });

  it('leaves out whoever is not to be heard; a click alone is every beat', () => {
    const noComp = track({ heard: ['bass', 'drums'] });
    expect(of(noComp, 'comp')).toEqual([]);
    expect(of(noComp, 'bass').length).toBeGreaterThan(20);
    const click = track({ heard: ['click'], countIn: false });
    expect(new Set(click.notes.map(({ part }) => part))).toEqual(new Set(['click']));
    expect(click.notes).toHaveLength(48);
    expect(click.notes.map(({ from }) => from)).toEqual(
      Array.from({ length: 48 }, (_, beat) => beat / 2),
    );
  });

  it('goes through its keys, in each as often as is wished, a tritone up at the most', () => {
    const moved = track({ keys: [0, 5, 7], times: 2, countIn: false });
    expect(moved.rounds.map(({ at, key }) => [at, key])).toEqual([
      ...[
        [0, 'Bb'],
        [24, 'Bb'],
        [48, 'Eb'],
        [72, 'Eb'],
        [96, 'F'],
        [120, 'F'],
      ],
    ]);
    const roots = moved.rounds.map(({ at }) =>
      of(moved, 'comp')
        .filter(({ from }) => Math.abs(from - at) < 0.05)
        .map(({ midi }) => midi),
    );
    expect(roots[2]).toEqual(roots[0]!.map((midi) => midi + 5));
    expect(roots[4]).toEqual(roots[0]!.map((midi) => midi - 5));
  });

  it('is a little faster each time round', () => {
    const { rounds } = track({ times: 3, faster: 10, countIn: false });
    expect(rounds.map(({ tempo }) => tempo)).toEqual([120, 130, 140]);
    expect(rounds[2]!.at).toBeCloseTo(24 + (24 * 120) / 130, 6);
  });

  it('that would be too long says so, and what would help', () => {
    const made = trackOf(ready.composition, 'Bb', {
      ...{ ...WISH, times: 20, format: 'wav' as const },
      keys: Array.from({ length: 12 }, (_, key) => key),
    });
    expect(made).toEqual({
      ok: false,
      problem:
        'This track would be 97 minutes long; a WAV file has up to 15 minutes. Choose fewer keys or times.',
    });
  });

  it('has a pickup once, over the end of the count-in', () => {
    const { composition, key } = composed(
      'key: G\npickup: 1\n| D7 | G6 | C6 | G6 | D7 | G6 | C6 | D7 | G6 |',
    );
    const made = trackOf(composition, key, { ...WISH, times: 2 });
    if (!made.ok) throw new Error(made.problem);
    const { rounds } = made.value;
    expect(rounds.map(({ at }) => at)).toEqual([4, 20]);
    expect(of(made.value, 'comp').some(({ from }) => from >= 3.4 && from < 3.6)).toBe(true);
    expect(of(made.value, 'comp').every(({ from }) => from >= 3.4)).toBe(true);
  });

  it.each(INSTRUMENT_IDS)(
    'is whole for every demo tune in all keys on %s: no note before the beginning or after the end',
    (instrument) => {
      for (const text of demoTexts()) {
        const { composition, key } = composed(text, instrument);
        const keys = Array.from({ length: 12 }, (_, semitones) => semitones);
        const made = trackOf(composition, key, { ...WISH, keys });
        if (!made.ok) throw new Error(made.problem);
        const { notes, seconds, rounds } = made.value;
        expect(new Set(rounds.map((round) => round.key)).size).toBe(12);
        expect(notes.some(({ part }) => part === 'comp')).toBe(true);
        // A channel cannot be opened beyond fully: there the balance would be lost.
        for (const gain of Object.values(made.value.mix)) {
          expect(gain).toBeLessThanOrEqual(0);
          expect(gain).toBeGreaterThan(-30);
        }
        for (const { from, to, midi } of notes) {
          expect(from).toBeGreaterThanOrEqual(0);
          expect(to).toBeLessThanOrEqual(seconds);
          expect(midi).toBeGreaterThanOrEqual(20);
          expect(midi).toBeLessThanOrEqual(108);
        }
      }
    },
  );
});

it('a key some half steps up has fewer signs: D flat, not C sharp', () => {
  expect(keyAt('C', 1)).toBe('Db');
  expect(keyAt('Bb', 5)).toBe('Eb');
  expect(keyAt('Am', 11)).toBe('G#m');
  expect(keyAt('Eb', 0)).toBe('Eb');
});
