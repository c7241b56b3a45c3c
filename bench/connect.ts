/**
 * The connector against what it is measured by, 64 chords. Ratios are of medians of runs that take turns
 * in one process. A list of candidates is a fresh one in every run, so that nothing is remembered.
 */
import {
  connect,
  createConnector,
  defaultKeyboard,
  defaultSettings,
  parseChord,
  type Chord,
  type ConnectSettings,
  TERM_IDS,
  type Voicing,
  type Weights,
} from '@drop-close/core';
import { candidatesOf } from '../packages/core/src/connect/candidates';
import { layersOf } from '../packages/core/src/connect/layers';
import { solve } from '../packages/core/src/connect/solver/solve';
import { chorus } from './chorus';
import { plainViterbi } from './plainViterbi';
import { inTurns, print } from './report';

/** Every four strings of six, as sets. */
const EVERY_FOUR = Array.from({ length: 64 }, (_, bits) =>
  [6, 5, 4, 3, 2, 1].filter((string) => bits & (1 << (string - 1))),
)
  .filter((set) => set.length === 4)
  .map((set) => set.join(''));

/** Drop 2 with its colours as a player starts with it. */
const asStarted: ConnectSettings = {
  ...defaultSettings,
  families: ['drop2'],
  tensions: 'available',
  mostSounds: Infinity,
};
/** All grips of drop 2 with its colours, on any strings and whatever is lowest: about 300 a chord. */
const drop2: ConnectSettings = {
  ...asStarted,
  strings: EVERY_FOUR,
  bottom: 'free',
  openStrings: 'anywhere',
};
/** Of all the drop families and close: about 1300. */
const drops: ConnectSettings = {
  ...drop2,
  families: ['drop2', 'drop3', 'drop24', 'drop23', 'close'],
};

type Lists = readonly (readonly Voicing[])[];

/** The same candidates in lists of their own. */
function afresh(lists: Lists): Lists {
  const copies = new Map<readonly Voicing[], readonly Voicing[]>();
  return lists.map((list) => {
    const copy = copies.get(list) ?? [...list];
    copies.set(list, copy);
    return copy;
  });
}

/** From candidate lists to the path and every candidate's total. */
function ours(chords: readonly Chord[], lists: Lists, settings: ConnectSettings): number {
  return solve(layersOf(chords, afresh(lists), settings)).total;
}

/** A dense min-plus double loop over a ready-made matrix, once for every change. */
function bare(changes: number, matrix: Int32Array, size: number): Int32Array {
  let values = new Int32Array(size);
  for (let change = 0; change < changes; change += 1) {
    const best = new Int32Array(size).fill(2 ** 28);
    for (let a = 0; a < size; a += 1) {
      const [value, row] = [values[a]!, a * size];
      for (let b = 0; b < size; b += 1) {
        const sum = value + matrix[row + b]!;
        if (sum < best[b]!) best[b] = sum;
      }
    }
    values = best;
  }
  return values;
}

/** Costs as a real change has them: those of the candidates' own pitches. */
function matrixOf(list: readonly Voicing[], size: number): Int32Array {
  const pitches = Array.from({ length: size }, (_, i) =>
    list[i % list.length]!.notes.map(({ midi }) => midi as number),
  );
  return Int32Array.from({ length: size * size }, (_, at) => {
    const [a, b] = [pitches[Math.floor(at / size)]!, pitches[at % size]!];
    return a.reduce((sum, pitch, voice) => sum + 100 * Math.abs(pitch - (b[voice] ?? pitch)), 0);
  });
}

const meanOf = (lists: Lists): number =>
  Math.round(lists.reduce((sum, list) => sum + list.length, 0) / lists.length);

function againstBare(name: string, settings: ConnectSettings, runs: number): void {
  const chords = chorus();
  const { lists } = candidatesOf(chords, settings);
  const size = meanOf(lists);
  const matrix = matrixOf(lists[0]!, size);
  const [mine, theirs] = inTurns(
    [() => ours(chords, lists, settings), () => bare(chords.length - 1, matrix, size)],
    runs,
  );
  print(`candidates a chord, ${name}`, size, '');
  print(`connect, ${name}`, mine!, 'ms');
  print(`ours/bare ${name}`, mine! / theirs!, '');
}

