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
  type ConnectSettings,
  type FamilyId,
  type InstrumentId,
  type LentFamily,
} from '@drop-close/core';
import { parentPort, workerData } from 'node:worker_threads';
import type { TuneBody } from '../src/tunes/tune.dto';

/** What the thread is given. */
export interface EveryFamily {
  readonly tunes: readonly Pick<TuneBody, 'title' | 'text' | 'key' | 'meter'>[];
  readonly instrument: InstrumentId;
}

/** How one tune came out in one family. */
export interface VoicedInFamily {
  readonly title: string;
  readonly family: FamilyId;
  readonly status: string;
  readonly chords: number;
  /** The family of each voicing. */
  readonly played: readonly string[];
  readonly lent: readonly LentFamily[];
}

/** Fewer sounds a chord than the desk weighs, so that all of this takes seconds. */
const MOST_SOUNDS = 40;

function voiced(
  { title, text, key, meter }: EveryFamily['tunes'][number],
  family: FamilyId,
  instrument: InstrumentId,
): VoicedInFamily {
  const { chart } = parseChart(text, parseMeter(meter));
  const chorus = chorusOf({ ...chart, header: { key, ...chart.header } });
  const { chords } = chorus;
  const arrangement = { ...defaultArrangement, instrument, families: [family], loop: false };
  const settings: ConnectSettings = {
    ...settingsOf(arrangement, chorus),
    mostSounds: MOST_SOUNDS,
  };
  const outcome = connect(chords, settings);
  const found = outcome.status === 'found' ? outcome : { path: [], lent: [] };
  const played = found.path.map((voicing) => voicing.family);
  return { title, family, status: outcome.status, chords: chords.length, played, lent: found.lent };
}

const { tunes, instrument } = workerData as EveryFamily;
parentPort!.postMessage(
  tunes.flatMap((tune) => families.map(({ id }) => voiced(tune, id, instrument))),
);
