/**
 * Études: a family of voicings taken round a cycle again and again, once from every inversion on every
 * string set, each round beginning where the last one ended.
 *
 * A round is solved like any chorus, over the voicings of its string set, with its first voicing held.
 * Which start comes next is the one nearest to where the hand is; a string set is done before the next.
 */
import type { Arrangement, Lock } from '../arrangement/stored/types';
import { defaultArrangement, instrumentOf } from '../arrangement/stored/defaults';
import { parseChord } from '../chord/parseChord';
import type { Chord } from '../chord/types';
import { prettyDegree } from '../chord/degrees';
import { defaultSettings } from '../connect/base/data';
import { createConnector, type Connector } from '../connect/connect';
import { middleOf } from '../connect/base/middle';
import type { ConnectSettings } from '../connect/base/types';
import { fail, ok, type Result } from '../base/result';
import { defaultInstruments, type Instruments } from '../voicing/data';
import { stringSetOf } from '../voicing/base/stringSet';
import { familyOf } from '../voicing/families';
import type { FamilyId, Room, Voicing } from '../voicing/base/types';
import { circleSymbols, diatonicSymbols, type CircleKind, type Cycle } from './cycles';

export interface EtudeRequest {
  readonly family: FamilyId;
  readonly cycle: Cycle;
  /** What is taken round the circle of fourths. */
  readonly kind: CircleKind;
  /** The key of a diatonic cycle, `Eb` or `Cm`. */
  readonly key: string;
  /** Diatonic triads in place of sevenths. */
  readonly triads: boolean;
  readonly instrument: Arrangement['instrument'];
  readonly room: Room;
}

/** A tune and how it is voiced, ready for the book. */
export interface Etude {
  readonly title: string;
  readonly text: string;
  readonly key: string;
  readonly rounds: readonly Round[];
  readonly setup: Arrangement;
}

export interface Round {
  /** Strings from low to high, as `5432`; missing on keys. */
  readonly strings?: string;
  /** The degree its first voicing stands on. */
  readonly bottom: string;
  readonly path: readonly Voicing[];
}

/** Expected: a family that has nothing for some chord of the cycle. */
export interface EtudeProblem {
  readonly message: string;
}

/** @returns the étude, or why there is none */
export function makeEtude(
  request: EtudeRequest,
  instruments: Instruments = defaultInstruments,
): Result<Etude, EtudeProblem> {
  const setup: Arrangement = {
    ...defaultArrangement,
    instrument: request.instrument,
    keyboardHands: instruments.keyboard.hands,
    room: request.room,
    families: [request.family],
    loop: false,
  };
  const settings: ConnectSettings = {
    ...defaultSettings,
    instrument: instrumentOf(setup, instruments),
    room: request.room,
    families: [request.family],
    mostSounds: Infinity,
  };
  const symbols = symbolsOf(request);
  const chords = symbols.map(chordOf);
  const connector = createConnector();
  const lists = chords.map((chord) => connector.voicingsOf(chord, settings));
  const empty = lists.findIndex((list) => !list.length);
  if (empty >= 0) {
    const { label } = familyOf(request.family);
    return fail({
      message: `There is no ${label} for ${symbols[empty]} in this room. Choose another family or room.`,
    });
  }
  const rounds = roundsOf(chords, startsOf(lists), connector, settings);
  if (!rounds.length) return fail({ message: NO_SET });
  return ok({
    title: titleOf(request),
    text: textOf(symbols, rounds),
    key: request.cycle === 'circle of fourths' ? 'C' : request.key,
    rounds,
    setup: { ...setup, locks: { ...setup.locks, [request.instrument]: locksOf(symbols, rounds) } },
  });
}

const NO_SET =
  'No set of strings carries the whole cycle. Choose another family, or a room with more register.';

function symbolsOf({ cycle, kind, key, triads }: EtudeRequest): string[] {
  return cycle === 'circle of fourths' ? circleSymbols(kind) : diatonicSymbols(key, cycle, triads);
}

function chordOf(symbol: string): Chord {
  const read = parseChord(symbol);
  if (!read.ok) throw new Error(`A cycle holds "${symbol}": ${read.problem.message}`);
  return read.value;
}

/** Where a round may begin: strings and the degree in the bass. */
interface Start {
  readonly set: string;
  readonly bottom: string;
  readonly voicings: readonly Voicing[];
}

