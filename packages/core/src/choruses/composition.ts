import { quarters } from '../base/units';
/**
 * A tune comped from beginning to end: what the player decided, composed over all its choruses, and what
 * can be asked of that: what the band plays, a song for a file, a new set of hits.
 */
import type { Arrangement } from '../arrangement/stored/types';
import type { Chorus } from '../arrangement/chorus/chorus';
import { settingsOf } from '../arrangement/chorus/settings';
import { withEnding } from '../band/ending';
import { bandPlan } from '../band/plan';
import type { BandPlan } from '../band/types';
import { offbeatAt } from '../band/swing';
import type { Feel } from '../chart/types';
import type { SoloLine, SoloNote } from '../comp/solo/types';
import type { Connector } from '../connect/connect';
import { offersAt } from '../movement/devices/offers';
import type { Under } from '../movement/harmoniseTypes';
import type { DeviceOffer } from '../movement/types';
import type { Instruments } from '../voicing/data';
import { compBehind, withHarmonyTold, type CompBehind } from './behind';
import { compose, type Composed, type ComposeRequest } from './compose';
import { playPlan } from './hits';
import { finalChord } from './finalChord';
import { byLie } from './lies';
import { isMakeable, type MakingPlace } from './makeable';
import { wholeChords } from './moved';
import { swungLine } from './lines';
import { planByBar } from './sections';
import type { TuneReading } from './tuneReader';

/** What is comped, and how. */
export interface CompQuestion {
  readonly setup: Arrangement;
  readonly instruments: Instruments;
  /** Quarters a minute. */
  readonly tempo: number;
  readonly feel: Feel;
  /** The line one comps behind; left out, nobody solos. */
  readonly solo?: SoloLine;
}

export interface Composition {
  readonly question: CompQuestion;
  readonly chorus: Chorus;
  readonly request: ComposeRequest;
  readonly composed: Composed;
  /** The solo line as it is heard over all choruses. */
  readonly line: readonly SoloNote[];
  readonly offbeat: number;
}

/** Composes all choruses of a tune that has been read. */
export function compositionOf(
  question: CompQuestion,
  reading: TuneReading,
  connector: Connector,
): Composition {
  const { setup, instruments, feel, tempo, solo } = question;
  const { comp } = setup;
  const chorus = reading.chorus(setup);
  const offbeat = offbeatAt(feel, tempo, comp.swing);
  const { length, bars } = chorus.timeline;
  const all = { length: quarters(length * comp.plan.length), bars };
  const line = solo ? swungLine(solo, chorus.timeline, all, offbeat) : [];
  const request = { connector, arrangement: setup, comp, chorus, line, offbeat, instruments };
  return { question, chorus, request, composed: compose(request), line, offbeat };
}

/** Places all hits anew: in the room a soloist leaves, or as the plan of the choruses says. */
export function playedSet(composition: Composition, seed: number): CompBehind {
  const { question, chorus, request } = composition;
  const { comp, room } = question.setup;
  const { feel, tempo, solo } = question;
  if (solo) return compBehind({ ...request, feel, tempo, seed });
  const played = playPlan({
    ...{ chorus, plan: comp.plan, feel, seed, window: room.window },
    canMake: makeableIn(composition),
  });
  const devices = played.devices.length ? played.devices : comp.devices;
  return withHarmonyTold(request, { ...comp, devices }, played.hits);
}

/** What may be done at a whole chord of the chorus and keeps what it says there, device by device. */
export function offersIn(
  composition: Composition,
  at: number,
  line?: readonly number[],
  under?: readonly Under[],
): DeviceOffer[] {
  const { room, loop } = composition.question.setup;
  const context = {
    window: room.window,
    loop,
    ...(line?.length ? { line } : {}),
    ...(under && { under }),
  };
  const place = { ...makingIn(composition), at };
  const offers = offersAt(place.whole, at, context).filter((offer) => isMakeable(offer, place));
  return [...new Set(offers.map(({ device }) => device))].flatMap((device) => {
    const own = offers.filter((offer) => offer.device === device);
    return device === 'hold and move' ? byLie(own, place) : own;
  });
}

/** Whether an offer at a whole chord can keep what it says. */
export function makeableIn(composition: Composition) {
  const place = makingIn(composition);
  return (offer: DeviceOffer, at: number): boolean => isMakeable(offer, { ...place, at });
}

function makingIn({ request, question, chorus }: Composition): Omit<MakingPlace, 'at'> {
  const settings = settingsOf(question.setup, chorus, question.instruments);
  const starts = chorus.timeline.events.flatMap(({ part = 0 }, event) =>
    part === 0 ? [event] : [],
  );
  return {
    whole: wholeChords(chorus),
    connector: request.connector,
    settings,
    lockAt: (at) => settings.locks[starts[at]!],
  };
}

/** Which bars are played, both included, and how fast. */
export interface PlayedPart {
  readonly fromBar?: number | undefined;
  readonly toBar?: number | undefined;
  /** The tempo of the tune, when left out. */
  readonly tempo?: number | undefined;
  /** It does not come round, so it ends. Default false. */
  readonly ends?: boolean | undefined;
}

/** What everybody plays; all of it, if it does not come round, with the ending of the player's choice. */
export function bandOf(composition: Composition, part: PlayedPart = {}): BandPlan {
  const plan = barsOf(composition, part);
  const { ending = 'as written' } = composition.question.setup.comp;
  const whole = part.fromBar === undefined && part.toBar === undefined;
  if (!part.ends || !whole || ending === 'as written') return plan;
  const { chorus, composed, request, question } = composition;
  const path = composed.voiced.status === 'found' ? composed.voiced.path : [];
  const settings = settingsOf(question.setup, chorus, question.instruments);
  const final = finalChord(chorus, path, request.connector, settings);
  return final ? withEnding(plan, ending, final, composed.choruses.timeline) : plan;
}

function barsOf(
  { composed, question, line, offbeat }: Composition,
  { fromBar, toBar, tempo }: PlayedPart,
): BandPlan {
  const { choruses, voiced, sounding, sections } = composed;
  const { timeline } = choruses;
  const { bass, drums } = question.setup.comp;
  return bandPlan({
    ...(fromBar === undefined ? {} : { fromBar }),
    ...(toBar === undefined ? {} : { toBar }),
    timeline,
    path: voiced.status === 'found' ? voiced.path : [],
    feel: question.feel,
    tempo: tempo ?? question.tempo,
    sounding,
    tied: (chord) => choruses.origins[chord]?.moved?.tied ?? false,
    line,
    bass,
    drums,
    offbeat,
    click: true,
    barAt: planByBar(sections, timeline),
  });
}

/** For each event of all choruses the whole chord of the one chorus in whose time it begins. */
export function wholesOf({ chorus, composed }: Composition): number[] {
  const { events, length } = chorus.timeline;
  const starts = events.flatMap(({ part = 0, at }) => (part === 0 ? [at] : []));
  return composed.choruses.timeline.events.map(({ at }) => {
    const within = at < 0 ? at : at % length;
    const begun = starts.filter((start) => start <= within + ROUNDING);
    return Math.max(0, begun.length - 1);
  });
}

/** Far below the shortest note; places are sums of parts of beats. */
const ROUNDING = 1e-6;
