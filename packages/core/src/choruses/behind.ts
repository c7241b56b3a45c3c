import { answered } from '../comp/solo/answers';
import { tellHarmony } from '../comp/solo/harmony';
import { inOrder, leaveRoom, type Decision, type RoomLeft } from '../comp/solo/leaveRoom';
import type { CompFigures } from '../comp/solo/measure';
import type { LeaveRoomRequest } from '../comp/solo/soloRoom';
import { zonesOf } from '../comp/solo/zones';
import { withoutOverlaps } from '../comp/base/tidy';
import { inTicks } from '../comp/base/time';
import type { AppliedDevice } from '../movement/types';
import type { Hit } from '../comp/base/types';
import { quarters } from '../base/units';
import { compose, settledInstrument, type Composed, type ComposeRequest } from './compose';
import { isFretted } from '../voicing/playingOf';
import { playPlan } from './hits';
import { withoutClashes } from './clashes';
import { movedChoruses, type Moved } from './moved';
import { planByBar, plannedSections } from './sections';
import type { Comp } from '../comp/comping';
import type { Density } from '../comp/patterns/types';
import type { Timeline } from '../chart/timeline';
import type { Feel } from '../chart/types';

export interface BehindRequest extends ComposeRequest {
  readonly feel: Feel;
  /** Quarter notes a minute. Default 120. */
  readonly tempo?: number;
  /** Any integer; the same one gives the same hits. */
  readonly seed: number;
}

/** Comping for a solo. */
export interface CompBehind {
  readonly comp: Comp;
  /** What was done with each hit, in order of time. */
  readonly decisions: readonly Decision[];
  readonly figures: CompFigures | undefined;
  /** How many chords are voiced round what the soloist holds. */
  readonly yielding: number;
}

/**
 * Comps for a solo: lays the plan's patterns, leaves the soloist room, answers the phrases, sees to it that
 * the harmony is told, voices round what is held, and cuts what would still rub.
 */
export function compBehind(request: BehindRequest): CompBehind {
  const { comp, chorus, feel, seed, arrangement } = request;
  const { window } = arrangement.room;
  const played = playPlan({ chorus, plan: comp.plan, feel, seed, window });
  const devices = played.devices.length ? leavingTheLine(request, played.devices) : comp.devices;
  return compedAround(request, { ...comp, devices }, (question) => {
    const densityAt = densitiesIn(request, question.timeline);
    const left = leaveRoom(played.hits, question);
    const whole = answered(left, { ...question, seed, densityAt });
    return toldIn(whole, request, question, isSlow(request));
  });
}

/** Below so many quarter notes a minute a chord that is left out leaves a hole. Source: our own judgement. */
const SLOW = 80;

const isSlow = ({ feel, tempo = 120 }: BehindRequest): boolean => feel === 'ballad' || tempo < SLOW;

/** How much the comp plays in each bar; `undefined` where it rests. */
function densitiesIn({ chorus, comp }: ComposeRequest, timeline: Timeline) {
  const planAt = planByBar(plannedSections(chorus, comp.plan), timeline);
  return (bar: number): Density | undefined => {
    const { rests, density } = planAt(bar);
    return rests.includes('comp') ? undefined : density;
  };
}

/** The harmony told wherever the plan has the comp play. */
function toldIn(
  left: RoomLeft,
  request: ComposeRequest,
  question: LeaveRoomRequest,
  everyChord = false,
): RoomLeft {
  const densityAt = densitiesIn(request, question.timeline);
  const plays = (bar: number): boolean => densityAt(bar) !== undefined;
  const { loop } = request.arrangement;
  const onlyGaps = (request.comp.ownLine ?? false) && isFretted(settledInstrument(request));
  return tellHarmony(left, { ...question, loop, onlyGaps, everyChord }, plays);
}

/** Hits that nobody solos over: each chord is struck at least once. */
export function withHarmonyTold(
  request: ComposeRequest,
  comp: Comp,
  hits: readonly Hit[],
): CompBehind {
  const { timeline } = movedFor(request, comp.devices).choruses;
  const question = { timeline, line: [], offbeat: request.offbeat, strictness: comp.strictness };
  const left = toldIn({ hits, decisions: [] }, request, question);
  return {
    comp: { ...comp, hits: withoutOverlaps(left.hits, timeline) },
    decisions: left.decisions,
    figures: undefined,
    yielding: 0,
  };
}

/**
 * A line of the player's own with chords in its gaps, by the same hands: hits as they are laid, the harmony told
 * where the hands are free, and each chord let go where the line needs its fingers.
 */
export function compOwnLine(request: ComposeRequest, hits: readonly Hit[]): CompBehind {
  const own = { ...request, comp: { ...request.comp, ownLine: true } };
  return compedAround(own, own.comp, (question) => toldIn({ hits, decisions: [] }, own, question));
}

/** Devices that leave the soloist room: strictly, only where no chord of them falls on the moving line. */
function leavingTheLine(
  request: BehindRequest,
  devices: readonly AppliedDevice[],
): AppliedDevice[] {
  const { comp, line } = request;
  const zoneAt = zonesOf(line);
  const { placed } = movedFor(request, devices);
  return placed.flatMap(({ applied, offer, from }) => {
    const over = offer.chords.filter(
      ({ at }) => zoneAt(inTicks(quarters(from + at))).kind === 'line',
    ).length;
    return over <= ((3 - comp.strictness) / 2) * offer.chords.length ? [applied] : [];
  });
}

const movedFor = (
  { chorus, comp, arrangement: { room, loop } }: ComposeRequest,
  devices: readonly AppliedDevice[],
): Moved => movedChoruses(chorus, comp.plan.length, devices, { window: room.window, loop });

/** The same done to one bar of the player's own hits: nothing is put in, other bars stay. */
export function mendBar(request: ComposeRequest, bar: number): CompBehind {
  const others = request.comp.hits.filter((hit) => hit.bar !== bar);
  const own = request.comp.hits.filter((hit) => hit.bar === bar);
  return compedAround(request, request.comp, (question) => leaveRoom(own, question), others);
}

function compedAround(
  request: ComposeRequest,
  comp: Comp,
  hitsFor: (question: LeaveRoomRequest) => RoomLeft,
  others: readonly Hit[] = [],
): CompBehind {
  const { offbeat, line } = request;
  const { timeline } = movedFor(request, comp.devices).choruses;
  const question = { timeline, line, offbeat, strictness: comp.strictness };
  const left = hitsFor(question);
  const decisions = [...left.decisions];
  let hits: readonly Hit[] = others.length ? left.hits : withoutOverlaps(left.hits, timeline);
  const composedOf = (own: readonly Hit[]): Composed =>
    compose({ ...request, comp: { ...comp, hits: inOrder([...others, ...own]) } });
  let composed = composedOf(hits);
  // What is cut leaves the others more room, and they may be voiced anew: each round cuts at least one hit.
  for (;;) {
    const cut = withoutClashes(composed, hits, question, request);
    if (!cut.decisions.length) break;
    decisions.push(...cut.decisions);
    hits = cut.hits;
    composed = composedOf(hits);
  }
  return {
    comp: { ...comp, hits: inOrder([...others, ...hits]) },
    decisions: byTime(decisions),
    figures: composed.figures,
    yielding: composed.yielding.length,
  };
}

const byTime = (decisions: readonly Decision[]): Decision[] =>
  [...decisions].sort((a, b) => a.bar - b.bar || a.at - b.at);
