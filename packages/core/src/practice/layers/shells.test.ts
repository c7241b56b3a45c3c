import { connect } from '../../connect/connect';
import { defaultSettings } from '../../connect/base/data';
import { demoTunes } from '../../testing/demo';
import { defaultGuitar, defaultKeyboard, rooms } from '../../voicing/data';

it('the shells layer, voiced as alone, has the root of every chord of every demo tune, under all unless another bass is written, on guitar and keys', () => {
  let voicings = 0;
  for (const { chorus } of demoTunes()) {
    for (const instrument of [defaultGuitar, defaultKeyboard]) {
      const settings = { ...defaultSettings, instrument, families: ['shell'] as const };
      const chords = chorus.chords.filter(({ kind }) => kind === 'chord');
      const outcome = connect([...chords], { ...settings, room: rooms.alone });
      if (outcome.status !== 'found') throw new Error(outcome.why);
      outcome.path.forEach(({ family, notes }, at) => {
        const chord = chords[at]!;
        const degrees: readonly string[] = notes.map(({ degree }) => degree);
        const ownBass = chord.kind === 'chord' && chord.bass !== undefined;
        expect([family, degrees.includes('R')]).toEqual(['shell', true]);
        if (!ownBass) expect(degrees[0]).toBe('R');
        voicings += 1;
      });
    }
  }
  expect(voicings).toBe(762);
});
