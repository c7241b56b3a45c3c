import { parseChart } from '../../chart/parseChart';
import { QUALITIES } from '../../chord/data';
import { pitchClassOf } from '../../pitch/spelling';
import { chord } from '../../testing/builders';
import { analyzeChart } from '../analyzeChart';
import type { ChordAnalysis, School } from '../base/types';

const analysed = (text: string, key = 'C', school: School = 'by function'): ChordAnalysis[] => [
  ...analyzeChart(parseChart(`key: ${key}\n${text}`).chart, { school }).chords,
];
const find = (text: string, symbol: string, key = 'C'): ChordAnalysis =>
  analysed(text, key).find((chord) => chord.symbol === symbol)!;
const byFunction = (chord: ChordAnalysis): string[] =>
  chord.scales.flatMap(({ name, school }) => (school === 'by function' ? [name] : []));
const tensions = (chord: ChordAnalysis): string =>
  chord.tensions.map(({ degree }) => degree).join(' ');

describe('scales by function (common practice)', () => {
  it.each([
    ['| Cmaj7 | Am7 | Dm7 | G7 |', 'Cmaj7', 'C', ['C Ionian', 'C Lydian']],
    ['| Cmaj7 | Am7 | Dm7 | G7 |', 'Am7', 'C', ['A Aeolian', 'A Dorian']],
    ['| Cmaj7 | Am7 | Dm7 | G7 |', 'Dm7', 'C', ['D Dorian', 'D Aeolian']],
    ['| Cmaj7 | Fmaj7 | Em7 | G7 |', 'Fmaj7', 'C', ['F Lydian', 'F Ionian']],
    ['| Cmaj7 | Fmaj7 | Em7 | G7 |', 'Em7', 'C', ['E Phrygian', 'E Dorian']],
    ['| Cmaj7 | Am7 | Dm7 | G7 |', 'G7', 'C', ['G Mixolydian', 'G Lydian b7']],
    ['| Dm7b5 | G7 | Cm6 |', 'G7', 'Cm', ['G Mixolydian b9 b13', 'G altered']],
    ['| Dm7b5 | G7 | Cm6 |', 'Dm7b5', 'Cm', ['D Locrian', 'D Locrian natural 9']],
    ['| Dm7b5 | G7 | Cm6 |', 'Cm6', 'Cm', ['C melodic minor', 'C Dorian']],
    ['| Cmaj7 | A7 | Dm7 | G7 |', 'A7', 'C', ['A Mixolydian b9 b13', 'A altered']],
    ['| Cmaj7 | C7 | Fmaj7 | G7 |', 'C7', 'C', ['C Mixolydian', 'C Lydian b7']],
    ['| Cmaj7 | Fm7 Bb7 | Cmaj7 |', 'Bb7', 'C', ['Bb Lydian b7', 'Bb Mixolydian']],
    ['| Dm7 | Db7 | Cmaj7 |', 'Db7', 'C', ['Db Lydian b7', 'Db Mixolydian']],
    ['| C6 C#dim7 | Dm7 G7 |', 'C#dim7', 'C', ['C# whole-half diminished']],
    ['| C C+ | C6 C7 | Fmaj7 |', 'C+', 'C', ['C Lydian augmented', 'C whole tone']],
    ['| Dm7 | G+ | Cmaj7 |', 'G+', 'C', ['G whole tone', 'G Lydian augmented']],
    ['| Cmaj7 | Fm6 | Cmaj7 |', 'Fm6', 'C', ['F melodic minor', 'F Dorian']],
  ])('%s: %s in %s takes %j', (text, symbol, key, scales) => {
    expect(byFunction(find(text, symbol, key)).slice(0, 2)).toEqual(scales);
  });

  it('puts the scale first that has most of the key: G7 in F minor', () => {
    const [first] = find('| Fm7 | G7 | C7 | Fm6 |', 'G7', 'Fm').scales;
    expect(first?.name).toBe('G Mixolydian b9 b13');
    expect(first?.when).not.toContain('as the key has it');
  });

  it('gives IV7 of a blues Lydian b7', () => {
    const blues = '| F7 | Bb7 | F7 | % | Bb7 | % | F7 | % | C7 | Bb7 | F7 | C7 |';
    expect(byFunction(find(blues, 'Bb7', 'F'))[0]).toBe('Bb Lydian b7');
  });

  it.each([
    ['G7alt', ['G altered']],
    ['G7b9', ['G Mixolydian b9 b13', 'G altered', 'G half-whole diminished']],
    ['G13b9', ['G half-whole diminished']],
    ['G7#11', ['G Lydian b7', 'G altered', 'G half-whole diminished', 'G whole tone']],
    ['G9', ['G Mixolydian', 'G Lydian b7', 'G whole tone', 'G Mixolydian b13']],
    ['G7#5', ['G altered', 'G whole tone']],
    ['G7sus4(b9)', ['G Mixolydian b9 b13', 'G Dorian b9']],
  ])('what %s says itself decides: %j', (symbol, scales) => {
    expect(byFunction(find(`| Dm7 | ${symbol} | Cmaj7 |`, symbol))).toEqual(scales);
  });

  it('offers nothing that contradicts a written tone but for fewer notes, on any demo-like chart', () => {
    const text =
      '| Dm7b5 | G7b9 | Cm6 | Cm7 | F7#11 | Bbm6 Eb7 | Am7b5 D7alt | Gm(maj7) | C7b13 | Fmaj7#5 |';
    let pools = 0;
    for (const { symbol, scales } of analysed(text)) {
      for (const { school, name, notes } of scales) {
        if (school === 'simple') continue;
        const has = new Set(notes.map((note) => pitchClassOf(note) as number));
        const lacking = chord(symbol).tones.filter(
          ({ degree, note }) => degree !== '5' && !has.has(pitchClassOf(note)),
        );
        expect([symbol, name, lacking]).toEqual([symbol, name, []]);
        pools += 1;
      }
    }
    expect(pools).toBeGreaterThan(30);
  });

  it('offers no scale by function that lacks a tone of its chord, on any demo-like chart', () => {
    const text = '| Cmaj7#5 | C+ | Fm(maj7) | E7b5 | Am13 | D13#11 | G7(b9,b13) | C6/9 |';
    for (const chord of analysed(text)) expect(byFunction(chord).length).toBeGreaterThan(0);
  });
});

