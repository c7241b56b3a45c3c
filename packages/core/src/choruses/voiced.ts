import { settingsOf } from '../arrangement/chorus/settings';
import { defaultInstruments, type Instruments } from '../voicing/data';
import { voiceChorus } from '../arrangement/chorus/voiceChorus';
import type { Arrangement } from '../arrangement/stored/types';
import type { Chorus } from '../arrangement/chorus/chorus';
import type { Connector } from '../connect/connect';
import { changesOf } from '../connect/changes';
import type { Change, ConnectSettings, NotConnected, Rule, TopMotion } from '../connect/base/types';
import type { MovedChord } from '../movement/types';
import type { Voicing } from '../voicing/base/types';
import type { Choruses } from './frame';
import { deviceVoicing } from './deviceVoicing';

/** Several choruses voiced: one voicing for each event, those that devices make included. */
export interface VoicedChoruses {
  readonly status: 'found';
  readonly path: readonly Voicing[];
  readonly changes: readonly Change[];
}

export interface VoicingRequest {
  readonly arrangement: Arrangement;
  /** The one chorus that the many come from. */
  readonly chorus: Chorus;
  readonly choruses: Choruses;
  /** What else holds at single events. */
  readonly rules?: Readonly<Record<number, Rule>>;
  readonly instruments?: Instruments;
}

/**
 * Voices several choruses as one: what the connector voices is connected with all that stands round it,
 * and what devices make out of that comes after.
 */
export function voiceChoruses(
  connector: Connector,
  request: VoicingRequest,
): VoicedChoruses | NotConnected {
  const { choruses } = request;
  const voiced = choruses.origins.flatMap(({ moved }, at) => (moved?.madeFrom ? [] : [at]));
  const settings = settingsFor(request, voiced);
  const outcome = voiceChorus(
    connector,
    chorusOfSome(choruses, voiced),
    settings,
    request.arrangement,
  );
  if (outcome.status === 'infeasible') return { ...outcome, at: voiced[outcome.at]! };
  if (outcome.status !== 'found') return outcome;
  const path = completed(request, settings, voiced, outcome.path);
  const changes =
    voiced.length === choruses.chords.length
      ? outcome.changes
      : changesOf(choruses.chords, path, {
          ...settings,
          wishes: { ...settings.wishes, splits: [], phraseEnds: [] },
        });
  return { status: 'found', path, changes };
}

/** The chorus as the connector sees it: without what is made of other chords. */
function chorusOfSome(choruses: Choruses, voiced: readonly number[]): Chorus {
  if (voiced.length === choruses.chords.length) return choruses;
  const place = placesOf(voiced);
  const { timeline, chords, phraseEnds, returns, analysis } = choruses;
  return {
    timeline: { ...timeline, events: voiced.map((at) => timeline.events[at]!) },
    chords: voiced.map((at) => chords[at]!),
    phraseEnds: phraseEnds.flatMap((at) => place(at) ?? []),
    returns: voiced.map((at) =>
      returns[at]!.flatMap((before) => {
        const stands = place(before.at);
        return stands === undefined ? [] : [{ ...before, at: stands }];
      }),
    ),
    analysis,
  };
}

const placesOf = (voiced: readonly number[]) => {
  const places = new Map(voiced.map((at, place) => [at, place]));
  return (at: number): number | undefined => places.get(at);
};

/** What the arrangement says of the one chorus, said of all, by position among the chords that are voiced. */
function settingsFor(request: VoicingRequest, voiced: readonly number[]): ConnectSettings {
  const { arrangement, chorus, choruses, rules = {}, instruments = defaultInstruments } = request;
  const settings = settingsOf(arrangement, chorus, instruments);
  const { tops, shapes } = settings.wishes;
  const wished: WishesByEvent = { locks: {}, tops: {}, shapes: {}, splits: [], rules: {} };
  voiced.forEach((event, place) => {
    const { at, moved, ledInto, chorus: time } = choruses.origins[event]!;
    const rule = ruleOf(rules[event], { ...ledInto, ...moved });
    if (rule) wished.rules[place] = rule;
    if (moved?.top) wished.shapes[place] = moved.top;
    if (at === undefined) return;
    if (settings.locks[at]) wished.locks[place] = settings.locks[at];
    if (tops[at] !== undefined) wished.tops[place] = tops[at];
    const next = choruses.origins[voiced[place + 1] ?? -1];
    if (next?.at !== at + 1 || next.chorus !== time) return;
    if (shapes[at]) wished.shapes[place] = shapes[at];
    if (settings.wishes.splits.includes(at)) wished.splits.push(place);
  });
  const { locks, rules: all, ...topLine } = wished;
  const phraseEnds = chorusOfSome(choruses, voiced).phraseEnds;
  const wishes = { ...settings.wishes, ...topLine, phraseEnds };
  return { ...settings, locks, rules: all, wishes };
}

interface WishesByEvent {
  readonly locks: Record<number, Voicing>;
  readonly tops: Record<number, number>;
  readonly shapes: Record<number, TopMotion>;
  readonly splits: number[];
  readonly rules: Record<number, Rule>;
}

/** What is said of a chord and what a device asks there; the device is stronger. */
function ruleOf(rule: Rule | undefined, moved: Partial<MovedChord>): Rule | undefined {
  const { families, degrees, tops, bottoms, steps } = moved;
  if (!families && !degrees && !tops && !bottoms && !steps) return rule;
  const asked = {
    ...(families && { families }),
    ...(degrees && { degrees }),
    ...(tops && { tops }),
    ...(bottoms && { bottoms }),
    ...(steps && { steps }),
  };
  return { ...rule, ...asked };
}

/** The whole path; where something cannot be made, what it leads to or comes from sounds in its place. */
function completed(
  { choruses }: VoicingRequest,
  { instrument }: ConnectSettings,
  voiced: readonly number[],
  path: readonly Voicing[],
): Voicing[] {
  const all: (Voicing | undefined)[] = choruses.chords.map(() => undefined);
  voiced.forEach((at, place) => {
    all[at] = path[place];
  });
  const neighbour = (at: number, step: 1 | -1): Voicing | undefined =>
    all[(at + step + all.length) % all.length];
  const make = (at: number): void => {
    const { moved, deviceFrom = at } = choruses.origins[at]!;
    const chord = choruses.chords[at]!;
    if (!moved?.madeFrom || chord.kind !== 'chord') return;
    const voicingAt = (where: 'before' | 'after' | number): Voicing | undefined => {
      if (typeof where === 'number') return all[deviceFrom + where];
      return neighbour(at, where === 'after' ? 1 : -1);
    };
    all[at] ??= deviceVoicing(chord, moved.madeFrom, { instrument, voicingAt });
  };
  // Some hang on the chord after them and some on the one before: once from behind, once from the front.
  for (let at = all.length - 1; at >= 0; at -= 1) make(at);
  for (let at = 0; at < all.length; at += 1) make(at);
  return all.map((voicing, at) => voicing ?? standInFor(all, at));
}

function standInFor(all: readonly (Voicing | undefined)[], at: number): Voicing {
  const nearest = [...all.slice(at + 1), ...all.slice(0, at)].find((voicing) => voicing);
  if (!nearest) throw new Error('No chord of the chorus is voiced');
  return nearest;
}
