import fc from 'fast-check';
import { transposeChart } from '../analysis/transposeChart';
import { defaultArrangement } from '../arrangement/stored/defaults';
import { fitArrangement } from '../arrangement/stored/fit';
import { fitLine, frameOf } from '../arrangement/stored/placedLine';
import { positionsIn, type Positions } from '../arrangement/stored/positions';
import { storeArrangement } from '../arrangement/stored/store';
import type { Arrangement } from '../arrangement/stored/types';
import {
  edited,
  firstWritten,
  readWritten,
  retyped,
  type WrittenChart,
} from '../chart/places/written';
import { deleteBar, insertBar, moveBar, nameSection, writeBar } from '../chart/edit';
import type { Hit } from '../comp/base/types';
import { midi, ticks } from '../base/units';
import { defaultSection } from '../comp/defaults';

/**
 * Whatever is edited, everything that was said of a chord or a bar stays with it, or is told to have no
 * place. Checked against a plain reference that follows every bar and chord as an object of its own:
 * the engine's charts are edited through the same doors as the application's, in the sheet and by typing.
 */
const SEED = Number(process.env['DROP_CLOSE_FUZZ_SEED'] ?? 20261128);
const SEQUENCES = 2_000;
const MINUTES = 60_000;

interface RefSlot {
  word: string;
}
interface RefBar {
  slots: RefSlot[];
}
interface RefSection {
  readonly name: string;
  bars: RefBar[];
}
type Reference = RefSection[];

/** Chords none of which comes twice, so that typed text leaves no doubt about which bar is which. */
const ROOTS = 'C Db D Eb E F Gb G Ab A Bb B'.split(' ');
const QUALITIES = 'm7 7 maj7 6 m6 m7b5 9 13 m9 7b9 dim7 7sus4 69 m11 maj9 7#5'.split(' ');
const WORDS = QUALITIES.flatMap((quality) => ROOTS.map((root) => root + quality));

/** Words in their order, none that the tune has already: transposing may have brought it in. */
function uniqueWords(): (reference: Reference) => () => string {
  let count = 0;
  return (reference) => {
    const taken = new Set(barsOf(reference).flatMap(({ slots }) => slots.map(({ word }) => word)));
    return () => {
      for (;;) {
        const word = WORDS[count % WORDS.length]!;
        count += 1;
        if (!taken.has(word)) return word;
      }
    };
  };
}

const barsOf = (reference: Reference): RefBar[] => reference.flatMap(({ bars }) => bars);
const textOf = (reference: Reference): string =>
  reference
    .filter(({ bars }) => bars.length)
    .map(
      ({ name, bars }) =>
        `[${name}]\n| ${bars.map(({ slots }) => slots.map(({ word }) => word).join(' ')).join(' | ')} |`,
    )
    .join('\n');

/** An edit by plain numbers; places are taken modulo what there is. */
interface Step {
  readonly kind: (typeof KINDS)[number];
  readonly a: number;
  readonly b: number;
  readonly c: number;
}
const KINDS = [
  'insert',
  'delete',
  'move',
  'transpose',
  'write a chord',
  'put a chord in',
  'take a chord out',
  'name a section',
  'type a chord',
  'paste over bars',
  'paste twice',
] as const;

const steps: fc.Arbitrary<Step[]> = fc.array(
  fc.record({
    kind: fc.constantFrom(...KINDS),
    a: fc.nat(1000),
    b: fc.nat(1000),
    c: fc.nat(1000),
  }),
  { minLength: 1, maxLength: 6 },
);
const lengths = fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 2, maxLength: 10 });

/** The tune as the engine has it, and as the reference has it. */
interface Tune {
  written: WrittenChart;
  reference: Reference;
  transposed: number;
}

