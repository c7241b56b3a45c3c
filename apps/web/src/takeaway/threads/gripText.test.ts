import {
  chorusOf,
  createConnector,
  defaultArrangement,
  defaultInstruments,
  INSTRUMENT_IDS,
  instrumentOf,
  isFretted,
  parseChart,
  settingsOf,
  voiceChorus,
} from '@drop-close/core';
import { gripText } from './gripText';
import { demoTexts } from '../../testing/demo';

const texts = demoTexts();

it.each(INSTRUMENT_IDS)(
  'on %s every voicing of every demo tune is told whole: its frets string by string, or its notes',
  (id) => {
    let told = 0;
    for (const text of texts) {
      const chorus = chorusOf(parseChart(text).chart);
      const setup = { ...defaultArrangement, instrument: id };
      const settings = settingsOf(setup, chorus, defaultInstruments);
      const outcome = voiceChorus(createConnector(), chorus, settings, setup);
      if (outcome.status !== 'found') throw new Error(outcome.why);
      const instrument = instrumentOf(setup, defaultInstruments);
      for (const voicing of outcome.path) {
        const said = gripText(voicing, instrument);
        told += 1;
        if (!isFretted(instrument)) {
          const notes = said === '' ? [] : said.split(' ');
          expect(notes).toHaveLength(voicing.notes.length);
          continue;
        }
        const strings = instrument.tuning.length;
        const frets = said.includes('-') ? said.split('-') : Array.from(said);
        expect(frets).toHaveLength(strings);
        const held = frets.flatMap((fret, at) => (fret === 'x' ? [] : `${strings - at}: ${fret}`));
        const meant = voicing.notes.map(({ string, fret }) => `${string ?? 0}: ${fret ?? 0}`);
        expect([...held].sort()).toEqual([...meant].sort());
      }
    }
    expect(told).toBeGreaterThan(300);
  },
  60_000,
);
