import { chordsInContext } from '../arrangement/chorus/inContext';
import { parseChart } from '../chart/parseChart';
import { chords, stacks, stacksOf } from '../testing/builders';
import { defaultVoicingSettings } from './data';
import { families } from './families';
import { materialOf } from './base/material';

const SEVENTHS = 'Cmaj7 C7 Cm7 Cm(maj7) Cm7b5 Cdim7 C6 Cm6 C7sus4 C7#5 C7b5 Cmaj7#5'.split(' ');

describe('close position: all voices within an octave, each at the bottom once (arithmetic)', () => {
  it('gives the four inversions of Cmaj7', () => {
    expect(stacksOf('Cmaj7', 'close')).toEqual([
      'R:0 3:4 5:7 7:11',
      '3:4 5:7 7:11 R:12',
      '5:7 7:11 R:12 3:16',
      '7:11 R:12 3:16 5:19',
    ]);
  });

  it.each(SEVENTHS)('%s spans less than an octave in every inversion', (symbol) => {
    for (const stack of stacks(symbol, 'close')) {
      const heights = stack.tones.map((tone) => tone.height as number);
      expect(Math.max(...heights) - Math.min(...heights)).toBeLessThan(12);
      expect(heights).toEqual([...heights].sort((a, b) => a - b));
    }
  });
});

describe('drop 2: the second voice of close position, counted from the top, falls an octave', () => {
  it('turns C E G B into G C E B, second inversion (arithmetic)', () => {
    const stack = stacks('Cmaj7', 'drop2')[0];
    expect(stack?.tones.map((tone) => tone.degree)).toEqual(['5', 'R', '3', '7']);
    expect(stack?.inversion).toBe(2);
  });

  it.each(SEVENTHS)('holds for every inversion of %s (arithmetic)', (symbol) => {
    const close = stacks(symbol, 'close');
    const drop2 = stacks(symbol, 'drop2');
    close.forEach((stack, index) => {
      const expected = stack.tones
        .map((tone, voice) => (tone.height as number) - (voice === stack.tones.length - 2 ? 12 : 0))
        .sort((a, b) => a - b);
      expect(drop2[index]?.tones.map((tone) => tone.height)).toEqual(expected);
    });
  });

  it('names each inversion by what is in the bass', () => {
    const inversions = stacks('Dm7', 'drop2').map((stack) => stack.inversion);
    expect(inversions).toEqual([2, 3, 0, 1]);
  });

  it('opens a triad the same way', () => {
    expect(stacksOf('C', 'drop2')[0]).toBe('3:-8 R:0 5:7');
  });
});

describe('which four tones speak for a larger chord', () => {
  it.each([
    ['C9', ['9:2 3:4 5:7 b7:10'], 'a ninth stands for the root'],
    ['C7(b9,b13)', ['b9:1 3:4 b13:8 b7:10'], 'both alterations are held'],
    ['C13', ['R:0 3:4 13:9 b7:10', '9:2 3:4 13:9 b7:10'], 'a thirteenth stands for the fifth'],
    ['C7(b9,#9)', ['b9:1 #9:3 3:4 b7:10'], 'two ninths push the fifth out'],
    ['C6/9', ['9:2 3:4 5:7 6:9'], 'a sixth chord keeps its sixth'],
    ['C7(no5)', ['R:0 3:4 b7:10'], 'three tones give three voices'],
  ])('%s: %j, %s', (symbol, expected) => {
    const all = stacksOf(symbol, 'close');
    for (const stack of expected) expect(all).toContain(stack);
    expect(all).toHaveLength(expected.reduce((sum, stack) => sum + stack.split(' ').length, 0));
  });

  it('voices alt with one altered fifth and one altered ninth, four ways', () => {
    const sets = stacksOf('C7alt', 'close').map((stack) =>
      stack.replace(/:\d+/g, '').split(' ').sort().join(' '),
    );
    expect([...new Set(sets)].sort()).toEqual(
      ['#5 #9 3 b7', '#5 3 b7 b9', '#9 3 b5 b7', '3 b5 b7 b9'].sort(),
    );
  });
});

describe('shells and guide tones (common practice)', () => {
  it.each([
    ['Cmaj7', ['R:0 3:4 7:11', 'R:0 7:11 3:16']],
    ['Cm7', ['R:0 b3:3 b7:10', 'R:0 b7:10 b3:15']],
    ['C6', ['R:0 3:4 6:9', 'R:0 6:9 3:16']],
    ['C7sus4', ['R:0 4:5 b7:10', 'R:0 b7:10 4:17']],
    ['Cdim7', ['R:0 b3:3 bb7:9', 'R:0 bb7:9 b3:15']],
    ['C', ['R:0 3:4 5:7', 'R:0 5:7 3:16']],
    ['C5', ['R:0 5:7 R:12']],
  ])('the shells of %s are %j', (symbol, expected) => {
    expect(stacksOf(symbol, 'shell')).toEqual(expected);
  });

  it.each([
    ['C7', ['3:4 b7:10', 'b7:10 3:16', 'b9:1 3:4 b7:10', '3:4 b7:10 b9:13', 'b7:10 b9:13 3:16']],
    ['C9', ['3:4 b7:10', 'b7:10 3:16']],
    ['C6', ['3:4 6:9', '6:9 3:16']],
    ['C', ['R:0 3:4', '3:4 R:12']],
    ['Cdim7', ['b3:3 b5:6 bb7:9', 'b5:6 bb7:9 b3:15', 'bb7:9 b3:15 b5:18']],
  ])('the guide tones of %s are %j, either one on top', (symbol, expected) => {
    expect(stacksOf(symbol, 'guide')).toEqual(expected);
  });

  it('add the flat ninth of a dominant only where its place in the changes has it', () => {
    const inContext = (text: string): string[] =>
      chordsInContext(parseChart(text).chart).map((each) =>
        each.kind === 'chord' && materialOf(each, defaultVoicingSettings).flatNine ? 'b9' : '-',
      );
    expect(inContext('| Dm7 G7 | Cmaj7 |')).toEqual(['-', 'b9', '-']);
    expect(inContext('key: C\n| Cmaj7 | Bb7 | Cmaj7 |')).toEqual(['-', '-', '-']);
  });

  it('may add the flat ninth that a symbol writes', () => {
    expect(stacksOf('C7b9', 'guide')).toContain('b7:10 b9:13 3:16');
  });
});

it('every family voices every chord of the vocabulary alike in all twelve keys', () => {
  const roots = 'C Db D Eb E F Gb G Ab A Bb B'.split(' ');
  for (const family of families.filter(({ of }) => of.kind === 'stacks')) {
    for (const quality of ['maj7', '7', 'm7', 'm7b5', 'dim7', '6', '7alt', '13', 'm', 'sus4']) {
      const [first, ...others] = roots.map((root) => stacksOf(root + quality, family.id));
      for (const other of others) expect(other).toEqual(first);
    }
  }
});

it('gives no voices to silence', () => {
  expect(chords('N.C.')[0]?.tones).toEqual([]);
});
