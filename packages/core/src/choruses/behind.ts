import { answered } from '../comp/solo/answers';
import { inOrder, leaveRoom, type Decision } from '../comp/solo/leaveRoom';
import type { CompFigures } from '../comp/solo/measure';
import { zonesOf } from '../comp/solo/zones';
import { EIGHTH, inTicks } from '../comp/base/time';
import type { AppliedDevice } from '../movement/types';
import type { Hit } from '../comp/base/types';
import { ticks, quarters } from '../base/units';
import { compose, type Composed, type ComposeRequest } from './compose';
import { playPlan } from './hits';
import { movedChoruses, type Moved } from './moved';
import { planByBar, plannedSections } from './sections';
import type { Comp } from '../comp/comping';
import type { Feel } from '../chart/types';

export interface BehindRequest extends ComposeRequest {
  readonly feel: Feel;
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
 * Comps for a solo: lays the plan's patterns, leaves the soloist room, answers what is left unanswered,
 * voices round what is held, and cuts or takes out what would still rub.
 */
export function compBehind(request: BehindRequest): CompBehind {
  const { comp, chorus, feel, seed, arrangement } = request;
  const { window } = arrangement.room;
  const played = playPlan({ chorus, plan: comp.plan, feel, seed, window });
  const devices = played.devices.length ? leavingTheLine(request, played.devices) : comp.devices;
  return compedAround(request, { ...comp, devices }, played.hits, true);
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
  return compedAround(request, request.comp, own, false, others);
}

function compedAround(
  request: ComposeRequest,
  comp: Comp,
  hits: readonly Hit[],
  answer: boolean,
  others: readonly Hit[] = [],
): CompBehind {
  const { offbeat, line } = request;
  const { timeline } = movedFor(request, comp.devices).choruses;
  const question = { timeline, line, offbeat, strictness: comp.strictness };
  const left = leaveRoom(hits, question);
  const planAt = planByBar(plannedSections(request.chorus, comp.plan), timeline);
  const plays = (bar: number): boolean => !planAt(bar).rests.includes('comp');
  const whole = answer ? answered(left, question, plays) : left;
  const placed = compose({
    ...request,
    comp: { ...comp, hits: inOrder([...others, ...whole.hits]) },
  });
  const mended = withoutClashes(placed, whole.hits);
  const final = { ...comp, hits: inOrder([...others, ...mended.hits]) };
  const composed = compose({ ...request, comp: final });
  return {
    comp: final,
    decisions: byTime([...whole.decisions, ...mended.decisions]),
    figures: composed.figures,
    yielding: composed.yielding.length,
  };
}

const byTime = (decisions: readonly Decision[]): Decision[] =>
  [...decisions].sort((a, b) => a.bar - b.bar || a.at - b.at);

/** Hits that still rub are cut so short that it passes; where even that is too long they are taken out. */
function withoutClashes(
  { sounding, judged }: Composed,
  hits: readonly Hit[],
): { readonly hits: readonly Hit[]; readonly decisions: readonly Decision[] } {
  const decisions: Decision[] = [];
  const rubbing = new Set(
    sounding.flatMap(({ hit }, at) => (judged[at]?.clashes.length ? [hit] : [])),
  );
  const kept = hits.flatMap((hit): Hit[] => {
    if (!rubbing.has(hit)) return [hit];
    const place = { bar: hit.bar, at: hit.at };
    const why = 'No voicing keeps clear of the note that is held.';
    if (hit.hold === 'short') {
      decisions.push({ ...place, doing: 'left out', why });
      return [];
    }
    decisions.push({ ...place, doing: 'shortened', why });
    return [{ ...hit, hold: 'short', length: ticks(EIGHTH) }];
  });
  return { hits: kept, decisions };
}