/** Starts on the string sets that carry the whole cycle, of these the ones that skip the fewest strings. */
function startsOf(lists: readonly (readonly Voicing[])[]): Start[] {
  const carried = lists.map((list) => new Set(list.map(stringSetOf)));
  const sets = [...carried[0]!].filter((set) => carried.every((each) => each.has(set)));
  const fewest = Math.min(...sets.map(skippedIn));
  const starts = new Map<string, Voicing[]>();
  for (const voicing of lists[0]!) {
    const set = stringSetOf(voicing);
    if (!sets.includes(set) || skippedIn(set) > fewest) continue;
    const key = `${set} ${voicing.notes[0]?.degree ?? ''}`;
    starts.set(key, [...(starts.get(key) ?? []), voicing]);
  }
  return [...starts].map(([key, voicings]) => {
    const [set = '', bottom = ''] = key.split(' ');
    return { set, bottom, voicings };
  });
}

/** Strings that a set leaves out between its outer ones: 1 in `5321`. */
function skippedIn(set: string): number {
  const strings = Array.from(set, Number);
  return strings.length ? strings[0]! - strings.at(-1)! + 1 - strings.length : 0;
}

function roundsOf(
  chords: readonly Chord[],
  starts: readonly Start[],
  connector: Connector,
  settings: ConnectSettings,
): Round[] {
  const open = [...starts];
  const rounds: Round[] = [];
  let hand: Voicing | undefined;
  while (open.length) {
    const { start, voicing } = nextStart(open, hand, settings.room);
    open.splice(open.indexOf(start), 1);
    const path = roundFrom(voicing, chords, connector, settings);
    hand = path.at(-1);
    rounds.push({ ...(start.set && { strings: start.set }), bottom: start.bottom, path });
  }
  return rounds;
}

/** The start nearest to the hand, on its string set while that has any; first of all the one in the middle. */
function nextStart(open: readonly Start[], hand: Voicing | undefined, room: Room) {
  const set = hand && stringSetOf(hand);
  const here = open.filter((start) => start.set === set);
  const choices = (here.length ? here : open).flatMap((start) =>
    start.voicings.map((voicing) => ({
      start,
      voicing,
      far: hand ? distance(hand, voicing) : fromMiddle(voicing, room),
    })),
  );
  return choices.reduce((best, choice) => (choice.far < best.far ? choice : best));
}

/** Half steps from voice to voice, in order from the bottom. */
const distance = (from: Voicing, to: Voicing): number =>
  to.notes.reduce((sum, { midi }, voice) => {
    return sum + Math.abs(midi - (from.notes[voice]?.midi ?? midi));
  }, 0);

const fromMiddle = (voicing: Voicing, { centre }: Room): number =>
  Math.abs((middleOf(voicing) ?? 0) - (centre.low + centre.high) / 2);

/** A round from a voicing, on its strings throughout. */
function roundFrom(
  first: Voicing,
  chords: readonly Chord[],
  connector: Connector,
  settings: ConnectSettings,
): readonly Voicing[] {
  const rule = { strings: stringSetOf(first) };
  const rules = Object.fromEntries(chords.map((_, at) => [at, rule]));
  const outcome = connector.connect(chords, { ...settings, locks: { 0: first }, rules });
  // Each chord has a voicing on these strings: that is how the starts were chosen.
  if (outcome.status !== 'found') throw new Error(outcome.why);
  return outcome.path;
}

function locksOf(symbols: readonly string[], rounds: readonly Round[]): Lock[] {
  return rounds.flatMap(({ path }, round) =>
    path.map((voicing, at) => ({
      at: round * symbols.length + at,
      symbol: symbols[at]!,
      voicing,
    })),
  );
}

function titleOf({ family, cycle, kind, key, triads }: EtudeRequest): string {
  const { label } = familyOf(family);
  const name = label.charAt(0).toUpperCase() + label.slice(1);
  if (cycle === 'circle of fourths') return `${name} round the circle, C${kind}`;
  return `${name} in ${cycle} of ${key}${triads ? ', triads' : ''}`;
}

const BARS_A_LINE = 4;

/** Two chords a bar; each round a section, and above it where it begins. */
function textOf(symbols: readonly string[], rounds: readonly Round[]): string {
  const bars = Array.from({ length: Math.ceil(symbols.length / 2) }, (_, bar) =>
    symbols.slice(2 * bar, 2 * bar + 2).join(' '),
  );
  const sections = rounds.map((round, at) => {
    const [first = '', ...rest] = bars;
    const all = [`"${whereInWords(round)}" ${first}`, ...rest];
    const lines = Array.from(
      { length: Math.ceil(all.length / BARS_A_LINE) },
      (_, line) => `| ${all.slice(line * BARS_A_LINE, (line + 1) * BARS_A_LINE).join(' | ')} |`,
    );
    return [`[${at + 1}]`, ...lines].join('\n');
  });
  return sections.join('\n');
}

/** "strings 5432, 3 below" */
function whereInWords({ strings, bottom }: Round): string {
  const below = `${prettyDegree(bottom)} below`;
  return strings ? `strings ${strings}, ${below}` : below;
}
