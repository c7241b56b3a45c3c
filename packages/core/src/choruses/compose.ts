/**
 * From what a player has decided to what sounds: choruses framed, devices put in, hits timed, all of it
 * voiced as one, and measured against the soloist.
 */
import { defaultInstruments, type Instruments } from '../voicing/data';
import { contradicting } from '../analysis/base/inflections';
import type { Chorus } from '../arrangement/chorus/chorus';
import { instrumentOf } from '../arrangement/stored/defaults';
import type { Arrangement } from '../arrangement/stored/types';
import type { Connector } from '../connect/connect';
import type { NotConnected, Rule } from '../connect/base/types';
import { plainHits } from '../comp/plainHits';
import { chordsTold } from '../comp/solo/harmony';
import {
  CLEARANCE,
  figuresOf,
  judgeHits,
  type CompFigures,
  type HitJudgement,
} from '../comp/solo/measure';
import type { SoloNote } from '../comp/solo/types';
import { soundingHits, type SoundingHit } from '../comp/base/sounding';
import { EIGHTH, inTicks } from '../comp/base/time';
import type { Hit } from '../comp/base/types';
import { ticks, type Midi } from '../base/units';
import { TEXTURE_FAMILIES } from './data';
import type { Choruses } from './frame';
import { leftHandRule } from './ownLine';
import { movedChoruses, type PlacedDevice } from './moved';
import { planByBar, plannedSections, type PlannedSection } from './sections';
import type { Comp } from '../comp/comping';
import type { Instrument } from '../voicing/base/types';
import { voiceChoruses, type VoicedChoruses } from './voiced';

export interface ComposeRequest {
  readonly connector: Connector;
  readonly arrangement: Arrangement;
  readonly comp: Comp;
  readonly chorus: Chorus;
  /** As it is heard, over all choruses; empty where nobody solos. */
  readonly line: readonly SoloNote[];
  /** Where the offbeat eighth falls, as a part of the quarter. */
  readonly offbeat: number;
  readonly instruments?: Instruments;
}

/** What sounds. */
export interface Composed {
  readonly choruses: Choruses;
  readonly sections: readonly PlannedSection[];
  readonly placed: readonly PlacedDevice[];
  readonly voiced: VoicedChoruses | NotConnected;
  readonly sounding: readonly SoundingHit[];
  /** One for each sounding hit; empty where nobody solos. */
  readonly judged: readonly HitJudgement[];
  readonly figures: CompFigures | undefined;
  /** Events that are voiced round what the soloist holds. */
  readonly yielding: readonly number[];
}

export function compose(request: ComposeRequest): Composed {
  const { arrangement, comp, chorus, line, instruments = defaultInstruments } = request;
  const { room, loop } = arrangement;
  const ground = { window: room.window, loop };
  const { choruses, placed } = movedChoruses(chorus, comp.plan.length, comp.devices, ground);
  const sections = plannedSections(chorus, comp.plan);
  const sounding = soundingOf(request, choruses, placed);
  const textures = comp.ownLine
    ? handRules(choruses, settledInstrument(request))
    : textureRules(choruses, sections);
  const clear = comp.yields ? clearRules(sounding, line, choruses) : {};
  const rules = merged(textures, clear);
  const voiced = voiceChoruses(request.connector, {
    arrangement,
    chorus,
    choruses,
    rules,
    instruments,
  });
  const judged = voiced.status === 'found' ? judgeHits(withPitches(sounding, voiced), line) : [];
  return {
    choruses,
    sections,
    placed,
    voiced,
    sounding,
    judged: line.length ? judged : [],
    figures:
      line.length && voiced.status === 'found'
        ? figuresOf(judged, chordsTold(choruses.timeline, sounding))
        : undefined,
    yielding: Object.keys(clear).map(Number),
  };
}

const withPitches = (sounding: readonly SoundingHit[], { path }: VoicedChoruses) =>
  sounding.map((each) => ({
    sounding: each,
    pitches: path[each.chord]!.notes.map(({ midi }): Midi => midi),
  }));

