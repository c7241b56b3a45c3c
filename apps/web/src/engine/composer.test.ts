import {
  defaultArrangement,
  defaultInstruments,
  firstWritten,
  midi,
  noComp,
  readMidi,
  ticks,
  type Comp,
  type SoloLine,
} from '@drop-close/core';
import { createComposer } from './composer';
import type { ComposeQuestion } from './protocol';

const question = (comp: Partial<Comp> = {}, solo?: SoloLine): ComposeQuestion => ({
  ...firstWritten('[A]\n| Dm7 | G7 | Cmaj7 | A7 |'),
  meter: '4/4',
  key: 'C',
  setup: { ...defaultArrangement, comp: { ...noComp, ...comp } },
  instruments: defaultInstruments,
  feel: 'swing',
  tempo: 120,
  ...(solo ? { solo } : {}),
});

/** A line of eighths through the first bar and a half. */
const SOLO: SoloLine = {
  written: true,
  notes: Array.from({ length: 12 }, (_, at) => ({
    midi: midi(74 + (at % 3)),
    at: ticks(at * 240),
    length: ticks(240),
    velocity: 84,
  })),
};

describe('the composer behind the Comp screen', () => {
  it('composes all choruses of the plan, and tells where each chord comes from', () => {
    const { timeline, wholes, times, barsEach, sounding } = createComposer().compose(
      question({ plan: [[], []] }),
    );
    expect([times, barsEach, timeline.bars.length]).toEqual([2, 4, 8]);
    expect(wholes).toEqual([0, 1, 2, 3, 0, 1, 2, 3]);
    expect(sounding).toHaveLength(8);
  });

  it('marks the chords of a device as made, under the whole chord they stand in', () => {
    const devices = [
      { at: 0, symbol: 'Dm7', chorus: 0, device: 'through the key', variant: 'rising' },
    ] as const;
    const { devised, wholes } = createComposer().compose(question({ devices }));
    expect(devised).toEqual([true, true, true, false, false, false]);
    expect(wholes).toEqual([0, 0, 0, 1, 2, 3]);
  });

  it('answers questions about the choruses in hand only', () => {
    const composer = createComposer();
    const first = composer.compose(question());
    const second = composer.compose(question({ plan: [[], []] }));
    expect(composer.band(first.id, {})).toBeUndefined();
    expect(composer.offers(first.id, 0)).toBeUndefined();
    expect(composer.playSet(first.id, 1)).toBeUndefined();
    expect(composer.mendBar(first.id, 1)).toBeUndefined();
    expect(composer.song(first.id, 'x')).toBeUndefined();
    expect(composer.band(second.id, {})!.length).toBe(32);
    expect(composer.band(second.id, { fromBar: 3, toBar: 4 })!.length).toBe(8);
  });

  it('lays patterns where nobody solos, and leaves room where somebody does', () => {
    const composer = createComposer();
    const alone = composer.playSet(composer.compose(question()).id, 1)!;
    expect(alone.decisions.every(({ doing }) => doing === 'put in')).toBe(true);
    const { id, line } = composer.compose(question({}, SOLO));
    expect(line.map(({ at }) => at).slice(0, 3)).toEqual([0, 320, 480]);
    const behind = composer.playSet(id, 1)!;
    expect(behind.figures).toMatchObject({ clashes: 0 });
    expect(behind.figures!.told).toBe(behind.figures!.chords);
    expect(behind.decisions.length).toBeGreaterThan(0);
  });

  it('offers devices at a chord, the line of the player among them', () => {
    const composer = createComposer();
    const { id } = composer.compose(question());
    const variants = (line?: readonly number[]): string[] =>
      composer.offers(id, 2, line)!.map(({ variant }) => variant);
    expect(variants()).not.toContain('your line');
    expect(variants([72, 74, 76])).toContain('your line');
  });

  it('writes all of it as a MIDI file in the key of the tune, the solo too', () => {
    const composer = createComposer();
    const { id } = composer.compose(question({}, SOLO));
    const reading = readMidi(composer.song(id, 'Slack Water')!);
    if (!reading.ok) throw new Error(reading.problem);
    const { song } = reading.value;
    expect(song).toMatchObject({
      title: 'Slack Water',
      tempo: 120,
      key: 'C',
      sections: [{ at: 0, text: 'A' }],
    });
    expect(song.tracks.map(({ name }) => name)).toEqual(['Comp', 'Bass', 'Drums', 'Solo']);
  });

  it('makes a line up for a soloist who is not there', () => {
    const composer = createComposer();
    const { id } = composer.compose(question());
    const line = composer.standIn(id, { density: 2, range: { low: 60, high: 79 }, seed: 1 })!;
    expect(line.written).toBe(true);
    expect(line.notes.length).toBeGreaterThan(5);
  });
});
