import {
  bandOf,
  compositionOf,
  compSheetOf,
  createConnector,
  createTuneReader,
  devicesOver,
  layOver,
  mendBar,
  offersIn,
  playedSet,
  songOfComposition,
  standInLine,
  wholesOf,
  writeMidi,
  type Composition,
} from '@drop-close/core';
import type { ComposedChoruses, Composer } from './protocol';

interface Current extends Composition {
  readonly id: number;
  /** As the tune is stored. */
  readonly key: string;
}

/** The part of the engine that comps: holds the choruses last composed, gives out what is asked of them. */
export function createComposer(read = createTuneReader()): Composer {
  const connector = createConnector();
  let current: Current | undefined;
  let count = 0;
  const ask = <T>(id: number, answer: (here: Current) => T): T | undefined =>
    current?.id === id ? answer(current) : undefined;
  return {
    compose: (question) => {
      count += 1;
      const composition = compositionOf(question, read(question), connector);
      current = { ...composition, id: count, key: question.key };
      return answerOf(current);
    },
    playSet: (id, seed) => ask(id, (here) => playedSet(here, seed)),
    mendBar: (id, bar) => ask(id, ({ request }) => mendBar(request, bar)),
    offers: (id, at, line, under) => ask(id, (here) => offersIn(here, at, line, under)),
    layLicks: (id, request) => ask(id, (here) => layOver(here, request)),
    spread: (id, applied, scope) => ask(id, (here) => devicesOver(here, applied, scope)),
    compSheet: (id, request) => ask(id, (here) => compSheetOf(here, request)),
    band: (id, part) => ask(id, (here) => bandOf(here, part)),
    song: (id, title) => ask(id, (here) => writeMidi(songOfComposition(here, title, here.key))),
    standIn: (id, { density, range, seed }) =>
      ask(id, ({ chorus: { timeline } }) => {
        return { written: true, notes: standInLine({ timeline, density, range, seed }) };
      }),
  };
}

/** What crosses to the page. */
function answerOf(current: Current): ComposedChoruses {
  const { choruses, voiced, ...rest } = current.composed;
  const { timeline, origins, times, barsEach } = choruses;
  return {
    ...rest,
    id: current.id,
    timeline,
    times,
    barsEach,
    wholes: wholesOf(current),
    devised: origins.map(({ moved }) => moved !== undefined),
    voiced:
      voiced.status === 'found'
        ? { status: 'found', path: voiced.path, changes: voiced.changes }
        : voiced,
    line: current.line,
  };
}
