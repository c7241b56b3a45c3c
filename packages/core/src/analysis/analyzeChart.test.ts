import { parseChart } from '../chart/parseChart';
import { analyzeChart } from './analyzeChart';
import { transposeChart } from './transposeChart';
import type { ChartAnalysis, LandmarkKind } from './base/types';

const analysed = (text: string): ChartAnalysis => analyzeChart(parseChart(text).chart);
const marks = (text: string, kind: LandmarkKind): string[] =>
  analysed(text)
    .landmarks.filter((mark) => mark.kind === kind)
    .map(({ fromBar, toBar, label }) => `${fromBar}-${toBar} ${label}`);

const A = '| Ebmaj7 | Cm7 | Fm7 | Bb7 | Gm7 C7b9 | Fm7 Bb7 | Eb6 | Fm7 Bb7 |';
const A_UP = '| Emaj7 | C#m7 | F#m7 | B7 | G#m7 C#7b9 | F#m7 B7 | E6 | F#m7 B7 |';
const B = '| Bbm7 | Eb7 | Abmaj7 | % | Am7 | D7 | Gm7 C7 | Fm7 Bb7 |';
const C = '| Abmaj7 | Abm6 | Gm7 | C7 | Fm7 | Bb7 | Eb6 | % |';

describe('key areas: fewest changes that explain the chords', () => {
  it('stays in one key through secondary dominants and borrowed chords', () => {
    expect(analysed(`key: Eb\n${A}\n| Abmaj7 | Abm6 | Gm7 C7 | Fm7 Bb7 |`).keys).toEqual([
      { key: 'Eb major', fromBar: 1, toBar: 12 },
    ]);
  });
  it('follows a bridge that travels, and comes home with its V', () => {
    const bridge = '| Amaj7 | Bm7 E7 | Amaj7 | Dm7 G7 | Cmaj7 | Dm7 G7 | Cmaj7 Am7 | Fm7 Bb7 |';
    expect(analysed(`key: Eb\n${A}\n${bridge}\n${A}`).keys).toEqual([
      { key: 'Eb major', fromBar: 1, toBar: 8 },
      { key: 'A major', fromBar: 9, toBar: 11 },
      { key: 'C major', fromBar: 12, toBar: 15 },
      { key: 'Eb major', fromBar: 16, toBar: 24 },
    ]);
  });
  it('keeps a ii–V of two bars without its tonic inside the key round it', () => {
    const { keys } = analysed('key: C\n| Cmaj7 | % | Fm7 | Bb7 | Em7 | Am7 | Dm7 | G7 |');
    expect(keys).toHaveLength(1);
  });
  it('finds the key by itself when the header names none', () => {
    expect(analysed(A).homeKey).toBe('Eb major');
    expect(analysed('| Dm7b5 | G7b9 | Cm6 | Ab7 G7 |').homeKey).toBe('C minor');
    expect(analysed('| F7 | Bb7 | F7 | % | Bb7 | % | F7 | D7 | Gm7 | C7 | F7 | C7 |').homeKey).toBe(
      'F major',
    );
  });
  it('is not misled by a header that names a key the chart is never in', () => {
    expect(analysed(`key: C\n${A}\n${A}`).homeKey).toBe('Eb major');
  });
  it('spells a key as its chords are written', () => {
    expect(analysed('| F#maj7 | G#m7 C#7 | F#6 |').homeKey).toBe('F# major');
    expect(analysed('| Gbmaj7 | Abm7 Db7 | Gb6 |').homeKey).toBe('Gb major');
  });
});

describe('where two readings are honest, both are given with a reason', () => {
  it('iii of the key is also the ii of a V of ii', () => {
    const [chord] = analysed('key: Eb\n| Gm7 C7 | Fm7 Bb7 | Ebmaj7 |').chords;
    expect(chord?.numeral).toBe('iii7');
    expect(chord?.otherwise).toContainEqual({
      key: 'Eb major',
      numeral: 'ii7/ii',
      function: 'predominant',
      reason: 'the ii that goes with the V of ii',
    });
  });
  it('a chart in E minor may be heard in G major', () => {
    const text = 'key: Em\n| Am7 | D7 | Gmaj7 | Cmaj7 | F#m7b5 | B7b9 | Em6 | % |';
    const first = analysed(text).chords[0];
    expect(first?.numeral).toBe('iv7');
    expect(first?.otherwise.map(({ key, numeral }) => `${numeral} of ${key}`)).toContain(
      'ii7 of G major',
    );
  });
  it('a passing diminished chord is also V7b9 of what it leads to', () => {
    const chords = analysed('key: C\n| C6 C#dim7 | Dm7 G7 |').chords;
    expect(chords[1]?.otherwise[0]).toMatchObject({ numeral: 'vii°7/ii', function: 'dominant' });
  });
});