function againstPlain(): void {
  const chords = chorus();
  const settings = drop2;
  const { lists } = candidatesOf(chords, settings);
  const totals: number[] = [];
  const [mine, theirs] = inTurns(
    [
      () => totals.push(ours(chords, lists, settings)),
      () => totals.push(plainViterbi(chords, lists, settings).total),
    ],
    3,
  );
  if (new Set(totals).size !== 1) throw new Error(`The totals differ: ${totals.join(' ')}`);
  print('plain/ours', theirs! / mine!, '');
}

function growth(): void {
  const settings = drop2;
  const [short, long] = [chorus(), chorus(4)];
  const runs = [short, long].map((chords) => {
    const { lists } = candidatesOf(chords, settings);
    return () => ours(chords, lists, settings);
  });
  const [one, four] = inTurns(runs, 15);
  print('growth 64→256 chords', four! / one!, '');
}

/** The 24 cheapest alternatives of a chord where the chorus comes round: as many loops, each the least. */
function alternativesRound(name: string, settings: ConnectSettings): void {
  const chords = chorus();
  const { lists } = candidatesOf(chords, settings);
  const [loops] = inTurns(
    [() => solve(layersOf(chords, lists, { ...settings, loop: true })).ranked(20, 24)],
    7,
  );
  print(`a loop and 24 alternatives, ${name}`, loops!, 'ms');
}

/** Chords that the chorus does not hold, one for every run. */
const STRANGERS = ['Ebm7', 'Ab7', 'Dbmaj7', 'Gbm7', 'B7', 'Emaj7', 'Abm7', 'Db7', 'Gbmaj7'].concat([
  'Bbm7',
  'Eb7',
  'Abmaj7',
  'C#m7b5',
  'F#7',
  'Bmaj7',
  'Ebm6',
  'Dbm7',
  'Gb7',
]);

/** A chord in the middle is exchanged for one that was never there, against solving the whole afresh. */
function oneEdit(): void {
  const settings = drop2;
  const chords = chorus();
  const { lists } = candidatesOf(chords, settings);
  const edited = STRANGERS.map((symbol) => {
    const read = parseChord(symbol);
    if (!read.ok) throw new Error(read.problem.message);
    return chords.map((chord, at) => (at === 31 ? read.value : chord));
  });
  const connector = createConnector();
  connector.connect(chords, settings);
  let turn = -1;
  const [full, edit] = inTurns(
    [
      () => ours(chords, lists, settings),
      () => {
        turn += 1;
        connectFully(connector, edited[turn]!, settings);
      },
    ],
    15,
  );
  print('one edit', edit!, 'ms');
  print('one edit/full', edit! / full!, '');
}

/** The whole answer: path, changes, and the alternatives of a chord. */
function connectFully(
  connector: ReturnType<typeof createConnector>,
  chords: readonly Chord[],
  settings: ConnectSettings,
): void {
  const outcome = connector.connect(chords, settings);
  if (outcome.status === 'found') outcome.alternatives(0, 24);
}

/** Nothing counts but how far the voices move. */
const motionAlone = Object.fromEntries(
  TERM_IDS.map((id) => [id, id === 'motion' ? 100 : 0]),
) as unknown as Weights;

/** Plain motion against a player who always takes the nearest next voicing, from the same start. */
function againstNearest(name: string, settings: ConnectSettings): void {
  const chords = chorus();
  const outcome = connect(chords, settings);
  if (outcome.status !== 'found') throw new Error(outcome.why);
  const { lists } = candidatesOf(chords, settings);
  const apart = (a: Voicing, b: Voicing): number =>
    a.notes.reduce((sum, { midi }, i) => sum + Math.abs(midi - b.notes[i]!.midi), 0);
  let [here] = outcome.path;
  let motion = 0;
  for (const list of lists.slice(1)) {
    const from = here!;
    here = list.reduce((best, each) => (apart(from, each) < apart(from, best) ? each : best));
    motion += apart(from, here);
  }
  print(`motion of the path${name}`, outcome.motion, 'half steps');
  print(`motion ours/nearest-neighbour${name}`, outcome.motion / motion, '');
}

againstPlain();
againstBare('300', drop2, 41);
againstBare('1300', drops, 15);
againstBare('keyboard', { ...drops, instrument: defaultKeyboard }, 15);
againstBare(
  '300 colours, keyboard',
  {
    ...{ ...drop2, families: ['colour'], mostSounds: 300 },
    instrument: defaultKeyboard,
  },
  7,
);
growth();
alternativesRound('300', drop2);
alternativesRound('1300', drops);
oneEdit();
againstNearest('', { ...drop2, weights: motionAlone });
againstNearest(', balanced taste', drop2);
againstNearest(', balanced taste, as started', asStarted);
