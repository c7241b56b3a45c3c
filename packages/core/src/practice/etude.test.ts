import { chorusOf } from '../arrangement/chorus/chorus';
import { settingsOf } from '../arrangement/chorus/settings';
import { PLACE_OF } from '../chord/degrees';
import { parseChart } from '../chart/parseChart';
import { connect } from '../connect/connect';
import { changesOf } from '../connect/changes';
import { rooms } from '../voicing/data';
import { voicingKey } from '../voicing/enumerate';
import type { Voicing } from '../voicing/base/types';
import { families } from '../voicing/families';
import { stringSetOf } from '../voicing/base/stringSet';
import { CYCLES, cycleChords, type CycleChoice } from './cycles';
import { makeEtude } from './etude';
import { formOf, WAYS } from './rounds/rounds';
import type { Etude, EtudeRequest, Round } from './types';

const request: EtudeRequest = {
  family: 'drop2',
  cycle: 'circle of fourths',
  kind: '7',
  key: 'C',
  triads: false,
  way: 'nearest',
  strings: [],
  instrument: 'guitar',
  room: rooms.alone,
};
const etude = (change: Partial<EtudeRequest> = {}): Etude => {
  const made = makeEtude({ ...request, ...change });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
};
const problem = (change: Partial<EtudeRequest>): string => {
  const made = makeEtude({ ...request, ...change });
  return made.ok ? '' : made.problem.message;
};
const symbols = (change: Partial<CycleChoice>): string =>
  cycleChords({ ...request, ...change }).symbols.join(' ');

describe('cycles', () => {
  it('go through all twelve keys by fourths, and home (arithmetic)', () => {
    expect(symbols({ kind: '' })).toBe('C F Bb Eb Ab Db Gb B E A D G C');
  });
  it('go through a key by fourths: I IV vii iii vi ii V I (common practice)', () => {
    expect(symbols({ key: 'Eb', cycle: 'diatonic fourths' })).toBe(
      'Ebmaj7 Abmaj7 Dm7b5 Gm7 Cm7 Fm7 Bb7 Ebmaj7',
    );
  });
  it('go through a key by fifths, in triads, in minor', () => {
    expect(symbols({ cycle: 'diatonic fifths', triads: true })).toBe('C G Dm Am Em Bdim F C');
    expect(symbols({ key: 'Am', cycle: 'diatonic fourths' })).toBe(
      'Am7 Dm7 G7 Cmaj7 Fmaj7 Bm7b5 E7 Am7',
    );
  });
  it('go up the scale of a key and back (common practice)', () => {
    expect(symbols({ cycle: 'steps', triads: true })).toBe(
      'C Dm Em F G Am Bdim C Bdim Am G F Em Dm C',
    );
  });
  it('go through the ii–V–I of every key, from the key that is asked for', () => {
    const all = cycleChords({ ...request, cycle: 'ii–V–I', key: 'F' });
    expect(all.symbols.slice(0, 6).join(' ')).toBe('Gm7 C7 Fmaj7 Cm7 F7 Bbmaj7');
    expect(all.symbols).toHaveLength(36);
    expect(all.bars).toHaveLength(24);
    expect(symbols({ cycle: 'ii–V–I', key: 'Cm' })).toMatch(/^Dm7b5 G7b9 Cm7 Gm7b5 C7b9 Fm7 /);
  });
});