describe('every chord has its scales by function, wherever it stands', () => {
  const contexts = (symbol: string): string[] => [
    `| ${symbol} |`,
    `| ${symbol} | Fmaj7 |`,
    `| Gm7 | ${symbol} | Fmaj7 |`,
    `| Gm7b5 | ${symbol} | Fm6 |`,
    `| ${symbol} | Bmaj7 |`,
    `| F6 | ${symbol} | F6 |`,
    `| Am7 | ${symbol} | Dm7 | G7 | Cmaj7 |`,
  ];
  const qualities = [
    ...QUALITIES.map(([spellings]) => spellings.split(' ')[0] ?? ''),
    ...'sus4b9 7sus4b9 13sus4b9 maj7sus4 maj7b5 7b9#11 13#11 13#9 m(maj9) 6/9#11 dim(maj7) m7#5'.split(
      ' ',
    ),
  ];

  it('and the first holds every tone of it, a natural fifth too but beside #9', () => {
    let asked = 0;
    for (const quality of qualities) {
      const symbol = `C${quality}`;
      const { tones } = chord(symbol);
      const hasSharpNinth = tones.some(({ degree }) => degree === '#9');
      for (const text of contexts(symbol)) {
        const { chords } = analyzeChart(parseChart(text).chart);
        const found = chords.find((each) => each.symbol === symbol)!;
        const first = found.scales.find(({ school }) => school === 'by function');
        const has = new Set(first?.notes.map((note) => pitchClassOf(note)));
        const lacking = tones.filter(
          ({ degree, note }) => !has.has(pitchClassOf(note)) && !(degree === '5' && hasSharpNinth),
        );
        expect([symbol, text, first?.name, lacking]).toEqual([
          symbol,
          text,
          expect.any(String),
          [],
        ]);
        asked += 1;
      }
    }
    expect(asked).toBe(7 * qualities.length);
  });

  it.each([
    ['| Csus4b9 |', 'Csus4b9', 'C Phrygian'],
    ['| F | Cdim(maj7) | F |', 'Cdim(maj7)', 'C whole-half diminished'],
    ['| Gm7 | Cmaj7#11 | Fmaj7 |', 'Cmaj7#11', 'C Lydian'],
    ['| C7(b9,b13) |', 'C7(b9,b13)', 'C Mixolydian b9 b13'],
    ['| Am7 | C7b13 | Dm7 | G7 | Cmaj7 |', 'C7b13', 'C Mixolydian b13'],
    ['| Gm7b5 | C7#9 | Fm6 |', 'C7#9', 'C altered'],
  ])('%s: first over %s %s', (text, symbol, scale) => {
    const { chords } = analyzeChart(parseChart(text).chart);
    expect(byFunction(chords.find((each) => each.symbol === symbol)!)[0]).toBe(scale);
  });
});

