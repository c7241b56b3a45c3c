import Papa from 'papaparse';
import { defaultArrangement } from '../arrangement/stored/defaults';
import { settingsOf } from '../arrangement/chorus/settings';
import { voiceChorus } from '../arrangement/chorus/voiceChorus';
import { createConnector } from '../connect/connect';
import { demoChoruses } from '../testing/demo';
import { defaultInstruments } from '../voicing/data';
import { voicingsCsv } from './voicingsCsv';

it('a table of voicings has a line a chord, and its motion adds up, every demo tune', () => {
  for (const chorus of demoChoruses()) {
    const settings = settingsOf(defaultArrangement, chorus, defaultInstruments);
    const outcome = voiceChorus(createConnector(), chorus, settings, defaultArrangement);
    if (outcome.status !== 'found') throw new Error(outcome.status);
    const { data, errors } = Papa.parse<Record<string, string>>(
      voicingsCsv(chorus.timeline, outcome).trim(),
      { header: true },
    );
    expect(errors).toEqual([]);
    expect(data.map((row) => row['chord'])).toEqual(
      chorus.timeline.events.map(({ chord }) => chord.symbol),
    );
    const motion = data.reduce((sum, row) => sum + Number(row['motion']), 0);
    const round = outcome.changes.filter(({ to }) => to === 0);
    const home = round.reduce((sum, change) => sum + change.motion, 0);
    expect(motion + home).toBe(outcome.motion);
    for (const { notes = '', frets = '' } of data) {
      expect(frets.split(' ').length).toBe(notes.split(' ').length);
    }
  }
});