describe('an étude on strings', () => {
  const startsOf = ({ rounds }: Etude): string[] =>
    rounds.map(({ strings, path }) => `${strings.join('+')} ${formOf(path[0]!)}`).sort();
  it.each([
    // Each family on its own sets, once from every inversion. Source: common practice.
    ['drop2', ['6543', '5432', '4321']],
    ['drop3', ['6432', '5321']],
    ['drop24', ['6532', '5421']],
  ] as const)('takes %s once from every inversion on each of %s', (family, sets) => {
    const expected = sets.flatMap((set) => ['R', '3', '5', 'b7'].map((low) => `${set} ${low}`));
    expect(startsOf(etude({ family }))).toEqual(expected.sort());
  });
  it('takes shells both ways, now on strings 6-4-3 and now on 5-4-3 (common practice)', () => {
    const made = etude({ family: 'shell' });
    expect(made.rounds.map(({ path }) => formOf(path[0]!)).sort()).toEqual(['R 3', 'R b7']);
    for (const { strings } of made.rounds) expect([...strings].sort()).toEqual(['543', '643']);
  });
  it('takes other strings where these are asked for', () => {
    const made = etude({ family: 'drop3', cycle: 'diatonic fourths', strings: ['6543', '5321'] });
    expect([...new Set(made.rounds.flatMap(({ strings }) => strings))].sort()).toEqual([
      '5321',
      '6543',
    ]);
    expect(etude({ family: 'shell', strings: ['543'] }).rounds[0]!.strings).toEqual(['543']);
  });
  it('moves open triads of F by fifths 24 half steps, no voice by more than two (arithmetic)', () => {
    const made = etude({ family: 'spread', cycle: 'diatonic fifths', key: 'F', triads: true });
    const free = made.rounds.filter(({ motion }) => motion === 24);
    // The highest lane ends at the first fret, and two of its rounds have to make room.
    expect(free.length).toBeGreaterThanOrEqual(7);
    for (const { path } of free) {
      for (const [at, { notes }] of path.slice(1).entries()) {
        notes.forEach(({ midi }, voice) => {
          expect(Math.abs(midi - path[at]!.notes[voice]!.midi)).toBeLessThanOrEqual(2);
        });
      }
    }
  });
  it('goes round the diatonic fourths with two voices held and two stepping, 24 half steps (arithmetic)', () => {
    const made = etude({ cycle: 'diatonic fourths' });
    const motions = made.rounds.map(({ motion }) => motion);
    // Four rounds on each of three sets; the highest ends below the nut, so all its four make room by one inversion.
    expect(motions).toEqual([...Array.from({ length: 8 }, () => 24), 28, 28, 28, 28]);
  });
  it('is an ordinary tune, voiced just so', () => {
    const made = etude({ cycle: 'diatonic fourths' });
    const { chart, problems } = parseChart(made.text);
    expect(problems).toEqual([]);
    const chorus = chorusOf(chart);
    const outcome = connect(chorus.chords, settingsOf(made.setup, chorus));
    if (outcome.status !== 'found') throw new Error(outcome.why);
    const path = made.rounds.flatMap((round) => round.path);
    expect(outcome.path.map(voicingKey)).toEqual(path.map(voicingKey));
  });
});

it('moves two voices by step and holds two round the diatonic fourths on keys, in either hand', () => {
  const made = etude({ cycle: 'diatonic fourths', instrument: 'keyboard', family: 'close' });
  expect([...new Set(made.rounds.map(({ hands }) => hands))].sort()).toEqual(['left', 'right']);
  const right = made.rounds.find(({ hands }) => hands === 'right')!;
  const chorus = chorusOf(parseChart(made.text).chart);
  const changes = changesOf(chorus.chords.slice(0, 8), right.path, settingsOf(made.setup, chorus));
  const held = changes.map(({ voices }) => voices.filter(({ kind }) => kind === 'held').length);
  expect(held).toEqual([2, 2, 2, 2, 2, 2, 2]);
});

describe('a ii–V–I round the keys', () => {
  it.each(['3', '5', '7'] as const)('has the %s of every ii on top where that is asked', (top) => {
    for (const key of ['C', 'Cm']) {
      const made = etude({ cycle: 'ii–V–I', key, top });
      expect(made.rounds.length).toBeGreaterThanOrEqual(3);
      for (const { path } of made.rounds) {
        for (let at = 0; at < path.length; at += 3) {
          expect(path[at]!.notes.at(-1)!.degree.replace(/^b/, '')).toBe(top);
        }
      }
    }
  });
});

