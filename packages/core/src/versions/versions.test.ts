import { defaultArrangement } from '../arrangement/stored/defaults';
import { positionsIn } from '../arrangement/stored/positions';
import { storeArrangement } from '../arrangement/stored/store';
import type { StoredArrangement } from '../arrangement/stored/stored';
import type { Arrangement } from '../arrangement/stored/types';
import { transposeChart } from '../analysis/transposeChart';
import { midi, ticks } from '../base/units';
import { deleteBar, insertBar, markBar, nameSection, writeBar, writtenBars } from '../chart/edit';
import { edited, firstWritten, readWritten, retyped } from '../chart/places/written';
import { slotText } from '../chart/slot';
import type { Chart } from '../chart/types';
import { demoTexts } from '../testing/demo';
import { random } from '../testing/random';
import { mergeTunes } from './mergeTunes';
import { INSTRUMENT_IDS } from '../voicing/base/instruments';
import { rooms } from '../voicing/data';
import { tellChanges } from './tellChanges';
import type { TuneVersion } from './types';

const TEXT = '[A]\n| Dm7 G7 | Cmaj7 | Em7 A7 | Dm7 |\n[B]\n| Gm7 | C7 | Fmaj7 | Bb7 |';

function tune(text: string = TEXT, setup: Arrangement = defaultArrangement): TuneVersion {
  const written = firstWritten(text);
  const { chart } = readWritten(written);
  return {
    title: 'Slack Water',
    ...written,
    key: 'C',
    meter: '4/4',
    tempo: 120,
    feel: 'swing',
    arrangementName: 'First arrangement',
    setup: storeArrangement(setup, positionsIn(chart, written.places)),
  };
}

/** The tune with its chart edited in the sheet. */
const sheet = (version: TuneVersion, edit: (chart: Chart) => Chart, seed = 's'): TuneVersion => ({
  ...version,
  ...edited(version, { edit }, seed),
});

const typed = (version: TuneVersion, text: string, seed = 't'): TuneVersion => ({
  ...version,
  ...retyped(version, text, seed),
});

const setUp = (version: TuneVersion, change: Partial<TuneVersion['setup']>): TuneVersion => ({
  ...version,
  setup: { ...version.setup, ...change },
});

const base = tune();
const slotOf = (bar: number, slot = 0): string =>
  readWritten(base).chart.sections.flatMap(({ bars }) => bars)[bar]!.identity!.slots[slot]!;
const scaleOn = (bar: number) => ({
  place: { slot: slotOf(bar), pass: 0 },
  symbol: 'Dm7',
  scale: 'Dorian' as const,
  on: 2,
});
const hit = (bar: number, at: number) => ({
  bar: readWritten(base).chart.sections.flatMap(({ bars }) => bars)[bar]!.identity!.id,
  pass: 0,
  chorus: 0,
  at: ticks(at),
  length: ticks(240),
  hold: 'short' as const,
  touch: 'plain' as const,
  accent: false,
});

const merge = (mine: TuneVersion, theirs: TuneVersion) => mergeTunes({ base, mine, theirs });
function merged(mine: TuneVersion, theirs: TuneVersion): TuneVersion {
  const outcome = merge(mine, theirs);
  if (outcome.status !== 'merged') throw new Error(JSON.stringify(outcome.conflicts));
  return outcome.tune;
}