function applied(tune: Tune, { kind, a, b, c }: Step, seed: string, word: () => string): void {
  const bars = barsOf(tune.reference);
  const at = bars.length ? a % bars.length : 0;
  const sheet = (edit: Parameters<typeof edited>[1]['edit'], moved = 0): void => {
    tune.written = edited(tune.written, { edit, moved }, seed);
  };
  const typed = (): void => {
    tune.written = retyped(tune.written, textOf(tune.reference), seed);
  };
  if (kind === 'transpose') {
    const semitones = (b % 11) + 1;
    // Told a key, it need not be heard first.
    sheet((chart) => {
      const moved = transposeChart({ ...chart, header: { key: 'C' } }, semitones);
      return { ...moved, header: {} };
    }, semitones);
    tune.transposed += semitones;
    // What the chords are called now is read from the chart; which they are is not.
    const words = readWritten(tune.written).chart.sections.flatMap((section) =>
      section.bars.flatMap(({ slots }) =>
        slots.map((slot) => (slot.kind === 'chord' ? slot.text : '')),
      ),
    );
    bars.flatMap(({ slots }) => slots).forEach((slot, index) => (slot.word = words[index]!));
    return;
  }
  if (!bars.length) return;
  const bar = bars[at]!;
  const slot = b % bar.slots.length;
  const slotWords = (): string[] => bar.slots.map((each) => each.word);
  switch (kind) {
    case 'insert': {
      const fresh = { slots: [{ word: word() }, { word: word() }] };
      sheet((chart) =>
        insertBar(
          chart,
          at,
          fresh.slots.map((each) => each.word),
        ),
      );
      putIn(tune.reference, at, [fresh]);
      return;
    }
    case 'delete':
      sheet((chart) => deleteBar(chart, at));
      takeOut(tune.reference, at, 1);
      return;
    case 'move': {
      const to = b % bars.length;
      sheet((chart) => moveBar(chart, at, to));
      if (to === at) return;
      const [moved] = takeOut(tune.reference, at, 1);
      putIn(tune.reference, to, [moved!]);
      return;
    }
    case 'name a section':
      sheet((chart) => nameSection(chart, at, `S${c}`));
      nameIn(tune.reference, at, `S${c}`);
      return;
    case 'write a chord':
      bar.slots[slot]!.word = word();
      sheet((chart) => writeBar(chart, at, slotWords()));
      return;
    case 'put a chord in':
      if (bar.slots.length >= 4) return;
      bar.slots.splice(slot, 0, { word: word() });
      sheet((chart) => writeBar(chart, at, slotWords()));
      return;
    case 'take a chord out':
      if (bar.slots.length < 2) return;
      bar.slots.splice(slot, 1);
      sheet((chart) => writeBar(chart, at, slotWords()));
      return;
    case 'type a chord':
      bar.slots[slot]!.word = word();
      typed();
      return;
    case 'paste over bars':
      pasteOver(tune.reference, at, (b % 3) + 1, c % 4, word);
      typed();
      return;
    case 'paste twice': {
      // A bar at least stays between them; else nobody could tell which new bar stands for which old.
      const first = pasteOver(tune.reference, at, (b % 2) + 1, c % 3, word);
      pasteOver(tune.reference, at + first + 1 + (c % 2), 1, 1, word);
      typed();
    }
  }
}

/** Where a bar is: its section, and its position there. */
function locate(reference: Reference, at: number): readonly [RefSection, number] | undefined {
  let first = 0;
  for (const section of reference) {
    if (at < first + section.bars.length) return [section, at - first];
    first += section.bars.length;
  }
  return undefined;
}

function putIn(reference: Reference, at: number, bars: RefBar[]): void {
  const place = locate(reference, at);
  if (place) place[0].bars.splice(place[1], 0, ...bars);
  else if (reference.length) reference.at(-1)!.bars.push(...bars);
  else reference.push({ name: '', bars });
}

function takeOut(reference: Reference, at: number, count: number): RefBar[] {
  const place = locate(reference, at);
  const taken = place ? place[0].bars.splice(place[1], count) : [];
  // A section goes with its last bar.
  const empty = reference.findIndex(({ bars }) => !bars.length);
  if (empty >= 0) reference.splice(empty, 1);
  return taken;
}