describe('what an étude promises holds in every family, cycle and way (property)', () => {
  const shape = ({ notes }: Voicing): string =>
    notes.map(({ degree }) => PLACE_OF[degree]).join(' ');
  const motionOf = (path: readonly Voicing[]): number =>
    path
      .slice(1)
      .reduce(
        (sum, { notes }, at) =>
          notes.reduce(
            (of, { midi }, voice) => of + Math.abs(midi - path[at]!.notes[voice]!.midi),
            sum,
          ),
        0,
      );
  const check = (made: Etude, way: EtudeRequest['way'], count: number): void => {
    made.rounds.forEach((round, at) => {
      const before = made.rounds[at - 1];
      const begins = voicingKey(round.path[0]!);
      expect(round.path).toHaveLength(count);
      expect(new Set(round.path.map(({ notes }) => notes.length)).size).toBe(1);
      expect(round.motion).toBe(motionOf(round.path));
      if (round.joined) expect(begins).toBe(voicingKey(before!.path.at(-1)!));
      if (way === 'same shape') expect(new Set(round.path.map(shape)).size).toBe(1);
      const earlier = made.rounds.slice(0, at).filter((other) => isBeside(other, round));
      const met = earlier.some((other) =>
        other.path.some((each, chord) => voicingKey(each) === voicingKey(round.path[chord]!)),
      );
      expect(round.meets).toBe(met);
    });
  };
  /** In one lane: on one set of strings, or in one hand. */
  const isBeside = (a: Round, b: Round): boolean =>
    a.hands === b.hands &&
    (a.strings.some((set) => b.strings.includes(set)) || a.strings.length === 0);
  it.each([
    // A neck of fifteen frets has not always room for every form.
    ['guitar', 0.9],
    ['keyboard', 0.9],
    ['ukulele', 0.85],
  ] as const)('%s', (instrument, share) => {
    let made = 0;
    let apart = 0;
    let rounds = 0;
    for (const { id: family } of families) {
      for (const cycle of CYCLES) {
        for (const way of WAYS) {
          const choice = { ...request, family, cycle, way, instrument, key: 'Eb' };
          const result = makeEtude(choice);
          if (!result.ok) continue;
          made += 1;
          rounds += result.value.rounds.length;
          apart += result.value.rounds.filter(({ meets }) => !meets).length;
          check(result.value, way, cycleChords(choice).symbols.length);
          expect(parseChart(result.value.text).problems).toEqual([]);
        }
      }
    }
    expect(made).toBeGreaterThan(60);
    expect(apart / rounds).toBeGreaterThan(share);
  });
  it('keeps the drops and open triads apart to the end on guitar, round the circle and in a key', () => {
    for (const cycle of CYCLES.filter((each) => each !== 'ii–V–I')) {
      for (const key of ['C', 'F#', 'Bbm']) {
        for (const family of ['drop2', 'drop3', 'drop24', 'spread'] as const) {
          const triads = family === 'spread';
          const made = etude({ family, cycle, key, kind: triads ? '' : '7', triads });
          expect(made.rounds.filter(({ meets }) => meets)).toEqual([]);
        }
      }
    }
  });
});

describe('where there is no étude it says why', () => {
  it('the family has nothing for a chord', () => {
    expect(problem({ family: 'rootless', kind: '' })).toMatch(
      /^There is no rootless for C in this room/,
    );
  });
  it('the strings asked for do not carry a chord', () => {
    expect(problem({ family: 'drop24', strings: ['321'] })).toBe(
      'Strings 3-2-1 have no drop 2 and 4 for F7. Ask for other strings, or for none.',
    );
    expect(problem({ family: 'guide', strings: ['6543', '5432'] })).toBe(
      'Strings 6-5-4-3 have no guide tones for C7, and strings 5-4-3-2 have no guide tones for C7. Ask for other strings, or for none.',
    );
  });
  it('the note asked for is never on top', () => {
    expect(problem({ cycle: 'ii–V–I', top: '11' })).toBe(
      'No drop 2 of Dm7 has its 11 on top here. Choose another note on top.',
    );
  });
});

it('lies on the strings it says', () => {
  for (const { strings, path } of etude().rounds) {
    for (const voicing of path) expect(strings).toContain(stringSetOf(voicing));
  }
});
