import {
  chorusOf,
  createConnector,
  defaultArrangement,
  defaultInstruments,
  handSpans,
  INSTRUMENT_IDS,
  instrumentOf,
  parseChart,
  settingsOf,
  voiceChorus,
  voiceRanges,
} from '@drop-close/core';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { IN_A_FILE } from '../../ui/picture/looks';
import { HandPicture } from './HandPicture';
import { RangesPicture } from './RangesPicture';
import { demoTexts } from '../../testing/demo';

const texts = demoTexts();

/** Every place along the page in a picture, in pixels. */
const placesIn = (svg: string): number[] =>
  [...svg.matchAll(/ x[12]?="([^"]+)"/g)].map(([, place]) => Number(place));

it.each(INSTRUMENT_IDS)(
  'on %s the pictures of every demo tune have every voice and every chord on the page',
  (id) => {
    let drawn = 0;
    for (const text of texts) {
      const chorus = chorusOf(parseChart(text).chart);
      const setup = { ...defaultArrangement, instrument: id };
      const settings = settingsOf(setup, chorus, defaultInstruments);
      const outcome = voiceChorus(createConnector(), chorus, settings, setup);
      if (outcome.status !== 'found') throw new Error(outcome.why);
      const instrument = instrumentOf(setup, defaultInstruments);
      const ranges = voiceRanges(outcome.path);
      const spans = handSpans(outcome.path, instrument);
      const shared = { width: 680, look: IN_A_FILE };
      const range = renderToStaticMarkup(createElement(RangesPicture, { ...shared, ranges }));
      expect(range.match(/stroke-linecap/g)).toHaveLength(ranges.length);
      const { timeline } = chorus;
      const hand = renderToStaticMarkup(createElement(HandPicture, { ...shared, spans, timeline }));
      // The ground, and every span.
      expect(hand.match(/<rect/g)).toHaveLength(1 + spans.length);
      for (const place of [...placesIn(range), ...placesIn(hand)]) {
        expect(place >= 0 && place <= 680).toBe(true);
      }
      expect(range + hand).not.toMatch(/NaN|Infinity|undefined/);
      drawn += spans.length;
    }
    expect(drawn).toBeGreaterThan(300);
  },
  60_000,
);
