/**
 * Études: a family of voicings taken round a cycle again and again, once from every inversion on every set of strings
 * or in every hand. How the rounds are found is told in rounds/.
 */
import type { Arrangement, Lock } from '../arrangement/stored/types';
import { defaultArrangement, instrumentOf } from '../arrangement/stored/defaults';
import { fail, ok, type Result } from '../base/result';
import { ticks } from '../base/units';
import { TICKS_PER_QUARTER } from '../comp/base/time';
import { MOST_BARS } from '../chart/limits';
import { parseChord } from '../chord/parseChord';
import type { Chord } from '../chord/types';
import { defaultSettings } from '../connect/base/data';
import { middleOf } from '../connect/base/middle';
import type { ConnectSettings } from '../connect/base/types';
import { createConnector } from '../connect/connect';
import { stringSetOf } from '../voicing/base/stringSet';
import type { Instrument, Room, Voicing } from '../voicing/base/types';
import { defaultInstruments, type Instruments } from '../voicing/data';
import { familyOf } from '../voicing/families';
import type { VoicingFamily } from '../voicing/families/family';
import { cycleChords, type CycleChords } from './cycles';
import { noRounds, problemIn } from './etudeProblems';
import { textOf, titleOf } from './etudeText';
import { handsOf, lanesOf, type Lane, type LaneChoice } from './rounds/lanes';
import { patternLine } from './patternLine';
import { formOf, joins, motionBetween, roundsIn } from './rounds/rounds';
import type { Etude, EtudeProblem, EtudeRequest, Round } from './types';

/** More than anyone plays through. */
const MOST_ROUNDS = 24;

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
    asked: { ...defaultArrangement.asked, strings: request.strings },
    loop: false,
  };
  const cycle = cycleChords(request);
  const family = familyOf(request.family);
  const lists = voicingsOf(cycle.symbols.map(chordOf), request, setup, instruments);
  const problem = problemIn(lists, cycle, request, family);
  if (problem) return fail({ message: problem });
  const topped = withTop(lists, cycle, request);
  const neck = instrumentOf(setup, instruments);
  const all = roundsOf(lanesFor(topped, request, family, neck), request, lengthsOf(cycle));
  const rounds = all.slice(0, Math.min(MOST_ROUNDS, Math.floor(MOST_BARS / cycle.bars.length)));
  if (!rounds.length) return fail({ message: noRounds(topped, cycle, request, family) });
  const locks = locksOf(cycle.symbols, rounds);
  return ok({
    title: titleOf(request),
    text: textOf(cycle, rounds),
    key: request.cycle === 'circle of fourths' ? 'C' : request.key,
    rounds,
    more: all.length - rounds.length,
    setup: { ...setup, locks: { ...setup.locks, [request.instrument]: locks } },
    ...lineOf(rounds, cycle),
  });
}

/** Necks from here on have the strings that the sets of the families are said of. */
const STRINGS_OF_FAMILIES = 6;

/** Asked for, else the family's own where these carry the cycle, else any. */
function lanesFor(
  lists: readonly (readonly Voicing[])[],
  request: EtudeRequest,
  family: VoicingFamily,
  instrument: Instrument,
): Lane[] {
  const lanes = (part: Pick<LaneChoice, 'sets' | 'crossing'>): Lane[] =>
    lanesOf(lists, {
      ...part,
      formOf,
      movable: request.way === 'same shape',
      fromMiddle: fromMiddle(request.room),
    });
  const known = instrument.kind === 'keyboard' || instrument.tuning.length >= STRINGS_OF_FAMILIES;
  const tries: Pick<LaneChoice, 'sets' | 'crossing'>[] = request.strings.length
    ? [{ sets: request.strings, crossing: [] }]
    : [
        ...(known && family.crossing ? [{ sets: [], crossing: family.crossing }] : []),
        ...(known && family.strings ? [{ sets: family.strings, crossing: [] }] : []),
        { sets: [], crossing: [] },
      ];
  for (const each of tries) {
    const found = lanes(each);
    if (found.length) return found;
  }
  return [];
}

function voicingsOf(
  chords: readonly Chord[],
  { family, room, strings }: EtudeRequest,
  setup: Arrangement,
  instruments: Instruments,
): (readonly Voicing[])[] {
  const settings: ConnectSettings = {
    ...defaultSettings,
    instrument: instrumentOf(setup, instruments),
    room,
    families: [family],
    strings,
    mostSounds: Infinity,
  };
  const connector = createConnector();
  return chords.map((chord) => connector.voicingsOf(chord, settings));
}

function chordOf(symbol: string): Chord {
  const read = parseChord(symbol);
  if (!read.ok) throw new Error(`A cycle holds "${symbol}": ${read.problem.message}`);
  return read.value;
}

/** The ii of a ii–V–I by what lies on top of it. */
function withTop(
  lists: readonly (readonly Voicing[])[],
  { symbols }: CycleChords,
  { cycle, top }: EtudeRequest,
): readonly (readonly Voicing[])[] {
  if (cycle !== 'ii–V–I' || top === undefined) return lists;
  return lists.map((list, at) =>
    at % (symbols.length / KEYS) === 0
      ? list.filter(({ notes }) => notes.at(-1)!.degree.replace(/^[b#]+/, '') === top)
      : list,
  );
}
const KEYS = 12;

const fromMiddle =
  ({ centre }: Room) =>
  (voicing: Voicing): number =>
    Math.abs((middleOf(voicing) ?? 0) - (centre.low + centre.high) / 2);

/** Quarters of a bar of an étude. */
const BAR = 4;

/** How long each chord of a round lasts, in quarters: those of a bar share it. */
const lengthsOf = ({ bars }: CycleChords): number[] =>
  bars.flatMap((count) => Array.from({ length: count }, () => BAR / count));

/** The lines of all rounds one after the other. */
function lineOf(rounds: readonly Round[], { bars }: CycleChords): Pick<Etude, 'line'> {
  const each = bars.length * BAR * TICKS_PER_QUARTER;
  const notes = rounds.flatMap(({ line }, round) =>
    line.map((note) => ({ ...note, at: ticks(note.at + round * each) })),
  );
  return notes.length ? { line: { notes, written: true } } : {};
}

function roundsOf(
  lanes: readonly Lane[],
  { way, room, played = 'chords' }: EtudeRequest,
  lengths: readonly number[],
): Round[] {
  return lanes.flatMap((lane) => {
    const paths = roundsIn({ way, lane, fromMiddle: fromMiddle(room) });
    return paths.map((path, at) => ({
      strings: [...new Set(path.map(stringSetOf))].filter(Boolean),
      hands: handsOf(path[0]!),
      bottom: path[0]!.notes[0]!.degree,
      top: path[0]!.notes.at(-1)!.degree,
      joined: joins(paths[at - 1], path),
      motion: path.slice(1).reduce((sum, to, step) => sum + motionBetween(path[step]!, to), 0),
      meets: paths.slice(0, at).some((other) => path.some((each, chord) => other[chord] === each)),
      path,
      line: patternLine(path, lengths, played),
    }));
  });
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