describe('two versions that do not touch are brought together', () => {
  it('a chord here, another there', () => {
    const mine = sheet(base, (chart) => writeBar(chart, 0, ['Dm7', 'Db7']));
    const theirs = typed(base, TEXT.replace('Bb7', 'Eb7'));
    const { text, places } = merged(mine, theirs);
    expect(text).toBe(TEXT.replace('Dm7 G7', 'Dm7 Db7').replace('Bb7', 'Eb7'));
    expect(readWritten({ text, places }).chart.sections[0]?.bars[0]?.identity).toEqual(
      base.places.sections[0]?.bars[0],
    );
  });

  it('bars put in at the front here, taken out at the end there', () => {
    const mine = sheet(base, (chart) => insertBar(chart, 0, ['Am7']));
    const theirs = sheet(base, (chart) => deleteBar(chart, 7), 'u');
    const { chart } = readWritten(merged(mine, theirs));
    expect(writtenBars(chart).map(({ slots }) => slots.map(slotText).join(' '))).toEqual([
      'Am7',
      'Dm7 G7',
      'Cmaj7',
      'Em7 A7',
      'Dm7',
      'Gm7',
      'C7',
      'Fmaj7',
    ]);
  });

  it('a section named here, repeats marked there', () => {
    const mine = sheet(base, (chart) => nameSection(chart, 4, 'Bridge'));
    const theirs = sheet(base, (chart) =>
      markBar(markBar(chart, 0, { repeatStart: true }), 3, { repeatEnd: true }),
    );
    expect(merged(mine, theirs).text).toBe(
      '[A]\n|: Dm7 G7 | Cmaj7 | Em7 A7 | Dm7 :|\n[Bridge]\n| Gm7 | C7 | Fmaj7 | Bb7 |',
    );
  });

  it('tempo and families here, feel and a chord there', () => {
    const mine = setUp({ ...base, tempo: 140 }, { families: ['shell'] });
    const theirs = sheet({ ...base, feel: 'ballad' }, (chart) => writeBar(chart, 1, ['C6']));
    expect(merged(mine, theirs)).toMatchObject({
      tempo: 140,
      feel: 'ballad',
      setup: { families: ['shell'] },
    });
  });

  it('hits in one bar here, in another there; scales of two chords; weights of two kinds', () => {
    const mine = setUp(base, {
      comp: { ...base.setup.comp, hits: [hit(0, 0), hit(0, 480)] },
      scales: [scaleOn(0)],
      weights: { ...base.setup.weights, motion: 200 },
    });
    const theirs = setUp(base, {
      comp: { ...base.setup.comp, hits: [hit(5, 240)] },
      scales: [scaleOn(3)],
      weights: { ...base.setup.weights, hand: 10 },
    });
    const { setup } = merged(mine, theirs);
    expect(setup.comp.hits).toEqual([hit(0, 0), hit(0, 480), hit(5, 240)]);
    expect(setup.scales).toEqual([scaleOn(0), scaleOn(3)]);
    expect(setup.weights).toMatchObject({ motion: 200, hand: 10 });
  });

  it('what both changed alike', () => {
    const both = sheet({ ...base, tempo: 90 }, (chart) => writeBar(chart, 2, ['Ebdim7']));
    expect(merged(both, { ...both })).toEqual(both);
  });
});

describe('where both changed the same it is told, and nothing is chosen', () => {
  it.each([
    [
      'one bar',
      'text',
      sheet(base, (chart) => writeBar(chart, 1, ['C6'])),
      sheet(base, (chart) => writeBar(chart, 1, ['Am7'])),
    ],
    [
      'a bar taken out here and written in there',
      'text',
      sheet(base, (chart) => deleteBar(chart, 5)),
      sheet(base, (chart) => writeBar(chart, 5, ['Gb7'])),
    ],
    [
      'bars put in at one place',
      'text',
      sheet(base, (chart) => insertBar(chart, 2, ['F7']), 'x'),
      sheet(base, (chart) => insertBar(chart, 2, ['E7']), 'y'),
    ],
    [
      'the key here and a chord there',
      'text',
      { ...base, ...edited(base, { edit: (chart) => transposeChart(chart, 3), moved: 3 }, 'z') },
      sheet(base, (chart) => writeBar(chart, 1, ['C6'])),
    ],
    ['the tempo', 'tempo', { ...base, tempo: 90 }, { ...base, tempo: 180 }],
    [
      'the room, one of which was dragged',
      'setup.room',
      setUp(base, { room: { ...base.setup.room, label: 'Loud', mostNotes: 3 } }),
      setUp(base, { room: { ...base.setup.room, window: { low: 50, high: 70 } } }),
    ],
    [
      'the hits of one bar',
      'setup.comp.hits[]',
      setUp(base, { comp: { ...base.setup.comp, hits: [hit(0, 0)] } }),
      setUp(base, { comp: { ...base.setup.comp, hits: [hit(0, 960)] } }),
    ],
  ])('%s', (_, path, mine, theirs) => {
    const outcome = merge(mine, theirs);
    expect(outcome).toMatchObject({ status: 'conflict' });
    expect(outcome.status === 'conflict' && outcome.conflicts.map((each) => each.path)).toEqual([
      path,
    ]);
  });
});

