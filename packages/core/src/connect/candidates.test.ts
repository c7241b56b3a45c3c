import { chord, chords } from '../testing/builders';
import { defaultGuitar, defaultKeyboard } from '../voicing/data';
import { enumerateVoicings } from '../voicing/enumerate';
import type { Voicing } from '../voicing/base/types';
import { candidatesOf } from './candidates';
import { connect } from './connect';
import { pricesOf, ownCost } from './terms/prices';
import { defaultSettings } from './base/data';
import type { ConnectSettings } from './base/types';

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

describe('more sounds than are weighed', () => {
  const many = settings({ families: ['cell'], mostSounds: 5 });
  const nameOf = ({ notes }: Voicing): string =>
    notes.map(({ midi, degree }) => `${midi} ${degree}`).join(' ');
  const soundsOf = (voicings: readonly Voicing[]): string[] => [...new Set(voicings.map(nameOf))];

  it('are narrowed to those that cost least by themselves, with all their grips in their order', () => {
    const all = enumerateVoicings(chord('G7'), many);
    const { lists, narrowed } = candidatesOf(chords('G7'), many);
    const kept = soundsOf(lists[0]!);
    expect(narrowed).toBe(true);
    expect(kept).toHaveLength(5);
    expect(lists[0]).toEqual(all.filter((voicing) => kept.includes(nameOf(voicing))));
    const prices = pricesOf(many.weights);
    const least = (sound: string): number =>
      Math.min(
        ...all
          .filter((voicing) => nameOf(voicing) === sound)
          .map((voicing) =>
            ownCost({ chord: chord('G7'), voicing, at: 0, settings: many }, prices),
          ),
      );
    const dearest = Math.max(...kept.map(least));
    const left = soundsOf(all).filter((sound) => !kept.includes(sound));
    expect(left.length).toBeGreaterThan(0);
    for (const sound of left) expect(least(sound)).toBeGreaterThanOrEqual(dearest);
  });

  it('are locksAndRules to be narrowed in the outcome, and are all weighed where there are fewer', () => {
    const found = connect(chords('Dm7 G7'), many);
    expect(found).toMatchObject({ status: 'found', narrowed: true });
    const few = connect(chords('Dm7 G7'), settings({ families: ['guide'] }));
    expect(few).toMatchObject({ status: 'found', narrowed: false });
  });

  it('leave every drop form of a chord in its colours on the table', () => {
    const drops: ConnectSettings = settings({
      families: ['drop2', 'drop3', 'drop24', 'drop23', 'close'],
      tensions: 'available',
    });
    for (const instrument of [defaultGuitar, defaultKeyboard]) {
      const found = candidatesOf(chords('Dm7 G7 Cmaj7 A7b9'), { ...drops, instrument });
      expect(found.narrowed).toBe(false);
    }
  });
});
