import { transposeChart } from '../../analysis/transposeChart';
import { deleteBar, insertBar, moveBar } from '../../chart/edit';
import { edited, firstWritten, readWritten, type WrittenChart } from '../../chart/places/written';
import type { Chart } from '../../chart/types';
import type { SoloLine } from '../../comp/solo/types';
import { midi, ticks } from '../../base/units';
import { fitLine, frameOf, lostBarsOf, putBarsBack } from './placedLine';
import { positionsIn } from './positions';

const BAR = 1920;
const TUNE = firstWritten('| Dm7 | G7 | C6 |');
const positionsOf = (written: WrittenChart) =>
  positionsIn(readWritten(written).chart, written.places);

/** A quarter on every bar of two choruses, a half step higher each. */
const line: SoloLine = {
  written: true,
  notes: Array.from({ length: 6 }, (_, bar) => ({
    midi: midi(60 + bar),
    at: ticks(bar * BAR + 240),
    length: ticks(480),
    velocity: 80,
  })),
};
const frame = frameOf(positionsOf(TUNE));
const after = (edit: (chart: Chart) => Chart, moved = 0) =>
  fitLine(line, frame, positionsOf(edited(TUNE, { edit, moved }, 'new')));
/** `60@0` for the note 60 in the first bar of all. */
const places = ({ notes }: SoloLine): string =>
  notes.map(({ midi: pitch, at }) => `${pitch}@${(at - 240) / BAR}`).join(' ');

describe('a solo line over an edited tune', () => {
  it('is as it was played where nothing changed', () => {
    expect(fitLine(line, frame, positionsOf(TUNE))).toEqual({ line, unfit: [] });
  });
  it('has its notes in their bars, in every chorus', () => {
    const longer = after((chart) => insertBar(chart, 1, ['Db7']));
    expect(places(longer.line)).toBe('60@0 61@2 62@3 63@4 64@6 65@7');
    expect(places(after((chart) => moveBar(chart, 2, 0)).line)).toBe(
      '62@0 60@1 61@2 65@3 63@4 64@5',
    );
  });
  it('names the notes of a bar that is gone, and has them again when it is back', () => {
    const shorter = after((chart) => deleteBar(chart, 1));
    expect(places(shorter.line)).toBe('60@0 62@1 63@2 65@3');
    expect(shorter.unfit.map((note) => note.midi)).toEqual([61, 64]);
  });
  it('moves with the key, the nearer way', () => {
    const up = after((chart) => transposeChart(chart, 4), 4);
    expect(up.line.notes.map((note) => note.midi)).toEqual([64, 65, 66, 67, 68, 69]);
    const down = after((chart) => transposeChart(chart, 9), 9);
    expect(down.line.notes[0]!.midi).toBe(57);
  });
  it('leaves out what lies beyond a bar that has become shorter', () => {
    const late = { ...line, notes: [{ ...line.notes[0]!, at: ticks(1500) }] };
    const waltz = edited(
      TUNE,
      { edit: (chart) => ({ ...chart, header: { meter: { beats: 3, unit: 4 } } }) },
      'new',
    );
    expect(fitLine(late, frame, positionsOf(waltz)).unfit).toHaveLength(1);
  });
  it('ends a note where the next one has come nearer', () => {
    const long = {
      ...line,
      notes: [{ ...line.notes[0]!, length: ticks(BAR) }, line.notes[2]!],
    };
    const shorter = edited(TUNE, { edit: (chart) => deleteBar(chart, 1) }, 'new');
    const { notes } = fitLine(long, frame, positionsOf(shorter)).line;
    expect(notes.map(({ at, length }) => [at, length])).toEqual([
      [240, BAR],
      [BAR + 240, 480],
    ]);
  });
  it('keeps a pickup before the first bar', () => {
    const pickup = firstWritten('pickup: 1\n| G7 | Dm7 | G7 |');
    const early = { ...line, notes: [{ ...line.notes[0]!, at: ticks(-240) }] };
    const fitted = fitLine(early, frameOf(positionsOf(pickup)), positionsOf(pickup));
    expect(fitted).toEqual({ line: early, unfit: [] });
    expect(fitLine(early, frame, positionsOf(TUNE))).toEqual({ line: early, unfit: [] });
    const shorter = edited(pickup, { edit: (chart) => deleteBar(chart, 0) }, 'new');
    expect(fitLine(early, frameOf(positionsOf(pickup)), positionsOf(shorter)).unfit).toHaveLength(
      1,
    );
  });
});

describe('notes whose bars are gone', () => {
  const shorter = positionsOf(
    edited(TUNE, { edit: (chart) => deleteBar(deleteBar(chart, 2), 1), moved: 0 }, 'new'),
  );

  it('are told by the bars they were played in, next to each other and in both choruses', () => {
    expect(lostBarsOf(line, frame, positionsOf(TUNE))).toEqual([]);
    const lost = lostBarsOf(line, frame, shorter);
    expect(lost.map(({ bars }) => bars)).toEqual([[1, 2]]);
    expect(lost[0]!.notes.map((note) => note.midi)).toEqual([61, 64, 62, 65]);
    const apart = positionsOf(
      edited(TUNE, { edit: (chart) => deleteBar(deleteBar(chart, 2), 0), moved: 0 }, 'new'),
    );
    expect(lostBarsOf(line, frame, apart).map(({ bars }) => bars)).toEqual([[0], [2]]);
  });

  it('are put at a bar and those that follow it, each where it was in its bar', () => {
    const moved = firstWritten('| Dm7 | F | F | Gm7 | C7 |');
    const there = positionsOf(moved);
    const own = {
      ...frame,
      bars: frame.bars.map((bar, at) => ({ ...bar, bar: at ? `gone ${at}` : bar.bar })),
    };
    const [lost] = lostBarsOf(line, own, there);
    expect(lost!.bars).toEqual([1, 2]);
    const back = fitLine(line, putBarsBack(own, lost!, 4, there), there);
    expect(back.unfit).toEqual([]);
    expect(places(back.line)).toBe('60@0 61@3 62@4 63@5 64@8 65@9');
  });

  it('stay lost where the chorus ends before they do', () => {
    const [lost] = lostBarsOf(line, frame, shorter);
    const back = fitLine(line, putBarsBack(frame, lost!, 1, shorter), shorter);
    expect(places(back.line)).toBe('60@0 61@0 63@1 64@1');
    expect(back.unfit.map((note) => note.midi)).toEqual([62, 65]);
  });
});