const SEED = 20261129;
it(`any bar written here and any other there are both there, in every demo tune (seed ${SEED})`, () => {
  const next = random(SEED);
  let cases = 0;
  for (const text of demoTexts()) {
    const begun = tune(text);
    const count = writtenBars(readWritten(begun).chart).length;
    for (let turn = 0; turn < 12; turn += 1) {
      const here = Math.floor(next() * count);
      const there = (here + 1 + Math.floor(next() * (count - 1))) % count;
      const mine = sheet(begun, (chart) => writeBar(chart, here, ['B13']), 'm');
      const theirs = sheet(begun, (chart) => writeBar(chart, there, ['F#m9']), 'n');
      const outcome = mergeTunes({ base: begun, mine, theirs });
      if (outcome.status !== 'merged') throw new Error(`${text} ${here} ${there}`);
      const bars = writtenBars(readWritten(outcome.tune).chart);
      expect(bars[here]?.slots.map(slotText)).toEqual(['B13']);
      expect(bars[there]?.slots.map(slotText)).toEqual(['F#m9']);
      expect(bars).toHaveLength(count);
      const swapped = mergeTunes({ base: begun, mine: theirs, theirs: mine });
      expect(swapped.status === 'merged' && swapped.tune.text).toBe(outcome.tune.text);
      cases += 1;
    }
    expect(mergeTunes({ base: begun, mine: begun, theirs: begun })).toEqual({
      status: 'merged',
      tune: begun,
    });
  }
  expect(cases).toBe(144);
});

it('what is said of chords and bars in two places is all there, in every demo tune, room and on every instrument', () => {
  const next = random(SEED);
  let cases = 0;
  for (const text of demoTexts()) {
    const begun = tune(text);
    const { chart } = readWritten(begun);
    const { whole, timeline } = positionsIn(chart, begun.places);
    for (const instrument of INSTRUMENT_IDS) {
      for (const room of Object.values(rooms)) {
        const at = Math.floor(next() * whole.length);
        const other = (at + 1) % whole.length;
        const { bar, pass } = timeline.bars[Math.floor(next() * timeline.bars.length)]!.place;
        const said = (chord: number) => ({
          place: { slot: whole[chord]!.place.slot, pass: whole[chord]!.place.pass },
          symbol: whole[chord]!.chord.symbol,
        });
        const kept = { ...said(at), scale: 'Dorian' as const, on: 2 };
        const opened = { ...said(other), scale: 'altered' as const, on: 0 };
        const top = { ...said(at), midi: 72, transposed: 0 };
        const struck = { ...hit(0, 0), bar, pass };
        const mine = setUp(begun, {
          instrument,
          room,
          scales: [kept],
          line: { ...begun.setup.line, notes: [top] },
        });
        const theirs = setUp(
          { ...begun, tempo: begun.tempo + 7 },
          {
            pools: [opened],
            comp: { ...begun.setup.comp, hits: [struck] },
            loop: !begun.setup.loop,
          },
        );
        for (const sides of [
          { base: begun, mine, theirs },
          { base: begun, mine: theirs, theirs: mine },
        ]) {
          const outcome = mergeTunes(sides);
          expect(outcome.status === 'merged' && outcome.tune).toEqual({
            ...mine,
            tempo: theirs.tempo,
            setup: { ...theirs.setup, instrument, room, scales: [kept], line: mine.setup.line },
          });
        }
        expect(tellChanges(begun, mine).length).toBeGreaterThan(0);
        expect(tellChanges(begun, theirs)).toHaveLength(4);
        expect(tellChanges(mine, JSON.parse(JSON.stringify(mine)) as TuneVersion)).toEqual([]);
        cases += 1;
      }
    }
  }
  expect(cases).toBe(12 * INSTRUMENT_IDS.length * Object.keys(rooms).length);
});