describe('the other schools (common practice)', () => {
  it.each([
    ['Dm7', 'F major sixth-diminished'],
    ['Dm7b5', 'F minor sixth-diminished'],
    ['G7', 'D minor sixth-diminished'],
    ['Cmaj7', 'C major sixth-diminished'],
    ['Cm6', 'C minor sixth-diminished'],
  ])('sixth and diminished reads %s as %s', (symbol, name) => {
    const { scales } = find(`| ${symbol} | C6 |`, symbol);
    expect(scales.filter(({ school }) => school === 'sixth and diminished')[0]?.name).toBe(name);
  });
  it('parent minor hears a ii–V as one minor sound, and keeps it over a V it does not contradict', () => {
    const parent = (text: string, symbol: string): string | undefined =>
      find(text, symbol).scales.find(({ school }) => school === 'parent minor')?.name;
    expect(parent('| Dm7 | G7 | Cmaj7 |', 'Dm7')).toBe('D Dorian');
    expect(parent('| Dm7 | G7 | Cmaj7 |', 'G7')).toBe('D Dorian');
    expect(parent('| Bm7b5 | E7 | Am7 |', 'Bm7b5')).toBe('D melodic minor');
    // D melodic minor has G where E7 has G#.
    expect(parent('| Bm7b5 | E7 | Am7 |', 'E7')).toBe('F melodic minor');
  });
  it('simple pools: the key, a blues colour, a dominant’s triad and the minor triad on its fifth', () => {
    const simple = find('| Dm7 | G7 | Cmaj7 |', 'G7').scales.flatMap(({ name, school }) =>
      school === 'simple' ? [name] : [],
    );
    expect(simple).toEqual([
      'C major pentatonic',
      'C minor pentatonic',
      'C blues',
      'G triad',
      'D minor triad',
    ]);
    // Every dominant of a cycle has its pentatonic, the last one too.
    for (const symbol of ['D7', 'G7', 'C7', 'F7']) {
      const cycle = find('| D7 | G7 | C7 | F7 | Bb6 |', symbol, 'Bb').scales;
      const [first] = cycle.filter(({ school }) => school === 'simple');
      expect(first?.name).toBe(`${symbol.charAt(0)} major pentatonic`);
    }
  });
  it.each([
    // What contradicts, worked out by hand: A over A flat; C, D and A over C#; the blue third stands over a major one.
    ['| Cmaj7 | Fm7 Bb7 | Cmaj7 |', 'Fm7', ['C minor pentatonic', 'C blues', 'F minor triad']],
    ['| Cmaj7 | F#m7 B7 | Em7 | Cmaj7 |', 'F#m7', ['F# minor triad']],
    [
      '| Cmaj7 | A7 | Dm7 | G7 |',
      'A7',
      ['A major pentatonic', 'C minor pentatonic', 'C blues', 'A triad', 'E minor triad'],
    ],
    [
      '| Cmaj7 | D7 | Dm7 | G7 |',
      'D7',
      [
        'D major pentatonic',
        'C major pentatonic',
        'C minor pentatonic',
        'C blues',
        'D triad',
        'A minor triad',
      ],
    ],
  ])('%s: over %s the pools of the key that contradict it are left out', (text, symbol, pools) => {
    const { scales } = find(text, symbol);
    expect(scales.flatMap(({ name, school }) => (school === 'simple' ? [name] : []))).toEqual(
      pools,
    );
  });
  it('in minor the blues of the key goes over all of ii, V and i', () => {
    for (const { symbol, scales } of analysed('| Dm7b5 | G7b9 | Cm6 |', 'Cm')) {
      expect([symbol, scales.map(({ name }) => name)]).toEqual([
        symbol,
        expect.arrayContaining(['C blues']),
      ]);
    }
  });
  it('names the parent of a mode, and the relative major of a minor pentatonic', () => {
    const parents = (text: string, symbol: string, key?: string) =>
      Object.fromEntries(find(text, symbol, key).scales.map(({ name, parent }) => [name, parent]));
    expect(parents('| Cm7 | F7 | Bbmaj7 |', 'F7', 'Bb')).toMatchObject({
      'F Mixolydian': 'Bb major from F',
      'F altered': 'Gb melodic minor from F',
      'Bb minor pentatonic': 'Db major pentatonic from Bb',
    });
  });
  it('puts the chosen school first and keeps the others', () => {
    const [chord] = analysed('| Dm7 | G7 |', 'C', 'parent minor');
    expect(chord?.scales[0]?.school).toBe('parent minor');
    expect(new Set(chord?.scales.map(({ school }) => school)).size).toBe(4);
  });
  it('says of every pool when it fits', () => {
    const whens = analysed('| Dm7 | G7 | Cmaj7 | Bbdim7 |').flatMap(({ scales }) =>
      scales.map(({ when }) => when.length),
    );
    expect(Math.min(...whens)).toBeGreaterThan(3);
  });
});

