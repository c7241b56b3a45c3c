import { chorusOf } from '../arrangement/chorus/chorus';
import { settingsOf } from '../arrangement/chorus/settings';
import { parseChart } from '../chart/parseChart';
import { connect } from '../connect/connect';
import { changesOf } from '../connect/changes';
import { rooms } from '../voicing/data';
import { voicingKey } from '../voicing/enumerate';
import type { Voicing } from '../voicing/base/types';
import { circleSymbols, diatonicSymbols } from './cycles';
import { makeEtude, type Etude, type EtudeRequest } from './etude';

const request: EtudeRequest = {
  family: 'drop2',
  cycle: 'circle of fourths',
  kind: '7',
  key: 'C',
  triads: false,
  instrument: 'guitar',
  room: rooms.alone,
};
const etude = (change: Partial<EtudeRequest> = {}): Etude => {
  const made = makeEtude({ ...request, ...change });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
};
const setOf = ({ notes }: Voicing): string =>
  notes
    .map(({ string = 0 }) => string)
    .sort((a, b) => b - a)
    .join('');

describe('cycles', () => {
  it('goes through all twelve keys by fourths (arithmetic)', () => {
    const roots = circleSymbols('7').map((symbol) => symbol.slice(0, -1));
    expect(roots.join(' ')).toBe('C F Bb Eb Ab Db Gb B E A D G');
  });
  it('goes through a key by fourths: I IV vii iii vi ii V (common practice)', () => {
    expect(diatonicSymbols('Eb', 'diatonic fourths', false).join(' ')).toBe(
      'Ebmaj7 Abmaj7 Dm7b5 Gm7 Cm7 Fm7 Bb7',
    );
  });
  it('goes through a key by fifths, in triads, in minor', () => {
    expect(diatonicSymbols('C', 'diatonic fifths', true).join(' ')).toBe('C G Dm Am Em Bdim F');
    expect(diatonicSymbols('Am', 'diatonic fourths', false).join(' ')).toBe(
      'Am7 Dm7 G7 Cmaj7 Fmaj7 Bm7b5 E7',
    );
  });
});

describe('an étude on strings', () => {
  const made = etude();
  it('begins once from every inversion on every string set', () => {
    const starts = made.rounds.map(({ strings, bottom }) => `${strings} ${bottom}`);
    expect(new Set(starts).size).toBe(starts.length);
    const sets = new Set(made.rounds.map(({ strings }) => strings));
    expect([...sets].sort()).toEqual(['4321', '5432', '6543']);
    for (const set of sets) {
      const bottoms = made.rounds.filter(({ strings }) => strings === set).map((r) => r.bottom);
      expect(bottoms.sort()).toEqual(['3', '5', 'R', 'b7']);
    }
  });
  it('stays on its string set for a whole round, and does one set after the other', () => {
    for (const { path, strings } of made.rounds) {
      expect(path.every((voicing) => setOf(voicing) === strings)).toBe(true);
    }
    const changes = made.rounds.filter(({ strings }, i) => strings !== made.rounds[i - 1]?.strings);
    expect(changes).toHaveLength(new Set(made.rounds.map(({ strings }) => strings)).size);
  });
  it('begins each round at the start left open that is nearest to where the last one ended', () => {
    const apart = (a: Voicing, b: Voicing): number =>
      a.notes.reduce((sum, { midi }, i) => sum + Math.abs(midi - b.notes[i]!.midi), 0);
    made.rounds.slice(1).forEach(({ path, strings }, i) => {
      const hand = made.rounds[i]!.path.at(-1)!;
      if (made.rounds[i]!.strings !== strings) return;
      const later = made.rounds.slice(i + 1).filter((round) => round.strings === strings);
      for (const other of later) {
        expect(apart(hand, path[0]!)).toBeLessThanOrEqual(apart(hand, other.path[0]!));
      }
    });
  });
  it('is an ordinary tune, voiced just so', () => {
    const { chart, problems } = parseChart(made.text);
    expect(problems).toEqual([]);
    const chorus = chorusOf(chart);
    const outcome = connect(chorus.chords, settingsOf(made.setup, chorus));
    if (outcome.status !== 'found') throw new Error(outcome.why);
    const path = made.rounds.flatMap((round) => round.path);
    expect(outcome.path.map(voicingKey)).toEqual(path.map(voicingKey));
  });
});

it('moves two voices by step and holds two round the diatonic fourths (arithmetic)', () => {
  const made = etude({ cycle: 'diatonic fourths', instrument: 'keyboard', family: 'close' });
  const [{ path }] = made.rounds as [Etude['rounds'][0]];
  const chords = chorusOf(parseChart(made.text).chart).chords.slice(0, 7);
  const settings = settingsOf(made.setup, chorusOf(parseChart(made.text).chart));
  const changes = changesOf(chords, path, settings);
  const held = changes.map(({ voices }) => voices.filter(({ kind }) => kind === 'held').length);
  expect(held).toEqual([2, 2, 2, 2, 2, 2]);
});

it('says where a family has nothing to give', () => {
  const made = makeEtude({ ...request, family: 'rootless', kind: '' });
  expect(made).toMatchObject({
    ok: false,
    problem: {
      message: expect.stringMatching(/^There is no rootless for C in this room/) as unknown,
    },
  });
});