describe('what changed is told in words', () => {
  it.each<[string, TuneVersion, string[]]>([
    ['nothing', base, []],
    [
      'tempo and title',
      { ...base, tempo: 132, title: 'Neap' },
      ['title Slack Water → Neap', 'tempo 120 → 132'],
    ],
    [
      'a bar',
      sheet(base, (chart) => writeBar(chart, 0, ['Dm7', 'Db7'])),
      ['bar 1: Dm7 G7 → Dm7 Db7'],
    ],
    [
      'many bars',
      [0, 1, 2, 5].reduce(
        (version, bar) => sheet(version, (chart) => writeBar(chart, bar, ['C6'])),
        base,
      ),
      ['bars 1, 2, 3 and 6 changed'],
    ],
    [
      'bars put in and taken out',
      sheet(
        sheet(base, (chart) => insertBar(insertBar(chart, 4, ['A7']), 5, ['D7']), 'a'),
        (chart) => deleteBar(chart, 0),
        'b',
      ),
      ['bars 4–5 added', 'bar 1 removed'],
    ],
    [
      'a key',
      { ...base, ...edited(base, { edit: (chart) => transposeChart(chart, -2), moved: -2 }, 'z') },
      ['transposed down 2 half steps'],
    ],
    [
      'a section',
      sheet(base, (chart) => nameSection(chart, 4, 'Bridge')),
      ['sections A B → A Bridge'],
    ],
    ['its lines', typed(base, TEXT.replace('\n[B]', '\n\n[B]')), ['only the layout of the text']],
    [
      'the arrangement',
      setUp(base, {
        families: ['shell', 'drop3'],
        instrument: 'keyboard',
        scales: [scaleOn(0), scaleOn(3)],
        comp: { ...base.setup.comp, hits: [hit(0, 0), hit(0, 480), hit(2, 0)], bass: 'roots' },
      }),
      [
        'instrument: guitar → keyboard',
        'families: drop 2 → shell, drop 3',
        'bass: by the feel → roots',
        '2 kept scales added',
        '2 bars of hits added',
      ],
    ],
  ])('%s', (_, after, words) => {
    expect(tellChanges(base, after)).toEqual(words);
  });
});

/** Another value for every field; the compiler asks for one where a field is new. */
const OTHER: Required<Omit<StoredArrangement, 'version' | 'comp'>> = {
  instrument: 'keyboard',
  keyboardHands: base.setup.keyboardHands === 'one' ? 'two' : 'one',
  room: { ...base.setup.room, window: { ...base.setup.room.window, low: midi(50) } },
  families: ['shell'],
  tensions: 'available',
  asked: { ...base.setup.asked, voices: 4 },
  weights: { ...base.setup.weights, motion: 7 },
  loop: !base.setup.loop,
  locks: {
    guitar: [
      {
        place: { slot: slotOf(0), pass: 0 },
        symbol: 'Dm7',
        transposed: 0,
        voicing: { family: 'own', notes: [], ease: 'easy' },
      },
    ],
  },
  splits: [{ place: { slot: slotOf(1), pass: 0 }, symbol: 'Cmaj7', after: 2 }],
  pools: [scaleOn(0)],
  scales: [scaleOn(0)],
  line: { ...base.setup.line, keepTop: !base.setup.line.keepTop },
  returns: 'same',
  stayInPlace: !base.setup.stayInPlace,
};
const OTHER_COMP: Required<TuneVersion['setup']['comp']> = {
  hits: [hit(0, 0)],
  devices: [
    {
      place: { slot: slotOf(0), pass: 0 },
      ...{ symbol: 'Dm7', chorus: 0, device: 'drone', variant: 'tonic', transposed: 0 },
    },
  ],
  plan: [[], []],
  bass: 'roots',
  drums: 'brushes',
  ending: 'tag',
  swing: 90,
  behind: 'somebody',
  ownLine: true,
  strictness: 1,
  yields: !base.setup.comp.yields,
};

it('whatever field of an arrangement is changed, it is told, and back', () => {
  const { comp } = base.setup;
  const changed = [
    ...Object.entries(OTHER).map(([name, value]) => [name, { [name]: value }] as const),
    ...Object.entries(OTHER_COMP).map(
      ([name, value]) => [`comp.${name}`, { comp: { ...comp, [name]: value } }] as const,
    ),
  ];
  expect(changed).toHaveLength(15 + 11);
  for (const [name, change] of changed) {
    const other = setUp(base, change);
    const told = [tellChanges(base, other), tellChanges(other, base)];
    expect({ name, told: told.map(({ length }) => length) }).toEqual({ name, told: [1, 1] });
  }
});