/** The hits of the player, or plain ones where none are placed; under a device its own. */
function soundingOf(
  { comp, offbeat, arrangement }: ComposeRequest,
  choruses: Choruses,
  placed: readonly PlacedDevice[],
): SoundingHit[] {
  const { timeline } = choruses;
  const bars = new Map(timeline.bars.map((bar) => [bar.number, bar]));
  const all = comp.hits.length ? comp.hits : plainHits(timeline);
  const outside = all.filter(({ bar, at }) => {
    const begin = bars.get(bar);
    if (!begin) return false;
    const moment = inTicks(begin.at) + at;
    return !placed.some(({ from, to }) => moment >= inTicks(from) && moment < inTicks(to));
  });
  const hits = [...outside, ...deviceHits(choruses)];
  return soundingHits(hits, { timeline, offbeat, loop: arrangement.loop });
}

/** Each chord of a device is struck where it begins. */
function deviceHits({ timeline, origins }: Choruses): Hit[] {
  const bars = new Map(timeline.bars.map((bar) => [bar.number, bar]));
  return timeline.events.flatMap((event, at): Hit[] => {
    if (!origins[at]!.moved) return [];
    const bar = bars.get(event.bar)!;
    return [
      {
        bar: event.bar,
        at: ticks(inTicks(event.at) - inTicks(bar.at)),
        length: inTicks(event.length),
        hold: 'full',
        touch: 'plain',
        accent: false,
      },
    ];
  });
}

/** The instrument in the player's hands. */
export const settledInstrument = ({
  arrangement,
  instruments = defaultInstruments,
}: ComposeRequest): Instrument => instrumentOf(arrangement, instruments);

function handRules({ timeline }: Choruses, instrument: Instrument): Record<number, Rule> {
  const rule = leftHandRule(instrument);
  return rule ? Object.fromEntries(timeline.events.map((_, at) => [at, rule])) : {};
}

function textureRules(
  { timeline }: Choruses,
  sections: readonly PlannedSection[],
): Record<number, Rule> {
  const planAt = planByBar(sections, timeline);
  const rules: Record<number, Rule> = {};
  timeline.events.forEach(({ bar }, at) => {
    const families = TEXTURE_FAMILIES[planAt(bar).texture];
    if (families) rules[at] = { families };
  });
  return rules;
}

/** What each chord keeps clear of: the notes that the soloist holds while it sounds, and their register. */
function clearRules(
  sounding: readonly SoundingHit[],
  line: readonly SoloNote[],
  { timeline }: Choruses,
): Record<number, Rule> {
  const rules: Record<number, Rule> = {};
  for (const { at, end, chord } of sounding) {
    const heard = line.filter((note) => note.at < end && note.at + note.length > at);
    if (!heard.length) continue;
    const held = heard.filter(
      (note) => Math.min(end, note.at + note.length) - Math.max(at, note.at) > EIGHTH,
    );
    const before = rules[chord]?.clear;
    const ceiling = Math.min(
      before?.ceiling ?? Infinity,
      ...heard.map(({ midi }) => midi - CLEARANCE),
    );
    const notes = new Set([...(before?.held ?? []), ...held.map(({ midi }) => midi as number)]);
    const { chord: written } = timeline.events[chord]!;
    const alone =
      written.kind === 'chord' ? [...notes].flatMap((midi) => contradicting(written, midi)) : [];
    rules[chord] = {
      clear: {
        held: [...notes].sort((a, b) => a - b),
        ...(alone.length && { alone: [...new Set(alone)].sort((a, b) => a - b) }),
        ceiling,
      },
    };
  }
  return rules;
}

const merged = (
  a: Readonly<Record<number, Rule>>,
  b: Readonly<Record<number, Rule>>,
): Record<number, Rule> => {
  const both: Record<number, Rule> = { ...a };
  for (const [at, rule] of Object.entries(b)) both[Number(at)] = { ...both[Number(at)], ...rule };
  return both;
};