// Common practice: the pair slides down into the ii–V of the key, in minor as in major.
describe('a ii–V a half step above the one that follows it', () => {
  const read = (tune: string, halfSteps: number): string =>
    analyzeChart(transposeChart(parseChart(tune).chart, halfSteps))
      .chords.slice(1, 5)
      .map(({ numeral }) => numeral)
      .join(' ');
  it.each([...Array(12).keys()])('is the ii and the substitute of V of V, %i up', (up) => {
    expect(read('key: C\n| C6 | Ebm7 Ab7 | Dm7 | G7 | Cmaj7 |', up)).toBe(
      'ii7/subV/V subV7/V ii7 V7',
    );
    expect(read('key: Cm\n| Cm7 | Ebm7 Ab7 | Dm7b5 | G7b9 | Cm6 |', up)).toBe(
      'ii7/subV/V subV7/V iiø V7',
    );
  });
  it('by itself a bVI7 in minor that is not followed by V stays bVI7', () => {
    const { chords } = analysed('key: Cm\n| Cm6 | Ab7 | Dm7b5 | G7 | Cm6 |');
    expect(chords[1]).toMatchObject({ numeral: 'bVI7', function: 'predominant' });
  });
});

describe('sections', () => {
  const sections = (text: string): string[] =>
    analysed(text).sections.map(({ name, fromBar, toBar, sameAs, nearly }) => {
      const same = sameAs
        ? ` = ${sameAs.name}${sameAs.semitones ? ` ${sameAs.semitones}` : ''}`
        : '';
      const near = nearly ? ` ~ ${nearly.name} but ${nearly.exceptBars.join()}` : '';
      return `${name} ${fromBar}-${toBar}${same}${near}`;
    });
  it('says when a section is another again, or another moved', () => {
    expect(sections(`[A]\n${A}\n[A]\n${A_UP}\n[B]\n${B}\n[A]\n${A}`)).toEqual([
      'A1 1-8',
      'A2 9-16 = A1 1',
      'B 17-24',
      'A3 25-32 = A1',
    ]);
  });
  it('says which bars differ when a section is nearly another', () => {
    const end = A.replace('| Eb6 | Fm7 Bb7 |', '| Eb6 | Bm7 E7 |');
    expect(sections(`[A]\n${A}\n[A]\n${end}`)).toEqual(['A1 1-8', 'A2 9-16 ~ A1 but 16']);
  });
  it('does not mind other colours on the same chords', () => {
    const coloured = A.replaceAll('Bb7', 'Bb13').replace('Cm7', 'Cm9');
    expect(sections(`[A]\n${A}\n[A]\n${coloured}`)[1]).toBe('A2 9-16 = A1');
  });
  it('names the phrases of a chart without labels by what recurs', () => {
    expect(sections([A, A, B, A].join('\n'))).toEqual([
      'A1 1-8',
      'A2 9-16 = A1',
      'B 17-24',
      'A3 25-32 = A1',
    ]);
  });
  it('counts repeats as they are played', () => {
    expect(sections(`[A]\n|: Cmaj7 | Dm7 G7 :|\n[B]\n| Fm7 | Bb7 |`)).toEqual([
      'A1 1-2',
      'A2 3-4 = A1',
      'B 5-6',
    ]);
  });
  it('together are the whole, each bar in one of them', () => {
    const text = `| F6 | G7 |\n[A]\n${A}\n[B]\n|: ${B.slice(1, -1)} :|\n[Tag] | Eb6 |`;
    const { sections: parts } = analysed(text);
    const bars = parts.flatMap(({ fromBar, toBar }) =>
      Array.from({ length: toBar - fromBar + 1 }, (_, at) => fromBar + at),
    );
    expect(bars).toEqual(Array.from({ length: 27 }, (_, at) => at + 1));
    expect(parts.map(({ name }) => name)).toEqual(['Intro', 'A', 'B1', 'B2', 'Tag']);
  });
  it('writes each in a line of numbers', () => {
    const [first] = analysed('key: C\n[A]\n| Cmaj7 A7 | Dm7 | % | G7 |').sections;
    expect(first?.map).toBe('Imaj7 V7/ii | ii7 | % | V7');
  });
});

