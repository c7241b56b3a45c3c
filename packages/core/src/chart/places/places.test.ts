import {
  deleteBar,
  insertBar,
  joinSection,
  markBar,
  moveBar,
  nameSection,
  writeBar,
} from '../edit';
import { timeline } from '../timeline';
import type { Chart } from '../types';
import { edited, firstWritten, readWritten, retyped, type WrittenChart } from './written';

/** Chords by the identity of their slots: `1.1 Dm7, 1.2 G7`; which pass is told from the second on. */
const named = (written: WrittenChart): string =>
  timeline(readWritten(written).chart)
    .events.map(({ place, chord }) => {
      const pass = place.pass ? `'${place.pass}` : '';
      return `${place.slot}${pass} ${chord.symbol}`;
    })
    .join(', ');
const sectionIds = ({ places }: WrittenChart): string[] => places.sections.map(({ id }) => id);
const barIds = ({ places }: WrittenChart): string[] =>
  places.sections.flatMap(({ bars }) => bars.map(({ id }) => id));

const after = (text: string, edit: (chart: Chart) => Chart): WrittenChart =>
  edited(firstWritten(text), { edit }, 'new');
const typed = (before: string, now: string): WrittenChart =>
  retyped(firstWritten(before), now, 'new');

describe('a chart nobody has edited', () => {
  it('counts its sections, bars and slots, a repeated bar with slots of its own', () => {
    const written = firstWritten('[A] | Dm7 G7 | % |\n[B] | C . A7 . |');
    expect(named(written)).toBe('1.1 Dm7, 1.2 G7, 2.1 Dm7, 2.2 G7, 3.1 C, 3.3 A7');
    expect(sectionIds(written)).toEqual(['s1', 's2']);
  });
  it('tells the times through a repeat apart', () => {
    expect(named(firstWritten('|: Dm7 |(1 G7 :|(2 C |'))).toBe("1.1 Dm7, 2.1 G7, 1.1'1 Dm7, 3.1 C");
  });
});

describe('edits in the sheet take identities along', () => {
  const TEXT = '[A] | Dm7 | G7 | C |\n[B] | A7 |';
  it('when a bar is put in, taken out or moved', () => {
    expect(barIds(after(TEXT, (chart) => insertBar(chart, 1, ['Db7'])))).toEqual([
      '1',
      'new-1',
      '2',
      '3',
      '4',
    ]);
    expect(barIds(after(TEXT, (chart) => deleteBar(chart, 0)))).toEqual(['2', '3', '4']);
    expect(barIds(after(TEXT, (chart) => moveBar(chart, 0, 2)))).toEqual(['2', '3', '1', '4']);
  });
  it('when a bar is written in: slots keep theirs with their chords', () => {
    const write = (...words: string[]): string =>
      named(after('| Dm7 G7 |', (chart) => writeBar(chart, 0, words)));
    expect(write('Dm7', 'A7', 'G7', '.')).toBe('1.1 Dm7, new-1 A7, 1.2 G7');
    expect(write('G7')).toBe('1.2 G7');
    expect(write('Dm7', 'Db7')).toBe('1.1 Dm7, 1.2 Db7');
  });
  it('when sections begin and join', () => {
    const parted = after(TEXT, (chart) => nameSection(chart, 2, 'C'));
    expect(sectionIds(parted)).toEqual(['s1', 'new-1', 's2']);
    expect(barIds(parted)).toEqual(['1', '2', '3', '4']);
    expect(sectionIds(after(TEXT, (chart) => joinSection(chart, 3)))).toEqual(['s1']);
  });
  it('when repeat signs come: the second time is another place', () => {
    const repeated = after('| Dm7 | G7 |', (chart) => markBar(chart, 1, { repeatEnd: true }));
    expect(named(repeated)).toBe("1.1 Dm7, 2.1 G7, 1.1'1 Dm7, 2.1'1 G7");
  });
  it('and a bar laid down twice is the same bar once only', () => {
    const copied = after('| Dm7 | G7 |', (chart) => {
      const [section] = chart.sections;
      const [first] = section!.bars;
      return { ...chart, sections: [{ ...section!, bars: [...section!.bars, first!] }] };
    });
    expect(barIds(copied)).toEqual(['1', '2', 'new-1']);
  });
});

