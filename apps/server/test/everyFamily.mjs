/**
 * Voices tunes in every family on one instrument, in a thread of its own: the test runner's sandbox
 * makes such work several times slower. Answers with one row for each tune and family.
 */
import {
  chorusOf,
  connect,
  defaultArrangement,
  families,
  parseChart,
  parseMeter,
  settingsOf,
} from '@drop-close/core';
import { parentPort, workerData } from 'node:worker_threads';

/** Fewer voicings than the desk weighs, so that all of this takes seconds. */
const MOST_CANDIDATES = 40;

const { tunes, instrument } = workerData;
parentPort.postMessage(tunes.flatMap((tune) => families.map(({ id }) => voiced(tune, id))));

function voiced({ title, text, key, meter }, family) {
  const { chart } = parseChart(text, parseMeter(meter));
  const chorus = chorusOf({ ...chart, header: { key, ...chart.header } });
  const { chords } = chorus;
  const arrangement = { ...defaultArrangement, instrument, families: [family], loop: false };
  const settings = { ...settingsOf(arrangement, chorus), mostCandidates: MOST_CANDIDATES };
  const { status, path = [], lent = [], why } = connect(chords, settings);
  const played = path.map((voicing) => voicing.family);
  return { title, family, status, chords: chords.length, played, lent, why };
}