function nameIn(reference: Reference, at: number, name: string): void {
  const place = locate(reference, at);
  if (!place) return;
  const [section, inside] = place;
  const later = section.bars.splice(inside);
  const position = reference.indexOf(section);
  reference.splice(inside === 0 ? position : position + 1, inside === 0 ? 1 : 0, {
    name,
    bars: later,
  });
}

/** Some bars of a section written anew by others: the first of them stand for the first of the old. */
function pasteOver(
  reference: Reference,
  at: number,
  count: number,
  fresh: number,
  word: () => string,
): number {
  const place = locate(reference, at);
  if (!place) return 0;
  const [section, inside] = place;
  const old = section.bars.slice(inside, inside + count);
  // A section that lost all its bars would lose its label too.
  const atLeast = old.length === section.bars.length ? Math.max(1, fresh) : fresh;
  const written = Array.from({ length: atLeast }, (_, index): RefBar => {
    const stood = old[index];
    const first = stood?.slots[0];
    if (!stood || !first) return { slots: [{ word: word() }] };
    first.word = word();
    stood.slots.splice(1);
    return stood;
  });
  section.bars.splice(inside, old.length, ...written);
  return written.length;
}

/** The position of every marked chord and bar, by the reference: its own list, counted through. */
function expected(tune: Tune, slots: readonly RefSlot[], bars: readonly RefBar[]) {
  const nowBars = barsOf(tune.reference);
  const nowSlots = nowBars.flatMap((bar) => bar.slots);
  const found = (position: number): number | undefined => (position < 0 ? undefined : position);
  return {
    chords: slots.map((slot) => found(nowSlots.indexOf(slot))),
    bars: bars.map((bar) => found(nowBars.indexOf(bar))),
  };
}

const positionsOf = ({ written }: Tune): Positions =>
  positionsIn(readWritten(written).chart, written.places);

/** Every third chord is voiced anew while it lasts; no chord is as short as that. */
const isSplit = (at: number): boolean => at % 3 === 0;
const A_QUARTER_OF_A_BEAT = 0.25;

/** Everything that hangs on chords and bars, one of each on each. */
function markEverything(positions: Positions): Arrangement {
  const { whole, timeline } = positions;
  const hits = timeline.bars.map(({ number }): Hit => ({
    ...{ bar: number, at: ticks(0), length: ticks(number) },
    ...{ hold: 'short', touch: 'plain', accent: false },
  }));
  const splits = whole.flatMap((_, at) =>
    isSplit(at) ? [{ at, symbol: `chord ${at}`, after: A_QUARTER_OF_A_BEAT }] : [],
  );
  // A top note is said of a part, and parts of split chords count.
  const partOf = (at: number): number => at + splits.filter((split) => split.at < at).length;
  return {
    ...defaultArrangement,
    splits,
    pools: whole.map((_, at) => {
      return { at: partOf(at), symbol: `chord ${at}`, scale: 'altered', on: 0 } as const;
    }),
    line: {
      keepTop: false,
      notes: whole.map((_, at) => ({ at: partOf(at), symbol: `chord ${at}`, midi: 60 })),
      spans: [],
    },
    comp: {
      ...defaultArrangement.comp,
      hits,
      devices: whole.map((_, at) => ({
        ...{ at, symbol: `chord ${at}`, chorus: 0 },
        ...{ device: 'slide', variant: 'from below, a beat early' },
      })),
      plan: [timeline.bars.map(({ place }) => ({ from: place, to: place, plan: defaultSection }))],
    },
  };
}

const BAR = 1920;
const ONE_NOTE = { length: ticks(100), velocity: 80 };

