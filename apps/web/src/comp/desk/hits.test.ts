import { midi, ticks, type Hit, type HitJudgement, type SoundingHit } from '@drop-close/core';
import { beatName, heardPlaces, judgedByPlace, spokenHit, troubles } from './hits';

const hit: Hit = {
  bar: 3,
  at: ticks(720),
  length: ticks(240),
  hold: 'short',
  touch: 'plain',
  accent: false,
};
const fine: HitJudgement = { place: 'in a gap', crowds: undefined, clashes: [] };
const sounding = (of: Hit, chord: number): SoundingHit => ({
  hit: of,
  at: ticks(0),
  end: ticks(240),
  chord,
});

describe('a hit in words', () => {
  it('says where it stands by beats and ands', () => {
    expect([0, 240, 720].map(beatName)).toEqual(['1', '1 and', '2 and']);
    expect(spokenHit(hit, undefined, false)).toBe('Hit, bar 3, beat 2 and, short');
  });
  it('says how it sounds, and that all is well', () => {
    const rolled: Hit = { ...hit, hold: 'let ring', touch: 'rolled', accent: true };
    expect(spokenHit(rolled, fine, false)).toBe(
      'Hit, bar 3, beat 2 and, let ring, rolled, accented, in a gap',
    );
  });
  it('says everything that is wrong with it', () => {
    const clash = { comp: midi(71), solo: midi(72), from: ticks(0), length: ticks(480) };
    const crowded: HitJudgement = { place: 'over the line', crowds: midi(67), clashes: [clash] };
    expect(troubles(hit, crowded)).toEqual([
      'over the line',
      'in the soloist’s register',
      'clashes with a held note',
    ]);
    expect(troubles(hit, fine)).toEqual([]);
    expect(troubles(hit, undefined)).toEqual([]);
  });
  it('has nothing against a soft one over the line', () => {
    const over: HitJudgement = { ...fine, place: 'over the line' };
    expect(troubles(hit, over)).toEqual(['over the line']);
    expect(troubles({ ...hit, loudness: 2 }, over)).toEqual([]);
    expect(spokenHit({ ...hit, loudness: 2 }, over, false)).toBe(
      'Hit, bar 3, beat 2 and, short, soft, over the line',
    );
  });
  it('says that a movement sounds in its place', () => {
    expect(spokenHit(hit, fine, true)).toMatch(/silent under the movement$/);
  });
});

it('finds how a hit stands by its place', () => {
  const judged = judgedByPlace([sounding(hit, 0)], [fine]);
  expect(judged(hit)).toBe(fine);
  expect(judged({ bar: 3, at: ticks(0) })).toBeUndefined();
});

it('hears the hits of the player, not those of a movement in the same place', () => {
  const heard = heardPlaces([sounding(hit, 0), sounding({ ...hit, bar: 4 }, 1)], [false, true]);
  expect([heard(hit), heard({ bar: 4, at: hit.at })]).toEqual([true, false]);
});
