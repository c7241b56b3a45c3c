import { chanceFrom } from '../comp/base/chance';
import { generateHits, type LaidPattern } from '../comp/generate';
import { vocabularyOf } from '../comp/patterns/patterns';
import { withoutOverlaps } from '../comp/base/tidy';
import type { Hit } from '../comp/base/types';
import type { Chorus } from '../arrangement/chorus/chorus';
import type { Feel } from '../chart/types';
import { deviceOf } from '../movement/devices';
import { offersAt } from '../movement/devices/offers';
import type { AppliedDevice, DeviceOffer } from '../movement/types';
import type { PitchRange } from '../voicing/base/types';
import { framed } from './frame';
import { wholeChords } from './moved';
import { plannedSections, type PlannedSection } from './sections';
import type { ChorusPlan } from '../comp/comping';

export interface PlanRequest {
  readonly chorus: Chorus;
  readonly plan: ChorusPlan;
  readonly feel: Feel;
  /** Any integer; the same one gives the same choruses. */
  readonly seed: number;
  /** The room's register. */
  readonly window: PitchRange;
  /** Which offers keep what they say; all of them where that is not asked. */
  readonly canMake?: (offer: DeviceOffer, at: number) => boolean;
}

/** What a plan comes to: hits and devices of all its choruses. */
export interface PlayedPlan {
  readonly hits: readonly Hit[];
  readonly laid: readonly LaidPattern[];
  readonly devices: readonly AppliedDevice[];
}

/** Seeds of neighbouring sections lie so far apart. */
const APART = 101;

/** From a plan to something to play: patterns laid section by section, and devices where they are wanted. */
export function playPlan(request: PlanRequest): PlayedPlan {
  const { chorus, plan, feel, seed } = request;
  const sections = plannedSections(chorus, plan);
  const { timeline } = framed(chorus, plan.length);
  const vocabulary = vocabularyOf(seed);
  const generated = sections.map(({ fromBar, toBar, plan: wanted }, position) => {
    if (wanted.rests.includes('comp')) return { hits: [], laid: [] };
    const bars = timeline.bars.filter(({ number }) => number >= fromBar && number <= toBar);
    return generateHits({
      timeline: { ...timeline, bars },
      feel,
      density: wanted.density,
      seed: seed + position * APART,
      vocabulary,
      ...(wanted.family === 'any' ? {} : { families: [wanted.family] }),
    });
  });
  return {
    hits: withoutOverlaps(
      generated.flatMap(({ hits }) => hits),
      timeline,
    ),
    laid: generated.flatMap(({ laid }) => laid),
    devices: sections.flatMap((section, position) =>
      devicesFor(section, request, seed + position * APART),
    ),
  };
}

/** Bars of a phrase; each has at most one device. */
const PHRASE = 4;
/** How likely a phrase is to have one, by level. Source: our own judgement. */
const LIKELY = [0, 0.4, 0.6, 0.8] as const;

function devicesFor(section: PlannedSection, request: PlanRequest, seed: number): AppliedDevice[] {
  const { plan, chorus: time, fromBar, toBar } = section;
  if (plan.devices === 0 || plan.rests.includes('comp')) return [];
  const chance = chanceFrom(seed);
  const { chorus, window, canMake = () => true } = request;
  const whole = wholeChords(chorus);
  const starts = chorus.timeline.events.filter(({ part = 0 }) => part === 0);
  const before = (time: number): number =>
    time * chorus.timeline.bars.filter(({ number }) => number > 0).length;
  const found: AppliedDevice[] = [];
  for (let bar = fromBar; bar <= toBar; bar += PHRASE) {
    const first = bar - before(time);
    const last = Math.min(bar + PHRASE - 1, toBar) - before(time);
    if (chance.next() >= LIKELY[plan.devices]) continue;
    const places = starts.flatMap((event, at) =>
      event.bar >= first && event.bar <= last ? [at] : [],
    );
    const offers = places.flatMap((at) =>
      offersAt(whole, at, { window, loop: false })
        .filter(({ device }) => deviceOf(device).level <= plan.devices)
        .filter(({ covers }) => at + covers <= (places.at(-1) ?? at) + 1)
        .map((offer) => ({ at, offer })),
    );
    const kinds = [...new Set(offers.map(({ offer }) => offer.device))];
    const kind = chance.pick(kinds, () => 1);
    const taken = chance.pick(
      offers.filter(({ at, offer }) => offer.device === kind && canMake(offer, at)),
      () => 1,
    );
    if (taken) found.push(applied(taken.offer, taken.at, time, whole[taken.at]!.chord.symbol));
  }
  return found;
}

const applied = (
  { device, variant }: DeviceOffer,
  at: number,
  chorus: number,
  symbol: string,
): AppliedDevice => ({ chorus, at, symbol, device, variant });