describe('tensions and notes to avoid (common practice)', () => {
  it.each([
    ['| Cmaj7 | Am7 | Dm7 | G7 |', 'Cmaj7', '9 13', ['F']],
    ['| Cmaj7 | Am7 | Dm7 | G7 |', 'Dm7', '9 11 13', []],
    ['| Cmaj7 | Am7 | Dm7 | G7 |', 'Am7', '9 11', ['F']],
    ['| Cmaj7 | Am7 | Dm7 | G7 |', 'G7', '9 13', ['C']],
    ['| Cmaj7 | Fmaj7 | Em7 | G7 |', 'Fmaj7', '9 #11 13', []],
    ['| Cmaj7 | Fmaj7 | Em7 | G7 |', 'Em7', '11', ['F', 'C']],
    ['| Cmaj7 | A7 | Dm7 | G7 |', 'A7', 'b9 b13', ['D']],
    ['| Dm7 | Db7 | Cmaj7 |', 'Db7', '9 #11 13', []],
    ['| C6 C#dim7 | Dm7 G7 |', 'C#dim7', '9 11 b13 7', []],
  ])('%s: %s may take %s and avoids %j', (text, symbol, may, avoid) => {
    expect(tensions(find(text, symbol))).toBe(may);
    expect(find(text, symbol).avoid).toEqual(avoid);
  });
  it('offers nothing the symbol contradicts: no 9 on a written b9', () => {
    expect(tensions(find('| Dm7 | G7b9 | Cmaj7 |', 'G7b9'))).not.toMatch(/(^| )9/);
    expect(tensions(find('| Dm7 | G9 | Cmaj7 |', 'G9'))).not.toMatch(/[b#]9/);
  });
  it.each([
    ['| Dm7 | G7 | Cmaj7 |', 'G7', 'Ab'],
    ['| Dm7 | G7b9 | Cmaj7 |', 'G7b9', 'Ab'],
    ['| A7 | Dm7 | G7 | Cmaj7 |', 'A7', 'Bb'],
    ['| Dm7 | Db7 | Cmaj7 |', 'Db7', undefined],
    ['| Dm7 | G9 | Cmaj7 |', 'G9', undefined],
    ['| Dm7 | G7sus4 | Cmaj7 |', 'G7sus4', undefined],
  ])('%s: the b9 of %s may lead as a third guide tone: %s', (text, symbol, note) => {
    expect(find(text, symbol).thirdGuide?.note).toBe(note);
  });
});