describe('typed and pasted text is aligned bar by bar', () => {
  const TEXT = '| Dm7 | G7 | C | A7 | Fm6 |';
  it('several edits in one paste', () => {
    expect(barIds(typed(TEXT, '| Dm7 | Db7 | G7 | C | Fm6 | Bb7 |'))).toEqual([
      '1',
      'new-1',
      '2',
      '3',
      '5',
      'new-3',
    ]);
  });
  it('a line written anew stands for the old one, bar for bar', () => {
    expect(barIds(typed(TEXT, '| Dm7 | Em7 | Eb7 | A7 | Fm6 |'))).toEqual([
      '1',
      '2',
      '3',
      '4',
      '5',
    ]);
  });
  it('a bar that shares chords is rather the old one than one that does not', () => {
    expect(barIds(typed('| Dm7 G7 | C |', '| Bb7 | Dm7 Db7 | C |'))).toEqual(['new-1', '1', '2']);
  });
  it('bars under a label of their own stay with it', () => {
    const text = '[A] | C | C |\n[B] | F | F |\n[A] | C | C |';
    const longer = '[A] | C | C |\n[B] | F | F |\n[C] | C | C |\n[A] | C | C |';
    const written = typed(text, longer);
    expect(sectionIds(written).filter((id) => id.startsWith('s'))).toEqual(['s1', 's2', 's3']);
    expect(written.places.sections[2]!.id).toMatch(/^new/);
  });
  it('a header line, a label or a line break changes no identity', () => {
    expect(barIds(typed(TEXT, 'key: F\n[A]\n| Dm7 | G7 |\n| C | A7 |\n| Fm6 |'))).toEqual([
      '1',
      '2',
      '3',
      '4',
      '5',
    ]);
  });
  it('500 bars with a bar put in near either end, and all of them turned round', () => {
    const bars = Array.from(
      { length: 250 },
      (_, at) => `C${at % 2 ? '7' : '6'} F | Bb${at % 3 ? '' : 'm'} Eb`,
    );
    const long = firstWritten(`| ${bars.join(' | ')} |`);
    const both = retyped(
      long,
      `| Ab | ${bars.join(' | ')} | Ab |`.replace('| Bbm Eb |', '| Db | Bbm Eb |'),
      'new',
    );
    const ids = barIds(both);
    expect(ids.slice(0, 5)).toEqual(['new-1', '1', 'new-3', '2', '3']);
    expect(ids).not.toContain(undefined);
    const turned = retyped(long, `| ${[...bars].reverse().join(' | ')} |`, 'new');
    expect(new Set(barIds(turned)).size).toBe(500);
  });
});

describe('a tune pasted in another key', () => {
  const TUNE = '[A]\n| Dm7 G7 | Cmaj7 | % |\n[B]\n| A7 . Bm7/A E7 | Am6 |';
  const MOVED = '[A]\n| Fm7 Bb7 | Ebmaj7 | % |\n[B]\n| C7 . Dm7/C G7 | Cm6 |';
  const idsOf = ({ places }: WrittenChart) =>
    places.sections.map(({ id, bars }) => ({ id, bars: bars.map((bar) => bar) }));

  it('has moved: every bar and chord is the one it was, three half steps higher', () => {
    const first = firstWritten(TUNE);
    const there = retyped(first, MOVED, 'new');
    expect(there.places.transposed).toBe(3);
    expect(idsOf(there)).toEqual(idsOf(first));
    const home = retyped(there, TUNE, 'newer');
    expect(home).toEqual(first);
  });

  it.each([
    ['one chord went another way', MOVED.replace('Cm6', 'C6')],
    ['a bass stayed', MOVED.replace('Dm7/C', 'Dm7/A')],
    ['a bar is new', `${MOVED} Fm7 |`],
  ])('has not where %s', (_, text) => {
    expect(retyped(firstWritten(TUNE), text, 'new').places.transposed).toBe(0);
  });

  it('has not where one or two chords were only corrected', () => {
    expect(retyped(firstWritten('| C7 | F7 |'), '| D7 | G7 |', 'new').places.transposed).toBe(0);
  });
});
