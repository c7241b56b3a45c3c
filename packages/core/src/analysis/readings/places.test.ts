/** Keys without a ii–V of their own. Common practice of modal and of third-related tunes; every expectation written by hand. */
import { parseChart } from '../../chart/parseChart';
import { analyzeChart } from '../analyzeChart';
import { transposeChart } from '../transposeChart';

const bars = (chord: string, count: number): string => `${`| ${chord} `.repeat(count)}|`;
const heard = (text: string) => analyzeChart(parseChart(text).chart);
/** Keys with their bars, then numbers without repetition. */
const told = (text: string): string => {
  const { keys, chords } = heard(text);
  const areas = keys.map(({ key, fromBar, toBar }) => `${key} ${fromBar}-${toBar}`).join(', ');
  const numbers = chords.map(({ numeral }) => numeral);
  return `${areas}: ${numbers.filter((each, at) => each !== numbers[at - 1]).join(' ')}`;
};

describe('a chord that stays is a place of its own', () => {
  const [a, b] = [bars('Dm7', 8), bars('Ebm7', 8)];
  it.each(['', 'key: Dm\n'])('in a modal tune of two minor sevenths (%j)', (head) => {
    const text = `${head}[A]\n${a}\n[A]\n${a}\n[B]\n${b}\n[A]\n${a}`;
    expect(told(text)).toBe('D minor 1-16, Eb minor 17-24, D minor 25-32: i7');
    expect(heard(text).homeKey).toBe('D minor');
    expect(heard(text).chords[0]!.scales[0]!.name).toBe('D Dorian');
  });
  it('of four bars, going nowhere, next to others', () => {
    const text = ['Cm7', 'Am7', 'Fm7', 'Ebm7'].map((chord) => bars(chord, 4)).join('\n');
    expect(told(text)).toBe('C minor 1-4, A minor 5-8, F minor 9-12, Eb minor 13-16: i7');
  });
  it('suspended: Mixolydian, and no V that waits', () => {
    const text = `${bars('G7sus4', 8)}\n${bars('Bb7sus4', 8)}`;
    expect(told(text)).toBe('G major 1-8, Bb major 9-16: I7sus4');
    expect(heard(text).chords[0]!.scales[0]!.name).toBe('G Mixolydian');
  });
  it('but a ii of four bars that goes to its V is none', () => {
    const text = `${bars('Dm7', 4)}\n${bars('G7', 4)}\n${bars('Cmaj7', 8)}`;
    expect(told(text)).toBe('C major 1-16: ii7 V7 Imaj7');
  });
  it('but iv of a long i is a colour of that key', () => {
    const text = `${bars('Gm7', 8)}\n${bars('Cm7', 8)}\n${bars('Gm7', 8)}`;
    expect(told(text)).toBe('G minor 1-24: i7 iv7 i7');
  });
  it('but vi before ii and V is none', () => {
    const text = ['Am7', 'Dm7', 'G7', 'Cmaj7'].map((chord) => bars(chord, 4)).join('\n');
    expect(told(text)).toBe('C major 1-16: vi7 ii7 V7 Imaj7');
  });
});

it('i7 and IV7 in turn are Dorian, unless they come to the tonic of a ii–V', () => {
  const vamp = bars('Dm7 G7', 8);
  expect(told(vamp)).toMatch(/^D minor 1-8: i7 IV7 i7 IV7/);
  expect(heard(vamp).chords[1]!.scales[0]!.name).toBe('G Mixolydian');
  expect(told(`${bars('Dm7 G7', 3)}\n| Cmaj7 | C6 |`)).toMatch(/^C major 1-5: ii7 V7/);
  expect(told(`key: C\n${vamp}`)).toMatch(/^C major 1-8: ii7 V7/);
});

describe('keys a third apart are heard each for itself', () => {
  it('where a bare V leads to each of them', () => {
    const text = '| Bmaj7 D7 | Gmaj7 Bb7 | Ebmaj7 | Am7 D7 | Gmaj7 Bb7 | Ebmaj7 F#7 | Bmaj7 |';
    const { keys, chords, landmarks } = heard(text);
    expect(keys.map(({ key }) => key.split(' ')[0]).join(' ')).toBe('B G Eb G Eb B');
    expect(new Set(chords.map(({ numeral }) => numeral))).toEqual(new Set(['Imaj7', 'V7', 'ii7']));
    expect(landmarks.map(({ label }) => label)).toEqual(
      expect.arrayContaining([
        'three keys, each a major third down: B, G, E♭',
        'three keys, each a major third down: G, E♭, B',
      ]),
    );
  });
  it('but a V of IV and a V of ii in one key make no chain', () => {
    expect(told('| Cmaj7 C7 | Fmaj7 | A7 | Dm7 G7 | Cmaj7 |')).toMatch(/^C major 1-5:/);
    expect(told('| C6 E7 | Am7 C7 | Fmaj7 D7 | G7 | C6 |')).toMatch(/^C major 1-5:/);
  });
});

