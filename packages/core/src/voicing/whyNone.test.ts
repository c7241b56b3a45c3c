import { chord } from '../testing/builders';
import { defaultGuitar, defaultVoicingSettings, rooms } from './data';
import { enumerateVoicings } from './enumerate';
import type { VoicingSettings } from './base/types';
import { nearestFamily, whyNoVoicing } from './whyNone';

const settings = (change: Partial<VoicingSettings>): VoicingSettings => ({
  ...defaultVoicingSettings,
  ...change,
});
const why = (symbol: string, change: Partial<VoicingSettings>): string => {
  expect(enumerateVoicings(chord(symbol), settings(change))).toEqual([]);
  return whyNoVoicing(chord(symbol), settings(change));
};
const window = (low: number, high: number) => ({ ...rooms.alone, window: { low, high } });

describe('why a chord has no voicing names the limit that binds', () => {
  it('the kind of chord, and offers the nearest family that voices it', () => {
    expect(why('C', { families: ['rootless'] })).toBe(
      'there is no form of rootless for this kind of chord; spread would do',
    );
  });

  it('the register of the room', () => {
    expect(why('Cmaj7', { families: ['shell'], room: window(41, 44) })).toMatch(
      /^no form of shell fits between F2 and Ab2, this room's register/,
    );
  });

  it('the hand on a neck, in millimetres', () => {
    const guitar = { ...defaultGuitar, hand: { comfortableMm: 10, limitMm: 12 } };
    expect(why('Ab7', { families: ['guide'], instrument: guitar })).toMatch(
      /^the narrowest grip of guide tones needs \d+ mm, and the hand's limit is 12 mm/,
    );
  });

  it('several families by their names, and none at all', () => {
    expect(why('C5', { families: ['rootless', 'cell'] })).toMatch(/rootless or cell/);
    expect(why('C', { families: [] })).toBe('no family of voicings is chosen');
  });
});

describe('the nearest family', () => {
  it('voices the chord, and is none of the chosen', () => {
    for (const symbol of ['C', 'C5', 'Cdim7', 'Csus2']) {
      const asked = settings({ families: ['rootless'] });
      const nearest = nearestFamily(chord(symbol), asked)!;
      expect(nearest).not.toBe('rootless');
      const lent = enumerateVoicings(chord(symbol), { ...asked, families: [nearest] });
      expect(lent.length).toBeGreaterThan(0);
    }
  });

  it('is none where nothing fits at all', () => {
    expect(nearestFamily(chord('Cmaj7'), settings({ room: window(90, 91) }))).toBeUndefined();
  });
});
