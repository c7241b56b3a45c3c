import type { Connector } from '../../connect/connect';
import type {
  Alternative,
  Connected,
  ConnectOutcome,
  ConnectSettings,
} from '../../connect/base/types';
import { voicingKey } from '../../voicing/enumerate';
import type { Voicing } from '../../voicing/base/types';
import type { Chorus } from './chorus';
import { movedVoicing } from './movedVoicing';
import type { Return } from './returns';
import type { Arrangement } from '../stored/types';
import { answerTo } from './wishes';

/** What of an arrangement hangs on how the chorus comes out without it. */
export type Following = Pick<Arrangement, 'returns' | 'line'>;

/**
 * Voices a chorus as its player wants it. Most of that is in the settings and costs one solve. Where
 * passages return the same or varied, or a phrase answers the one before, the chorus is first voiced
 * without that, and what it gave then is asked for or avoided: both times the proven least cost.
 *
 * The alternatives of a chord are compared with all its candidates even where it is locked, and where a
 * second solve follows the first, each of them through both.
 */
export function voiceChorus(
  connector: Connector,
  chorus: Chorus,
  settings: ConnectSettings,
  following: Following,
): ConnectOutcome {
  const outcome = through(connector, chorus, settings, following);
  if (outcome.status !== 'found') return outcome;
  const alternatives = (at: number, limit = Infinity): Alternative[] =>
    alternativesAt({ connector, chorus, settings, following }, outcome, at, limit);
  return { ...outcome, alternatives };
}

/** The chorus with one more voicing forced: what taking it would lead to. */
export const voicedWith = (
  connector: Connector,
  chorus: Chorus,
  settings: ConnectSettings,
  following: Following,
  at: number,
  voicing: Voicing,
): ConnectOutcome => through(connector, chorus, withLocked(settings, at, voicing), following);

const withLocked = (settings: ConnectSettings, at: number, voicing: Voicing): ConnectSettings => ({
  ...settings,
  locks: { ...settings.locks, [at]: voicing },
});

function unlocked(settings: ConnectSettings, at: number): ConnectSettings {
  const locks = Object.entries(settings.locks).filter(([place]) => Number(place) !== at);
  return { ...settings, locks: Object.fromEntries(locks) };
}

function through(
  connector: Connector,
  chorus: Chorus,
  settings: ConnectSettings,
  following: Following,
): ConnectOutcome {
  let outcome = connector.connect(chorus.chords, settings);
  for (const next of followUpsOf(chorus, following)) {
    if (outcome.status !== 'found') return outcome;
    const asked = next({ connector, chorus, settings, following }, outcome.path);
    outcome = connector.connect(chorus.chords, asked);
  }
  return outcome;
}

/** What is asked once more, given how the chorus has come out so far. */
type FollowUp = (question: Question, path: readonly Voicing[]) => ConnectSettings;

/** Times a passage returns that are told apart; the later ones are voiced like the last of these. */
const MOST_TIMES = 6;

function followUpsOf({ returns }: Chorus, following: Following): FollowUp[] {
  const times = Math.min(MOST_TIMES, Math.max(0, ...returns.map((before) => before.length)));
  if (following.returns === 'varied' && times) {
    return Array.from({ length: times }, (_, time) => varied(time + 1));
  }
  if (following.returns === 'same' && times) return [same];
  return answersOf(following).length ? [answered] : [];
}

const answersOf = ({ line }: Following) => line.spans.filter(({ shape }) => shape === 'answer');

/** Answers to the phrases before them, upside down. */
const answered: FollowUp = ({ settings, following }, path) => {
  const shapes = { ...settings.wishes.shapes };
  const top = (at: number): number | undefined => path[at]?.notes.at(-1)?.midi;
  for (const span of answersOf(following)) Object.assign(shapes, answerTo(span, top));
  return { ...settings, wishes: { ...settings.wishes, shapes } };
};

/** The first time as it was; what comes again as it was then, moved with its passage. */
const same: FollowUp = (question, path) => {
  const settings = answered(question, path);
  return { ...settings, locks: { ...copiesOf(question, path), ...settings.locks } };
};

/** All up to this time as it was; this time not with the grips of the times before. */
const varied =
  (time: number): FollowUp =>
  (question, path) => {
    const settings = answered(question, path);
    const held: Record<number, Voicing> = {};
    const earlier: Record<number, string[]> = {};
    question.chorus.returns.forEach((before, at) => {
      if (before.length < time) held[at] = path[at]!;
      else earlier[at] = keysOf(before, path);
    });
    return {
      ...settings,
      locks: { ...held, ...settings.locks },
      wishes: { ...settings.wishes, earlier },
    };
  };

/** Keys of the grips a place had at its earlier times, where the passage has not moved. */
const keysOf = (before: readonly Return[], path: readonly Voicing[]): string[] =>
  before.flatMap(({ at, semitones }) => (semitones === 0 ? [voicingKey(path[at]!)] : []));

/** Copies of first times that can be played where they are to come again, and the first times themselves. */
function copiesOf(
  { connector, chorus: { chords, returns }, settings }: Question,
  path: readonly Voicing[],
): Record<number, Voicing> {
  const copies: Record<number, Voicing> = {};
  returns.forEach(([first], at) => {
    if (!first) return;
    const candidates = connector.voicingsOf(chords[at]!, settings);
    const copy = movedVoicing(path[first.at]!, first.semitones, candidates);
    if (!copy) return;
    copies[first.at] ??= path[first.at]!;
    copies[at] = copy;
  });
  return copies;
}

/** More than a player looks through; each costs two solves where the second follows the first. */
const MOST_FOLLOWED = 24;

interface Question {
  readonly connector: Connector;
  readonly chorus: Chorus;
  readonly settings: ConnectSettings;
  readonly following: Following;
}

function alternativesAt(
  { connector, chorus, settings, following }: Question,
  outcome: Connected,
  at: number,
  limit: number,
): Alternative[] {
  const locked = settings.locks[at] !== undefined;
  const follows = followUpsOf(chorus, following).length > 0;
  if (!locked && !follows) return outcome.alternatives(at, limit);
  const free = through(connector, chorus, unlocked(settings, at), following);
  if (free.status !== 'found') return [];
  if (!follows) return free.alternatives(at, limit);
  const candidates = candidatesInReach(
    connector,
    chorus,
    settings,
    at,
    Math.min(limit, MOST_FOLLOWED),
  );
  return candidates
    .flatMap((voicing): Alternative[] => {
      const taken = voicedWith(connector, chorus, settings, following, at, voicing);
      if (taken.status !== 'found') return [];
      return [{ voicing, total: taken.total, extra: taken.total - free.total }];
    })
    .sort((a, b) => a.total - b.total);
}

/** The likeliest voicings of a chord, by the solve that the rest follows from. */
function candidatesInReach(
  connector: Connector,
  { chords }: Chorus,
  settings: ConnectSettings,
  at: number,
  limit: number,
): Voicing[] {
  const first = connector.connect(chords, unlocked(settings, at));
  if (first.status !== 'found') return [];
  return first.alternatives(at, limit).map(({ voicing }) => voicing);
}