describe('forms', () => {
  const blues = '| Bb7 | Eb7 | Bb7 | % | Eb7 | Edim7 | Bb7 | G7 | Cm7 | F7 | Bb7 | F7 |';
  it('knows twelve bars of blues, twice through as well', () => {
    expect(marks(blues, '12-bar blues')).toEqual(['1-12 twelve-bar blues in B♭']);
    expect(marks(`${blues}\n${blues}`, '12-bar blues')).toHaveLength(2);
  });
  it('knows a blues with a major seventh in its first bar and ii–Vs on the way to IV', () => {
    const text = '| Fmaj7 | Em7b5 A7 | Dm7 G7 | Cm7 F7 | Bb7 | Bbm7 Eb7 | F7 | Abm7 Db7 |';
    const found = marks(`${text}\n| Gm7 | C7 | F7 D7 | Gm7 C7 |`, '12-bar blues');
    expect(found).toEqual(['1-12 twelve-bar blues in F']);
  });
  it('knows a minor blues', () => {
    const minor = '| Cm7 | Fm7 | Cm7 | % | Fm7 | % | Cm7 | % | Ab7 | G7 | Cm7 | G7 |';
    expect(marks(minor, 'minor blues')).toEqual(['1-12 twelve-bar blues in C minor']);
    expect(marks(minor, '12-bar blues')).toEqual([]);
  });
  it('takes no twelve bars without a IV in bar 5 for a blues', () => {
    expect(marks(`${A}| Eb6 | % | Fm7 | Bb7 |`, '12-bar blues')).toEqual([]);
  });
  it('knows AABA and ABAC by what recurs', () => {
    expect(marks([A, A, B, A].join('\n'), 'AABA')).toEqual(['1-32 32-bar AABA']);
    expect(marks([A, B, A, C].join('\n'), 'ABAC')).toEqual(['1-32 32-bar ABAC']);
    expect(marks([A, B, C, A].join('\n'), 'AABA')).toEqual([]);
    expect(marks([A, A, A, A].join('\n'), 'AABA')).toEqual([]);
  });
  it('leaves an intro and a tag outside the form', () => {
    const text = `[Intro] | Fm7 | Bb7 |\n[A]\n${A}\n[A]\n${A}\n[B]\n${B}\n[A]\n${A}\n[Tag] | Eb6 |`;
    expect(marks(text, 'AABA')).toEqual(['3-34 32-bar AABA']);
  });
  it('knows a rhythm-type A section and the dominant-cycle bridge', () => {
    const a = '| Bb6 G7 | Cm7 F7 | Dm7 G7 | Cm7 F7 | Fm7 Bb7 | Eb6 Edim7 | Bb6 G7 | Cm7 F7 |';
    const last = '| Bb6 G7 | Cm7 F7 | Dm7 G7 | Cm7 F7 | Fm7 Bb7 | Eb6 Ebm6 | Dm7 G7 | Bb6 |';
    const bridge = '| D7 | % | Dm7 | G7 | C7 | % | Cm7 | F7 |';
    const text = `key: Bb\n[A]\n${a}\n[A]\n${last}\n[B]\n${bridge}\n[A]\n${last}`;
    expect(marks(text, 'rhythm A')).toHaveLength(3);
    expect(marks(text, 'dominant-cycle bridge')).toEqual(['17-24 dominant-cycle bridge from D7']);
    expect(marks(`key: Eb\n${[A, B].join('\n')}`, 'rhythm A')).toEqual([]);
  });
});

describe('a cycle of fifths', () => {
  it('goes over the tritone of the key, from IV to vii', () => {
    const text = 'key: C\n| Cmaj7 | Fmaj7 | Bm7b5 | Em7 | Am7 | Dm7 | G7 | Cmaj7 |';
    expect(marks(text, 'cycle of fifths')).toEqual([
      '1-8 cycle of fifths, eight chords from C to C',
    ]);
  });
  it('and over no other: Dbmaj7 between two Gm7s breaks it', () => {
    const text = 'key: F\n| E7 | Am7 | D7 | Gm7 | Dbmaj7 | Gm7 | C7 | Fmaj7 |';
    expect(marks(text, 'cycle of fifths')).toEqual([]);
  });
});

describe('one sound over a run of chords', () => {
  it('is named with the bars it covers', () => {
    const { sounds } = analysed(
      'key: Bm\n| Bm7 | C#m7b5 F#7 | Bm6 | Gmaj7 F#7 | D7 | G7 | C7 | F7 |',
    );
    expect(sounds[0]).toMatchObject({ fromBar: 1, toBar: 4, label: '4 bars of B minor' });
  });
  it('is joined over neighbouring phrases', () => {
    const { sounds } = analysed(`key: C\n| Cmaj7 | Am7 | Dm7 | G7 |\n| Em7 | Am7 | Dm7 G7 | C6 |`);
    expect(sounds.map(({ label }) => label)).toEqual(['8 bars of C major']);
  });
});

describe('odd charts', () => {
  it.each(['', '| N.C. |', '| ??? |', 'key: C\n| . |', '| C |', 'pickup: 1\n| G7 | C |'])(
    '%j is analysed without trouble',
    (text) => {
      const { chords } = analysed(text);
      for (const chord of chords) expect(chord.numeral).not.toBe('');
    },
  );
  it('gives N.C. no number and no pool', () => {
    const chord = analysed('| C6 | N.C. | G7 |').chords[1];
    expect(chord).toMatchObject({ symbol: 'N.C.', numeral: 'N.C.', scales: [] });
  });
  it('gives the same answer every time', () => {
    const text = `key: Eb\n${[A, A_UP, B, C].join('\n')}`;
    expect(analysed(text)).toEqual(analysed(text));
  });
  it('follows changes of meter: a waltz bar in the middle keeps the numbers and the bars', () => {
    const { chords } = analysed('key: C\n| Dm7 G7 | 3/4 Cmaj7 | 4/4 Dm7 | G7 |');
    expect(chords.map(({ bar, numeral }) => `${bar} ${numeral}`)).toEqual([
      '1 ii7',
      '1 V7',
      '2 Imaj7',
      '3 ii7',
      '4 V7',
    ]);
  });
});
