/**
 * What may be done at a chord, asked chord by chord as a player walks through a tune; a device tried; and an étude
 * through twelve keys from every inversion. The same code runs in the worker of the page.
 */
import {
  compositionOf,
  createConnector,
  createTuneReader,
  defaultArrangement,
  defaultInstruments,
  freshPlaces,
  makeEtude,
  offersIn,
  parseChart,
  rooms,
  startFor,
  type AppliedDevice,
  type Arrangement,
  type Composition,
  type TuneText,
} from '@drop-close/core';
import { chorusText } from './chorus';
import { print, report } from './report';

const CHORDS = 24;
const text = chorusText();
const tune: TuneText = {
  ...{ text, meter: '4/4', key: 'C' },
  places: freshPlaces(parseChart(text).chart),
};

function composed(setup: Arrangement): Composition {
  const question = { setup, instruments: defaultInstruments, tempo: 120, feel: 'swing' } as const;
  return compositionOf(question, createTuneReader()(tune), connector);
}

const connector = createConnector();

for (const instrument of ['guitar', 'keyboard'] as const) {
  const room = rooms.bass;
  const setup = { ...defaultArrangement, instrument, room, ...startFor(instrument, room) };
  const composition = composed(setup);
  const times = Array.from({ length: CHORDS }, (_, at) => {
    const start = performance.now();
    offersIn(composition, at);
    return performance.now() - start;
  });
  print(`offers at the first chord, ${instrument}`, times[0]!, 'ms');
  const later = times.slice(1).sort((a, b) => a - b);
  print(`offers at a later chord, half of them in less, ${instrument}`, later[11]!, 'ms');
  print(`offers at a later chord, nine of ten in less, ${instrument}`, later[20]!, 'ms');
  const offer = offersIn(composition, 2).find(({ device }) => device === 'through the key')!;
  const { symbol } = composition.chorus.timeline.events[2]!.chord;
  const { device, variant } = offer;
  const tried: AppliedDevice = { at: 2, chorus: 0, symbol, device, variant };
  report(`a device tried, all composed anew, ${instrument}`, () => {
    composed({ ...setup, comp: { ...setup.comp, devices: [tried] } });
  });
}

for (const [family, cycle] of [
  ['drop2', 'circle of fourths'],
  ['drop3', 'ii–V–I'],
] as const) {
  report(
    `an étude in ${family}, ${cycle}, every inversion, nearest`,
    () => {
      makeEtude({
        ...{ family, cycle, kind: '7', key: 'C', triads: false, way: 'nearest' },
        ...{ strings: [], instrument: 'guitar', room: rooms.alone },
      });
    },
    5,
  );
}