it(
  `follows every mark through ${SEQUENCES} random sequences of edits (seed ${SEED})`,
  () => {
    let checked = 0;
    let gone = 0;
    fc.assert(
      fc.property(lengths, steps, (lengthsOfBars, edits) => {
        const words = uniqueWords();
        const word = words([]);
        const all = lengthsOfBars.map((length): RefBar => ({
          slots: Array.from({ length }, () => ({ word: word() })),
        }));
        const half = Math.ceil(all.length / 2);
        const reference: Reference = [
          { name: 'A', bars: all.slice(0, half) },
          { name: 'B', bars: all.slice(half) },
        ];
        const tune: Tune = { written: firstWritten(textOf(reference)), reference, transposed: 0 };
        const start = positionsOf(tune);
        const marks = markEverything(start);
        const stored = storeArrangement(marks, start);
        const solo = all.map((_, bar) => ({
          ...ONE_NOTE,
          midi: midi(60 + bar),
          at: ticks(bar * BAR),
        }));
        const frame = frameOf(start);
        const slots = all.flatMap((bar) => bar.slots);

        edits.forEach((step, at) => {
          applied(tune, step, `edit ${at}`, words(tune.reference));
        });

        const now = positionsOf(tune);
        const { arrangement, unfit } = fitArrangement(stored, now);
        const places = expected(tune, slots, all);
        const noteAt = new Map(arrangement.line.notes.map((note) => [note.symbol, note.at]));
        const deviceAt = new Map(arrangement.comp.devices.map((each) => [each.symbol, each.at]));
        const splitAt = new Map(arrangement.splits.map((split) => [split.symbol, split.at]));
        const splitChords = places.chords.filter((_, at) => isSplit(at));
        expect(slots.flatMap((_, at) => (isSplit(at) ? [splitAt.get(`chord ${at}`)] : []))).toEqual(
          splitChords,
        );
        const partsOf = (place: number | undefined): number | undefined =>
          place === undefined
            ? undefined
            : place + splitChords.filter((split) => split !== undefined && split < place).length;
        expect(slots.map((_, at) => noteAt.get(`chord ${at}`))).toEqual(places.chords.map(partsOf));
        const poolAt = new Map(arrangement.pools.map((pool) => [pool.symbol, pool.at]));
        expect(slots.map((_, at) => poolAt.get(`chord ${at}`))).toEqual(places.chords.map(partsOf));
        expect(slots.map((_, at) => deviceAt.get(`chord ${at}`))).toEqual(places.chords);
        const hitAt = new Map(arrangement.comp.hits.map(({ length, bar }) => [length, bar - 1]));
        expect(all.map((_, bar) => hitAt.get(ticks(bar + 1)))).toEqual(places.bars);
        const [planned = []] = arrangement.comp.plan;
        const plannedAt = new Map(planned.map(({ from }) => [from.bar, now.barAt(from)! - 1]));
        expect(start.timeline.bars.map(({ place }) => plannedAt.get(place.bar))).toEqual(
          places.bars,
        );
        const moved = ((tune.transposed + 5) % 12) - 5;
        const line = fitLine({ written: false, notes: solo }, frame, now);
        const lineAt = new Map(
          line.line.notes.map((note) => [note.midi - moved - 60, note.at / BAR]),
        );
        expect(all.map((_, bar) => lineAt.get(bar))).toEqual(places.bars);

        const { chords, bars } = places;
        // A top note, an opened scale and a movement of each chord; a hit and a plan of each bar.
        const marked = [...chords, ...chords, ...chords, ...splitChords, ...bars, ...bars];
        const lost = marked.filter((place) => place === undefined);
        expect(unfit).toHaveLength(lost.length);
        expect(
          storeArrangement(arrangement, now, fitArrangement(stored, now)).line.notes,
        ).toHaveLength(slots.length);
        checked += slots.length;
        gone += lost.length;
      }),
      { numRuns: SEQUENCES, seed: SEED },
    );
    // The check has seen what it is for: marks that stay, and marks that have lost their place.
    expect(checked).toBeGreaterThan(20 * SEQUENCES * 0.4);
    expect(gone).toBeGreaterThan(SEQUENCES);
  },
  5 * MINUTES,
);
