import { connect } from '../../connect/connect';
import { defaultSettings } from '../../connect/base/data';
import { demoTunes } from '../../testing/demo';
import { defaultGuitar, defaultKeyboard, rooms } from '../../voicing/data';

it('the shells layer, voiced as alone, has the root under every chord of every demo tune, on guitar and keys', () => {
  let voicings = 0;
  for (const { chorus } of demoTunes()) {
    for (const instrument of [defaultGuitar, defaultKeyboard]) {
      const settings = { ...defaultSettings, instrument, families: ['shell'] as const };
      const chords = chorus.chords.filter(({ kind }) => kind === 'chord');
      const outcome = connect([...chords], { ...settings, room: rooms.alone });
      if (outcome.status !== 'found') throw new Error(outcome.why);
      for (const { family, notes } of outcome.path) {
        expect([family, notes[0]?.degree]).toEqual(['shell', 'R']);
        voicings += 1;
      }
    }
  }
  expect(voicings).toBe(762);
});
