import { chord, chords } from '../testing/builders';
import { enumerateVoicings } from '../voicing/enumerate';
import { candidatesOf } from './candidates';
import { connect } from './connect';
import { pricesOf, standing } from './prices';
import { defaultSettings } from './data';
import type { ConnectSettings } from './types';

const settings = (change: Partial<ConnectSettings>): ConnectSettings => ({
  ...defaultSettings,
  ...change,
});

it('gives the same chord the very same list, so that its costs are shared', () => {
  const { lists } = candidatesOf(chords('Dm7 G7 Dm7'), settings({ families: ['shell'] }));
  expect(lists[2]).toBe(lists[0]);
  expect(lists[1]).not.toBe(lists[0]);
});

it('leaves a locked chord its lock alone', () => {
  const lock = enumerateVoicings(chord('G7'), settings({ families: ['drop3'] }))[0]!;
  const { lists } = candidatesOf(chords('Dm7 G7'), settings({ locks: { 1: lock } }));
  expect(lists[1]).toEqual([lock]);
});

describe('a family that does not voice a chord', () => {
  const asked = { families: ['rootless' as const] };
  it('leaves it without, unless one may be lent', () => {
    const { lists, lent } = candidatesOf(chords('C G7'), settings(asked));
    expect(lists[0]).toEqual([]);
    expect(lent).toEqual([]);
    expect(connect(chords('C G7'), settings(asked))).toMatchObject({ status: 'infeasible', at: 0 });
  });

  it('lends the nearest that does, and says why', () => {
    const { lists, lent } = candidatesOf(chords('C G7'), settings({ ...asked, lendFamily: true }));
    expect(lent).toEqual([
      {
        at: 0,
        family: 'spread',
        why: 'there is no form of rootless for this kind of chord; spread would do',
      },
    ]);
    expect(lists[0]!.every(({ family }) => family === 'spread')).toBe(true);
    expect(lists[1]!.every(({ family }) => family === 'rootless')).toBe(true);
  });
});

describe('more voicings than are weighed', () => {
  const many = settings({ families: ['cell'], mostCandidates: 20 });
  it('are narrowed to those that cost least by themselves, in their order', () => {
    const all = enumerateVoicings(chord('G7'), many);
    const { lists, narrowed } = candidatesOf(chords('G7'), many);
    const kept = lists[0]!;
    expect(narrowed).toBe(true);
    expect(kept).toHaveLength(20);
    const cost = (voicing: (typeof all)[0]): number =>
      standing({ chord: chord('G7'), voicing, at: 0, settings: many }, pricesOf(many.weights));
    const dearest = Math.max(...kept.map(cost));
    const left = all.filter(
      (voicing) => !kept.some((each) => JSON.stringify(each) === JSON.stringify(voicing)),
    );
    for (const voicing of left) expect(cost(voicing)).toBeGreaterThanOrEqual(dearest);
    const places = kept.map((voicing) =>
      all.findIndex((each) => JSON.stringify(each) === JSON.stringify(voicing)),
    );
    expect(places).toEqual([...places].sort((a, b) => a - b));
  });

  it('are said to be narrowed in the outcome, and are all weighed where there are fewer', () => {
    const found = connect(chords('Dm7 G7'), many);
    expect(found).toMatchObject({ status: 'found', narrowed: true });
    const few = connect(chords('Dm7 G7'), settings({ families: ['guide'] }));
    expect(few).toMatchObject({ status: 'found', narrowed: false });
  });
});