it('a tune that leaves its tonic and comes back to it is in that key', () => {
  const text = '| Cmaj7 | C#m7 F#7 | Bmaj7 | Dm7 G7 | Cmaj7 |';
  expect(told(text)).toBe('C major 1-1, B major 2-3, C major 4-5: Imaj7 ii7 V7 Imaj7 ii7 V7 Imaj7');
  expect(heard(text).homeKey).toBe('C major');
});

it('a tune that begins with its ii–V ends at home with the same one', () => {
  const text = '| Gm7 C7 | Fmaj7 | Fm7 Bb7 | Ebmaj7 | Ebm7 Ab7 | Dbmaj7 | Gm7 | C7 |';
  expect(heard(text).homeKey).toBe('F major');
  expect(told(text)).toMatch(/^F major 1-2, Eb major 3-4, Db major 5-6, F major 7-8:/);
});

describe('a key needs its tonic', () => {
  it('or another one explains the chords: A minor with a phrase on flat II is not F major', () => {
    const text = `${bars('Am7', 4)}\n| Cm7 | F7 | Bbmaj7 | % | Bm7b5 | E7 | Am7 | % |`;
    for (const head of ['', 'key: Am\n']) {
      expect(told(head + text)).toBe('A minor 1-12: i7 ii7/bII V7/bII bIImaj7 iiø V7 i7');
    }
  });
  it('of its own kind: a major seventh at rest is no I and no V of minor', () => {
    const text = '| Dm7 | Gm7 | C7 | Fmaj7 | Bbmaj7 | E7 | Amaj7 | % |';
    expect(told(text)).toBe('F major 1-5, A major 6-8: vi7 ii7 V7 Imaj7 IVmaj7 V7 Imaj7');
  });
  it('but a tune in minor may end with a major triad', () => {
    const text = '| Am | Dm | E7 | Am | Bm7b5 E7 | A |';
    expect(told(text)).toBe('A minor 1-6: i iv V7 i iiø V7 I');
  });
  it('but the header is believed', () => {
    expect(told(`key: Bb\n${bars('Cm7 F7', 4)}`)).toMatch(/^Bb major 1-4:/);
  });
});

it('flat III, flat VI and flat II in major sevenths lead round to I in the key they are in', () => {
  for (const head of ['', 'key: G\n']) {
    const text = `${head}| Gmaj7 | % | Am7 | D7 | Gmaj7 Bbmaj7 | Ebmaj7 Abmaj7 |`;
    expect(told(text)).toBe('G major 1-6: Imaj7 ii7 V7 Imaj7 bIIImaj7 bVImaj7 bIImaj7');
  }
});

it('a major seventh rests on a raised fifth: it is no V of anything', () => {
  const text = '| Ebmaj7 | Edim7 | Fm7 | Bb7#5 | Ebmaj7#5 | Ab7 | Gm7 | C7b9 |';
  expect(told(text)).toBe('Eb major 1-8: Imaj7 #i°7 ii7 V7#5 I+maj7 subV7/iii iii7 V7/ii');
});

const MODAL = [bars('Dm7', 8), bars('Ebm7', 8)].join('\n');
const HEARD = [
  MODAL,
  `key: Dm\n${MODAL}`,
  ['Cm7', 'Am7', 'Fm7', 'Ebm7'].map((chord) => bars(chord, 4)).join('\n'),
  `${bars('G7sus4', 8)}\n${bars('Bb7sus4', 8)}`,
  bars('Dm7 G7', 8),
  `key: C\n${bars('Dm7 G7', 8)}`,
  '| Bmaj7 D7 | Gmaj7 Bb7 | Ebmaj7 | Am7 D7 | Gmaj7 Bb7 | Ebmaj7 F#7 | Bmaj7 |',
  '| Cmaj7 | C#m7 F#7 | Bmaj7 | Dm7 G7 | Cmaj7 |',
  '| Gm7 C7 | Fmaj7 | Fm7 Bb7 | Ebmaj7 | Ebm7 Ab7 | Dbmaj7 | Gm7 | C7 |',
  `${bars('Am7', 4)}\n| Cm7 | F7 | Bbmaj7 | % | Bm7b5 | E7 | Am7 | % |`,
  '| Dm7 | Gm7 | C7 | Fmaj7 | Bbmaj7 | E7 | Amaj7 | % |',
  '| Gmaj7 | % | Am7 | D7 | Gmaj7 Bbmaj7 | Ebmaj7 Abmaj7 |',
];
it('all of it is heard alike in every key: numbers, and where keys change (144 charts)', () => {
  let charts = 0;
  for (const text of HEARD) {
    const own = parseChart(text).chart;
    const shape = (semitones: number): string => {
      const { keys, chords } = analyzeChart(transposeChart(own, semitones));
      const areas = keys.map(
        ({ key, fromBar, toBar }) => `${key.split(' ')[1]} ${fromBar}-${toBar}`,
      );
      return [...areas, ...chords.map(({ numeral }) => numeral)].join(' ');
    };
    for (let semitones = 0; semitones < 12; semitones += 1) {
      expect(shape(semitones)).toBe(shape(0));
      charts += 1;
    }
  }
  expect(charts).toBe(144);
});
