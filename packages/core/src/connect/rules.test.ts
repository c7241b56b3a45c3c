import { chord, chords } from '../testing/builders';
import { stringSetOf } from '../voicing/base/stringSet';
import { defaultGuitar, defaultKeyboard } from '../voicing/data';
import { clearVoicings, rubsIn } from './keeping';
import { connect, createConnector } from './connect';
import { defaultSettings } from './base/data';
import type { ConnectSettings } from './base/types';

const keys: ConnectSettings = {
  ...defaultSettings,
  instrument: defaultKeyboard,
  families: ['drop2'],
};

function pathOf(symbols: string, settings: ConnectSettings) {
  const outcome = connect(chords(symbols), settings);
  if (outcome.status !== 'found') throw new Error(outcome.why);
  return outcome.path;
}

describe('rules for single chords', () => {
  it('voice one chord in other families than the rest', () => {
    const path = pathOf('Dm7 G7 Cmaj7', { ...keys, rules: { 1: { families: ['guide'] } } });
    expect(path.map(({ family }) => family)).toEqual(['drop2', 'guide', 'drop2']);
    for (const { degree } of path[1]!.notes) expect(['3', 'b7', 'b9']).toContain(degree);
  });

  it('keep a voicing from rubbing against a note that is held', () => {
    const free = createConnector().voicingsOf(chord('Cmaj7'), keys);
    const clear = clearVoicings(free, { held: [72] });
    expect(free.some((voicing) => rubsIn(voicing, [72]) > 0)).toBe(true);
    expect(clear.length).toBeGreaterThan(0);
    for (const { notes } of clear) {
      for (const { midi } of notes) expect([71, 73, 59, 85]).not.toContain(midi);
    }
  });

  it('keep the top below a ceiling where there is room', () => {
    const [, g7] = pathOf('Dm7 G7', {
      ...keys,
      rules: { 1: { clear: { held: [], ceiling: 64 } } },
    });
    expect(g7!.notes.at(-1)!.midi).toBeLessThanOrEqual(64);
  });

  it('ask for a note on top', () => {
    const [, g7] = pathOf('Dm7 G7', { ...keys, rules: { 1: { tops: [67, 79] } } });
    expect([67, 79]).toContain(g7!.notes.at(-1)!.midi);
  });

  it('keep one chord on a set of strings, as far as it has any there', () => {
    const guitar = { ...keys, instrument: defaultGuitar };
    const on = (strings: string) =>
      stringSetOf(pathOf('Dm7 G7 Cmaj7', { ...guitar, rules: { 1: { strings } } })[1]!);
    expect(['4321', '5432', '6543'].map(on)).toEqual(['4321', '5432', '6543']);
    expect(on('65')).toHaveLength(4);
  });

  it('never leave a chord silent: where nothing keeps clear, what rubs least stays', () => {
    const free = createConnector().voicingsOf(chord('Cmaj7'), keys);
    const chromatic = Array.from({ length: 60 }, (_, at) => 30 + at);
    expect(clearVoicings(free, { held: chromatic, ceiling: 0 }).length).toBeGreaterThan(0);
  });

  it('give way to a lock', () => {
    const lock = createConnector().voicingsOf(chord('G7'), keys)[0]!;
    const rules = { 1: { families: ['guide' as const] } };
    expect(pathOf('Dm7 G7', { ...keys, locks: { 1: lock }, rules })[1]).toEqual(lock);
  });

  it('say what binds in their own families', () => {
    const outcome = connect(chords('C5'), { ...keys, rules: { 0: { families: ['rootless'] } } });
    expect(outcome).toMatchObject({ status: 'infeasible', at: 0 });
    if (outcome.status === 'infeasible') expect(outcome.why).toMatch(/^C5: .*rootless/i);
  });
});
