import {
  bandPlan,
  chorusOf,
  compBehind,
  compose,
  createConnector,
  heardLine,
  mendBar,
  offbeatAt,
  offersAt,
  planByBar,
  playPlan,
  songOf,
  standInLine,
  wholeChords,
  writeMidi,
  type Chorus,
  type Composed,
  type ComposeRequest,
  type SoloNote,
} from '@drop-close/core';
import { createReader } from './reading';
import type { ComposeQuestion, ComposedChoruses, Composer } from './protocol';

interface Current {
  readonly id: number;
  readonly question: ComposeQuestion;
  readonly chorus: Chorus;
  readonly composed: Composed;
  readonly line: readonly SoloNote[];
  readonly offbeat: number;
}

/** The part of the engine that comps: holds the choruses last composed, gives out what is asked of them. */
export function createComposer(read = createReader()): Composer {
  const connector = createConnector();
  let current: Current | undefined;
  let count = 0;
  const requestFor = (question: ComposeQuestion) => {
    const { setup, instruments, feel, tempo, solo } = question;
    const { inKey, analysis } = read(question);
    const chorus = chorusOf(inKey, setup.splits, analysis());
    const offbeat = offbeatAt(feel, tempo, setup.comp.swing);
    const times = setup.comp.plan.length;
    const all = {
      length: chorus.timeline.length * times,
      bars: chorus.timeline.bars,
    };
    const line = solo ? heardLine(solo, chorus.timeline, all, offbeat) : [];
    const { comp } = setup;
    const request: ComposeRequest = {
      ...{ connector, arrangement: setup, comp, chorus, line, offbeat, instruments },
    };
    return { chorus, line, offbeat, request };
  };
  const requestOf = ({ question }: Current): ComposeRequest => requestFor(question).request;
  const of = (id: number): Current | undefined => (current?.id === id ? current : undefined);
  return {
    compose: (question) => {
      const { chorus, line, offbeat, request } = requestFor(question);
      const composed = compose(request);
      count += 1;
      current = { id: count, question, chorus, composed, line, offbeat };
      return answerOf(current);
    },
    playSet: (id, seed) => {
      const here = of(id);
      if (!here) return undefined;
      const { question, chorus } = here;
      const { comp, room } = question.setup;
      if (question.solo) {
        return compBehind({ ...requestOf(here), feel: question.feel, seed });
      }
      const { window } = room;
      const played = playPlan({ chorus, plan: comp.plan, feel: question.feel, seed, window });
      const devices = played.devices.length ? played.devices : comp.devices;
      return {
        comp: { ...comp, hits: played.hits, devices },
        decisions: [],
        figures: undefined,
        yielding: 0,
      };
    },
    mendBar: (id, bar) => {
      const here = of(id);
      return here && mendBar(requestOf(here), bar);
    },
    offers: (id, at, line) => {
      const here = of(id);
      if (!here) return undefined;
      const { room, loop } = here.question.setup;
      const context = { window: room.window, loop, ...(line?.length ? { line } : {}) };
      return offersAt(wholeChords(here.chorus), at, context);
    },
    band: (id, { fromBar, toBar, tempo }) => {
      const here = of(id);
      return here && planOf(here, { tempo, ...bars(fromBar, toBar) });
    },
    song: (id, title) => {
      const here = of(id);
      if (!here) return undefined;
      const { question, composed, chorus } = here;
      const { timeline } = composed.choruses;
      const plan = planOf(here, {});
      const key = chorus.timeline.events.length ? keyIn(chorus, question.key) : question.key;
      const { instrument } = question.setup;
      const { sections } = composed;
      const song = { title, tempo: question.tempo, key, timeline, plan, sections, instrument };
      return writeMidi(songOf(song));
    },
    standIn: (id, { density, range, seed }) => {
      const here = of(id);
      if (!here) return undefined;
      const { timeline } = here.chorus;
      return { written: true, notes: standInLine({ timeline, density, range, seed }) };
    },
  };
}

const bars = (fromBar: number | undefined, toBar: number | undefined) => ({
  ...(fromBar === undefined ? {} : { fromBar }),
  ...(toBar === undefined ? {} : { toBar }),
});

function planOf(
  { composed, question, line, offbeat }: Current,
  ask: { readonly tempo?: number | undefined; readonly fromBar?: number; readonly toBar?: number },
) {
  const { choruses, voiced, sounding, sections } = composed;
  const { timeline } = choruses;
  const { bass, drums } = question.setup.comp;
  return bandPlan({
    ...bars(ask.fromBar, ask.toBar),
    timeline,
    path: voiced.status === 'found' ? voiced.path : [],
    feel: question.feel,
    tempo: ask.tempo ?? question.tempo,
    sounding,
    line,
    bass,
    drums,
    offbeat,
    click: true,
    barAt: planByBar(sections, timeline),
  });
}

/** The key the tune is in, short: `Eb` or `Cm`. */
function keyIn({ analysis }: Chorus, fallback: string): string {
  const [tonic, mode] = analysis.homeKey.split(' ');
  return tonic ? `${tonic}${mode === 'minor' ? 'm' : ''}` : fallback;
}

/** What crosses to the page. */
function answerOf({ id, chorus, composed, line }: Current): ComposedChoruses {
  const { choruses, voiced, ...rest } = composed;
  const { timeline, origins, times, barsEach } = choruses;
  const wholes = chorus.timeline.events.flatMap(({ part = 0 }, at) => (part === 0 ? [at] : []));
  return {
    ...rest,
    id,
    timeline,
    times,
    barsEach,
    wholes: wholeAt(timeline.events, chorus, wholes),
    devised: origins.map(({ moved }) => moved !== undefined),
    voiced:
      voiced.status === 'found'
        ? { status: 'found', path: voiced.path, changes: voiced.changes }
        : voiced,
    line,
  };
}

/** For each event the whole chord of the one chorus in whose time it begins. */
function wholeAt(
  events: ComposedChoruses['timeline']['events'],
  { timeline }: Chorus,
  wholes: readonly number[],
): number[] {
  const starts = wholes.map((at) => timeline.events[at]!.at);
  return events.map(({ at }) => {
    const within = at < 0 ? at : at % timeline.length;
    return Math.max(
      0,
      starts.findLastIndex((start) => start <= within + 1e-6),
    );
  });
}
