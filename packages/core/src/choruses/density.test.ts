import { defaultArrangement } from '../arrangement/stored/defaults';
import { parseChart } from '../chart/parseChart';
import { formatMeter } from '../chart/meter';
import { densityByBar } from '../comp/density';
import { createConnector } from '../connect/connect';
import { demoTexts } from '../testing/demo';
import { defaultInstruments } from '../voicing/data';
import { compositionOf, playedSet } from './composition';
import { createTuneReader } from './tuneReader';

it('over every demo tune, three choruses of it, every hit is counted once and no bar is more than full', () => {
  let counted = 0;
  for (const text of demoTexts()) {
    const { header, meter } = parseChart(text).chart;
    const { key = 'C', feel = 'swing', tempo = 120 } = header;
    const tune = { text, places: { transposed: 0, sections: [] }, meter: formatMeter(meter), key };
    const connector = createConnector();
    const read = createTuneReader();
    const planned = {
      ...defaultArrangement,
      comp: { ...defaultArrangement.comp, plan: [[], [], []] },
    };
    const question = { setup: planned, instruments: defaultInstruments, feel, tempo };
    const played = playedSet(compositionOf(question, read(tune), connector), 7);
    const setup = { ...planned, comp: { ...planned.comp, ...played } };
    const { composed } = compositionOf({ ...question, setup }, read(tune), connector);
    const bars = densityByBar(composed.sounding, composed.choruses.timeline);
    const hits = bars.reduce((sum, each) => sum + each.hits, 0);
    expect(hits).toBe(composed.sounding.length);
    expect(hits).toBeGreaterThan(bars.length / 2);
    for (const { sounds } of bars) {
      expect(sounds).toBeGreaterThanOrEqual(0);
      expect(sounds).toBeLessThanOrEqual(1);
    }
    counted += hits;
  }
  expect(counted).toBeGreaterThan(1000);
});
