/**
 * Comping a set: 5 choruses of 32 bars, 160 bars, behind a solo of some 1,500 notes; and one edit of a hit in it.
 * The same code runs in the worker of the page; see pageSpeed.ts for the page.
 */
import {
  chorusOf,
  compBehind,
  compose,
  createConnector,
  defaultArrangement,
  swungLine,
  offbeatAt,
  parseChart,
  standInLine,
  quarters,
  ticks,
  withoutHit,
  type ComposeRequest,
  type SoloNote,
} from '@drop-close/core';
import { chorusText } from './chorus';
import { print, report } from './report';

const CHORUSES = 5;

/** Every note of the stand-in in two, so that there are enough of them. */
const doubled = (line: readonly SoloNote[]): SoloNote[] =>
  line.flatMap((note) => {
    const half = ticks(Math.floor(note.length / 2));
    return [
      { ...note, length: half },
      { ...note, at: ticks(note.at + half), length: half },
    ];
  });

function request(instrument: 'guitar' | 'keyboard'): ComposeRequest {
  const chorus = chorusOf(parseChart(chorusText()).chart);
  const { timeline } = chorus;
  const offbeat = offbeatAt('swing', 160, 100);
  const all = { length: quarters(timeline.length * CHORUSES), bars: timeline.bars };
  const lines = Array.from({ length: CHORUSES }, (_, seed) =>
    standInLine({ timeline, density: 3, range: { low: 58, high: 82 }, seed }).map((note) => ({
      ...note,
      at: ticks(note.at + seed * timeline.length * 480),
    })),
  );
  const notes = doubled(lines.flat());
  const line = swungLine({ written: true, notes }, timeline, all, offbeat);
  const arrangement = { ...defaultArrangement, instrument };
  const plan = Array.from({ length: CHORUSES }, () => []);
  const comp = { ...arrangement.comp, plan };
  return { connector: createConnector(), arrangement, comp, chorus, line, offbeat };
}

for (const instrument of ['guitar', 'keyboard'] as const) {
  const asked = request(instrument);
  const { comp } = compBehind({ ...asked, feel: 'swing', seed: 1 });
  if (instrument === 'guitar') {
    print('notes of the solo', asked.line.length, 'notes');
    print('hits behind it', comp.hits.length, 'hits');
  }
  const fresh = (): ComposeRequest => ({ ...asked, connector: createConnector() });
  report(
    `160 bars comped behind the solo, ${instrument}`,
    () => {
      compBehind({ ...fresh(), feel: 'swing', seed: 1 });
    },
    7,
  );
  let at = 0;
  report(
    `a hit taken out, all composed anew, ${instrument}`,
    () => {
      at += 1;
      const hits = withoutHit(comp.hits, comp.hits[at % comp.hits.length]!);
      compose({ ...asked, comp: { ...comp, hits } });
    },
    15,
  );
}
