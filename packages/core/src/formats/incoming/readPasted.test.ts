/** Ways in which people write changes in letters, tables and lists. Common practice; every expectation written by hand first. */
import fc from 'fast-check';
import { formatChart } from '../../chart/formatChart';
import { parseMeter } from '../../chart/meter';
import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { demoTexts } from '../../testing/demo';
import { readPasted } from './readPasted';
import { DEFAULT_HABITS } from './types';

const only = (text: string, habits = DEFAULT_HABITS) => {
  const { tunes } = readPasted(text, habits);
  expect(tunes).toHaveLength(1);
  expect(tunes[0]!.problems).toEqual([]);
  return tunes[0]!;
};
const textOf = (text: string): string => only(text).fields.text;

describe('bars are parted', () => {
  it.each([
    ['by bar lines without outer ones', 'Dm7 | G7 | Cmaj7 | A7', '| Dm7 | G7 | Cmaj7 | A7 |'],
    ['by bar lines of a word processor', '│ Dm7 │ G7 ‖', '| Dm7 | G7 |'],
    ['by tabs', 'Dm7\tG7\tCmaj7\tA7 D7', '| Dm7 | G7 | Cmaj7 | A7 D7 |'],
    ['by tabs, an empty cell holding on', 'Dm7\t\tCmaj7', '| Dm7 | . | Cmaj7 |'],
    ['by arrows', 'Dm7 -> G7 → Cmaj7', '| Dm7 | G7 | Cmaj7 |'],
    ['by dashes', 'Dm7 - G7 - Cmaj7', '| Dm7 | G7 | Cmaj7 |'],
    ['by long dashes', 'Dm7 – G7 – Cmaj7 – A7', '| Dm7 | G7 | Cmaj7 | A7 |'],
    ['by commas', 'Dm7, G7(b9,b13), Cmaj7', '| Dm7 | G7(b9,b13) | Cmaj7 |'],
    [
      'by line ends, a bar a line',
      'Dm7\nG7 C7\nFmaj7\nE7 A7\nDm7',
      '| Dm7 | G7 C7 | Fmaj7 | E7 A7 |\n| Dm7 |',
    ],
    ['by spaces, a bar a chord', 'Dm7 G7 Cmaj7 A7', '| Dm7 | G7 | Cmaj7 | A7 |'],
  ])('%s', (_, text, chart) => {
    expect(textOf(text)).toBe(chart);
  });
  it.each([
    ['by joined dashes', 'C#m7b5-F#7-B-7-E7', '| C#m7b5 | F#7 | B-7 | E7 |'],
    ['in a list', '- Dm7 G7\n- Cmaj7\n* Fmaj7 Bb7', '| Dm7 G7 | Cmaj7 | Fmaj7 Bb7 |'],
    [
      'in a table with a head',
      '| Dm7 | G7 |\n|-----|:--:|\n| C6 | C6 |',
      '| Dm7 | G7 |\n| C6 | C6 |',
    ],
    ['under stress', '**Dm7** | *G7* | _Cmaj7_', '| Dm7 | G7 | Cmaj7 |'],
    ['by strokes, where they are no beats', 'Dm7 G7 / Cmaj7 / A7 D7', '| Dm7 G7 | Cmaj7 | A7 D7 |'],
    ['by two strokes', 'Dm7 G7 // Cmaj7 // Em7 A7', '| Dm7 G7 | Cmaj7 | Em7 A7 |'],
    ['among pictures', '🎷 Dm7 | G7 | C6 🎶', '| Dm7 | G7 | C6 |'],
    ['by greater-than signs', 'Dm7 > G7 > Cmaj7', '| Dm7 | G7 | Cmaj7 |'],
    ['with their numbers', '1 Dm7 | 2 G7 | 3 Cmaj7 | 4 %', '| Dm7 | G7 | Cmaj7 | % |'],
    ['on a page', '<b>Dm7</b> | <span class="x">G7</span> | C6<br>', '| Dm7 | G7 | C6 |'],
    [
      'in a table of a page',
      '<tr><td>Dm7</td><td>G7</td></tr>\n<tr><td>C6</td><td>A7</td></tr>',
      '| Dm7 | G7 |\n| C6 | A7 |',
    ],
    ['behind a meter', '3/4 | Dm7 | G7 | 4/4 C6 |', '| 3/4 Dm7 | G7 | 4/4 C6 |'],
    [
      'in columns, chords of a bar close together',
      'Bb7    Eb7     Bb7     Fm7 Bb7\nEb7    Edim7   Bb7 G7    Cm7\nF7     Bb7     G7      Cm7 F7',
      '| Bb7 | Eb7 | Bb7 | Fm7 Bb7 |\n| Eb7 | Edim7 | Bb7 G7 | Cm7 |\n| F7 | Bb7 | G7 | Cm7 F7 |',
    ],
  ])('%s', (_, text, chart) => {
    expect(textOf(text)).toBe(chart);
  });
  it('as the player says, where nothing tells it', () => {
    const text = 'Dm7 G7\nCmaj7 A7';
    const as = (looseLines: 'a line is a bar' | 'a chord is a bar') =>
      only(text, { ...DEFAULT_HABITS, looseLines }).fields.text;
    expect(as('a line is a bar')).toBe('| Dm7 G7 | Cmaj7 A7 |');
    expect(as('a chord is a bar')).toBe('| Dm7 | G7 |\n| Cmaj7 | A7 |');
  });
});

describe('beats', () => {
  it.each([
    ['are strokes', '| Dm7 / G7 / | Cmaj7 / / / |', '| Dm7 G7 | Cmaj7 |'],
    ['part bars where no line does', 'Dm7 / G7 / Cmaj7 / / /', '| Dm7 G7 | Cmaj7 |'],
    ['stand at their chord', '| Dm7// G7// | Cmaj7//// |', '| Dm7 G7 | Cmaj7 |'],
    ['stand at their chord without spaces', '| Dm7//G7// | Cmaj7//// |', '| Dm7 G7 | Cmaj7 |'],
    ['are strokes without spaces', '|Dm7/G7/|Cmaj7///|', '| Dm7 G7 | Cmaj7 |'],
    ['are strokes in every bar', 'Dm7 / / G7 Cmaj7 / / A7', '| Dm7 . . G7 | Cmaj7 . . A7 |'],
    ['are strokes among chords', 'Dm7 / G7 A7 Fm7 / Bb7 C7', '| Dm7 . G7 A7 | Fm7 . Bb7 C7 |'],
    ['are shared by chords with a stroke between', 'Dm7/G7 | Cmaj7', '| Dm7 G7 | Cmaj7 |'],
    ['are not a bass', 'D/F# G/B | C/G', '| D/F# G/B | C/G |'],
    ['are dashes', '| Dm7 - - G7 | Cmaj7 - - - |', '| Dm7 . . G7 | Cmaj7 |'],
    ['are counted in brackets', 'Dm7 (2) G7 (2) | Cmaj7 (4 beats)', '| Dm7 G7 | Cmaj7 |'],
    ['are dots, so many for a chord', '| Dm7 .. G7 .. | Cmaj7 .... |', '| Dm7 G7 | Cmaj7 |'],
    ['hold a bar', '| Dm7 / / / | / / / / | G7 |', '| Dm7 | . | G7 |'],
    ['repeat a bar', '| Dm7 G7 | ./. | % | Cmaj7 |', '| Dm7 G7 | % | % | Cmaj7 |'],
    ['repeat a bar with a stroke and two points', '| Dm7 | ·/· | •/• |', '| Dm7 | % | % |'],
    ['repeat a bar by its halves or in words', '| Dm7 | % % | sim. |', '| Dm7 | % | % |'],
    ['are without a chord', '| no chord | Dm7 | No chord |', '| N.C. | Dm7 | N.C. |'],
  ])('%s', (_, text, chart) => {
    expect(textOf(text)).toBe(chart);
  });
  it('are three in a waltz, also where nobody says so', () => {
    const { fields } = only('| Dm7 / / | G7 / / | Cmaj7 / A7 |');
    expect(fields).toMatchObject({ meter: '3/4', text: '| Dm7 | G7 | Cmaj7 A7 |' });
  });
});

describe('symbols', () => {
  it('are read in the signs of every hand', () => {
    const text = '| D−7 | G7♭9 | CΔ | A‑7(b5) | Bbm7/Eb | E♭6/9 | F#ø | N.C. |';
    const chart = parseChart(textOf(text)).chart;
    const kinds = chart.sections[0]!.bars.map(({ slots }) =>
      slots[0]?.kind === 'chord' && slots[0].chord.kind === 'chord'
        ? `${slots[0].chord.root} ${slots[0].chord.tones.map(({ degree }) => degree).join(' ')}`
        : 'none',
    );
    expect(kinds).toEqual([
      'D R b3 5 b7',
      'G R 3 5 b7 b9',
      'C R 3 5 7',
      'A R b3 b5 b7',
      'Bb R b3 5 b7',
      'Eb R 3 5 6 9',
      'F# R b3 b5 b7',
      'none',
    ]);
  });
  it('with a minus are minor, and no beat is taken from them', () => {
    expect(textOf('| C- | F-7 | Bb- Eb- | Ab-6 |')).toBe('| C- | F-7 | Bb- Eb- | Ab-6 |');
    expect(textOf('C- - F- - G7')).toBe('| C- | F- | G7 |');
    expect(textOf('| C- - F- - |')).toBe('| C- F- |');
  });
  it.each([
    ['with spaces', '| D min7 | G 7 | C maj 7 | F 6/9 |', '| Dmin7 | G7 | Cmaj7 | F6/9 |'],
    ['in words', 'D minor 7, G7, C major 7', '| Dm7 | G7 | Cmaj7 |'],
    ['with flats in words', '| B flat 7 | E-flat major 7 |', '| Bb7 | Ebmaj7 |'],
    [
      'all of it in words',
      'F sharp half diminished | B dominant 7th | E minor | C sharp diminished',
      '| F#m7b5 | B7 | Em | C#dim7 |',
    ],
    [
      'with alterations in words',
      'A minor 7 flat 5 | D 7 sharp 9 | G7 flat 13',
      '| Am7b5 | D7#9 | G7b13 |',
    ],
    ['before their tensions', '| G7 (alt) | C7 (b9) | F6 (9) |', '| G7(alt) | C7(b9) | F6(9) |'],
    ['in capitals', '| DMIN7 | G7SUS | CMAJ7 |', '| DMIN7 | G7SUS | CMAJ7 |'],
  ])('are in one piece: %s', (_, text, chart) => {
    expect(textOf(text)).toBe(chart);
  });
  it('in brackets, one or several, are those chords; remarks in brackets stand over their bars', () => {
    expect(textOf('| (Dm7 G7) | Cmaj7 (A7) |')).toBe('| Dm7 G7 | Cmaj7 (A7) |');
    expect(textOf('| Dm7 (hit) | G7 [stop] | Cmaj7 (let ring) | C6 |')).toBe(
      '| "hit" Dm7 | "stop" G7 | "let ring" Cmaj7 | C6 |',
    );
  });
  it('that cannot be read are said at their line, and the rest goes on', () => {
    const { tunes } = readPasted('Some Tune\n\n| Dm7 | G7 |\n| Cmaj7 | Dm7x |');
    expect(tunes[0]!.problems).toMatchObject([{ line: 4 }]);
    expect(tunes[0]!.problems[0]!.message).toMatch(/^Dm7x: /);
    expect(tunes[0]!.bars).toBe(4);
    expect(readPasted('Form: AAB\nA: C7/9 F7M | C6\nB: F7 | C6').tunes[0]!.problems).toEqual([
      { line: 2, message: expect.stringMatching(/^C7\/9: .* Perhaps C7\(9\)\.$/) as unknown },
      { line: 2, message: expect.stringMatching(/^F7M: .* Perhaps Fmaj7\.$/) as unknown },
    ]);
    const barALine = readPasted('Dm7 G7\nCmaj7\nA7x\nDm7').tunes[0]!;
    expect(barALine.fields.text).toBe('| Dm7 G7 | Cmaj7 | A7x | Dm7 |');
    expect(barALine.problems.map(({ line }) => line)).toEqual([3]);
  });
});

describe('what stands above', () => {
  it('is title, key, meter, tempo and feel in the words of a letter', () => {
    const { fields } = only(
      'Low Water Walk\nKey of B♭ minor – 3/4 – medium\n♩ = 132\n\nBbm7 | Eb7 | Abmaj7 | Dbmaj7',
    );
    expect(fields).toEqual({
      ...{ title: 'Low Water Walk', key: 'Bbm', meter: '3/4', tempo: 132, feel: 'swing' },
      text: '| Bbm7 | Eb7 | Abmaj7 | Dbmaj7 |',
    });
  });
  it.each([
    ['Slipway (in Gm)\n| Cm7 F7 | Bbmaj7 | Gm |', { title: 'Slipway', key: 'Gm' }],
    ['Key - F\nTempo - 144\n| F6 |', { title: 'New tune', key: 'F', tempo: 144 }],
    ['in the key of E-flat minor\n| Ebm7 |', { title: 'New tune', key: 'Ebm' }],
    ['Time signature: 6/8\n| Dm7 |', { title: 'New tune', meter: '6/8' }],
    ['Q=132\n| Dm7 |', { title: 'New tune', tempo: 132 }],
    ['Quarter note = 96, ballad\n| Dm7 |', { title: 'New tune', tempo: 96, feel: 'ballad' }],
    ['Tin Cup Bossa (Dm)\n| Dm7 |', { title: 'Tin Cup Bossa', key: 'Dm' }],
    ['Keel, key: F, slow ballad\n| F |', { title: 'Keel', key: 'F', feel: 'ballad', tempo: 72 }],
    ['Key: Eb, 4/4, medium swing 140\n| Eb6 |', { title: 'New tune', key: 'Eb', tempo: 140 }],
    ['title: Oars\nbossa nova, 130 bpm\n| Am7 |', { title: 'Oars', feel: 'latin', tempo: 130 }],
    ['Low Tide (Cm) 3/4\n| Cm |', { title: 'Low Tide', key: 'Cm', meter: '3/4' }],
    ['Low Tide 3/4\n| Cm |', { title: 'Low Tide', meter: '3/4' }],
    ['Low Tide – Cm\n| Fm7 |', { title: 'Low Tide', key: 'Cm' }],
    ['Low Tide, Eb, 132\n| Fm7 |', { title: 'Low Tide', key: 'Eb', tempo: 132 }],
    ['Low Tide\nMedium swing in Eb\n| Fm7 |', { title: 'Low Tide', key: 'Eb', tempo: 132 }],
    ['Low Tide\nslow ballad in c-Moll\n| Fm7 |', { key: 'Cm', feel: 'ballad', tempo: 72 }],
    ['Jazz Waltz\nin G\n| G6 | D7 |', { meter: '3/4', feel: 'waltz', key: 'G' }],
  ])('%j', (text, fields) => {
    expect(only(text).fields).toMatchObject(fields);
  });
  it('begins with its title: a greeting before it is no part of the tune', () => {
    const { tunes, lines } = readPasted(
      'Hi all, this is for Friday:\n\nLow Water Walk\n| Dm7 | G7 |\n',
    );
    expect(tunes[0]!.fields).toMatchObject({ title: 'Low Water Walk', text: '| Dm7 | G7 |' });
    expect(lines.map(({ kind }) => kind)).toEqual(['left out', 'title', 'changes']);
  });
  it('is told from the letter it came in', () => {
    const { tunes, lines } = readPasted(
      'Hi Jo,\n\nhere is the new one for Friday, medium swing, in F:\n\nFmaj7 | Gm7 C7\n\nSee you,\nKim',
    );
    expect(tunes[0]!.fields).toMatchObject({ key: 'F', tempo: 132, text: '| Fmaj7 | Gm7 C7 |' });
    expect(lines.map(({ kind }) => kind)).toEqual([
      ...['left out', 'head', 'changes', 'left out', 'left out'],
    ]);
  });
  it('is left to the ear where nobody says the key', () => {
    expect(only('Cm7 | F7 | Bbmaj7 | Bb6').fields.key).toBe('Bb');
  });
});

describe('parts', () => {
  it('are named over their changes, before them, or by a letter', () => {
    expect(textOf('A:\nDm7 | G7\nBridge\nGm7 | C7\nC) Fmaj7 | F6')).toBe(
      '[A]\n| Dm7 | G7 |\n[Bridge]\n| Gm7 | C7 |\n[C]\n| Fmaj7 | F6 |',
    );
    expect(textOf('Tune\n\nA\nDm7 G7 | C6\n\nB\nGm7 C7 | F6')).toBe(
      '[A]\n| Dm7 G7 | C6 |\n[B]\n| Gm7 C7 | F6 |',
    );
    expect(textOf('Intro: Dm7 | G7 (x2)\n(A1) Cmaj7 | A7')).toBe(
      '[Intro]\n|: Dm7 | G7 :|\n[A1]\n| Cmaj7 | A7 |',
    );
  });
  it('are chords where every line is a bar', () => {
    expect(textOf('A\nD\nE\nA')).toBe('| A | D | E | A |');
  });
  it('are repeated, with endings', () => {
    expect(textOf('|: Dm7 | G7 |1. Cmaj7 | A7 :|2. Cmaj7 | C6 ||')).toBe(
      '|: Dm7 | G7 |(1 Cmaj7 | A7 :|(2 Cmaj7 | C6 |',
    );
    expect(textOf('Dm7 | G7 x3')).toBe('| Dm7 | G7 | Dm7 | G7 | Dm7 | G7 |');
  });
  it.each([
    [
      'where they are only named',
      'A: | Dm7 | G7 |\nA\nB: | Fm7 | Bb7 |\nA',
      '[A]\n| Dm7 | G7 |\n[A]\n| Dm7 | G7 |\n[B]\n| Fm7 | Bb7 |\n[A]\n| Dm7 | G7 |',
    ],
    [
      'where they are only named, and strokes part bars',
      'A: Cm7 F7 / Bbmaj7\nA\nB: Am7b5 | D7 | Gm | G7',
      '[A]\n| Cm7 F7 | Bbmaj7 |\n[A]\n| Cm7 F7 | Bbmaj7 |\n[B]\n| Am7b5 | D7 | Gm | G7 |',
    ],
    [
      'where they are said to be as another',
      '[A1]\nDm7 | G7\n[A2]\nsame as A1\n[B]\nFm7 | Bb7',
      '[A1]\n| Dm7 | G7 |\n[A2]\n| Dm7 | G7 |\n[B]\n| Fm7 | Bb7 |',
    ],
    [
      'between blank lines',
      'A\nDm7 | G7\n\nA\n(repeat A)\n\nB\nFm7 | Bb7',
      '[A]\n| Dm7 | G7 |\n[A]\n| Dm7 | G7 |\n[B]\n| Fm7 | Bb7 |',
    ],
    [
      'where a line under another part says that they come again',
      'A: Dm7 | G7\n(repeat A)\nB: Fm7 | Bb7\nrepeat A',
      '[A]\n| Dm7 | G7 |\n[A]\n| Dm7 | G7 |\n[B]\n| Fm7 | Bb7 |\n[A]\n| Dm7 | G7 |',
    ],
    [
      'twice, as their name says',
      'A x2\n| Dm7 | G7 |\nB\n| Fm7 | Bb7 |\nA\n| Dm7 | C6 |',
      '[A]\n|: Dm7 | G7 :|\n[B]\n| Fm7 | Bb7 |\n[A]\n| Dm7 | C6 |',
    ],
    ['before a bar line', 'Coda | Fmaj7 | C6 |', '[Coda]\n| Fmaj7 | C6 |'],
    ['as a pickup', 'Pickup: G7\n| C6 | A7 |', '[Pickup]\n| G7 |\n| C6 | A7 |'],
  ])('have their changes: %s', (_, text, chart) => {
    expect(textOf(text)).toBe(chart);
  });
  it('are no chords in brackets', () => {
    expect(textOf('(G7) | Cmaj7 | A7 |')).toBe('| (G7) | Cmaj7 | A7 |');
  });
  it('have endings on lines of their own, with repeat signs where there are none', () => {
    const head = 'A: Dm7 G7 Cmaj7 A7\n';
    expect(textOf(`${head}1st: Dm7 G7 Em7 A7\n2nd: Dm7 G7 C6`)).toBe(
      '[A]\n|: Dm7 | G7 | Cmaj7 | A7 |\n|(1 Dm7 | G7 | Em7 | A7 :|\n|(2 Dm7 | G7 | C6 |',
    );
    expect(textOf('[A]\n|: Dm7 | G7 |\n1st ending: Em7 | A7 :|\n2nd ending: C6 | C6 |')).toBe(
      '[A]\n|: Dm7 | G7 |\n|(1 Em7 | A7 :|\n|(2 C6 | C6 |',
    );
    const { chart } = parseChart(
      textOf(`Fm7 | Bb7\n\n${head}1st time: Em7 A7\n2nd time: C6\n3rd time: F6`),
    );
    const roots = timeline(chart).events.map(({ chord }) => chord.kind === 'chord' && chord.root);
    expect(roots.join(' ')).toBe('F Bb D G C A E A D G C A C D G C A F');
  });
  it('are counted at the margin, and the numbers left out', () => {
    expect(textOf('1. Dm7 | G7\n3. Cmaj7 | A7')).toBe('| Dm7 | G7 |\n| Cmaj7 | A7 |');
  });
});

describe('a form', () => {
  const parts = 'A: F6 D7 | Gm7 C7\nB: A7 | D7';
  it('is written out where its letters are the parts there are', () => {
    const [a, b] = ['[A]\n| F6 D7 | Gm7 C7 |', '[B]\n| A7 | D7 |'];
    const alone = ['Form: AABA', 'form A-A-B-A', 'AABA', 'Form: A, A, B, A', '(AABA)', 'AABA form'];
    for (const said of [...alone, '32-bar AABA', 'AABA, swing, F', 'Song form: AABA']) {
      const { fields } = only(`Tin Cup\n${said}\n\n${parts}`);
      expect([said, fields]).toMatchObject([
        said,
        { title: 'Tin Cup', text: [a, a, b, a].join('\n') },
      ]);
    }
    for (const text of [`Tin Cup (AABA)\n${parts}`, `Tin Cup\n${parts}\n(AABA)`]) {
      expect(only(text).fields).toMatchObject({ title: 'Tin Cup', text: [a, a, b, a].join('\n') });
    }
    expect(only(`AABA, swing, F\n${parts}`).fields.title).toBe('New tune');
    expect(readPasted(`Tin Cup (AABA)\n${parts}`).lines[0]!.as).toBe('“Tin Cup”, form AABA');
    const { lines } = readPasted(`Form: AABA\n${parts}`);
    expect(lines[0]).toMatchObject({ kind: 'section', as: 'AABA, written out' });
  });
  it('is a remark where they are not', () => {
    for (const said of ['Form: ABAC', 'Form: AAB, then solos']) {
      const text = textOf(`Tin Cup\n${said}\n${parts}`);
      expect(text).toContain(`"${said}"`);
      expect(text.match(/\[A\]/g)).toHaveLength(1);
    }
  });
  it('is a title where it is a name', () => {
    expect(only(`DAD, swing, F\n${parts}`).fields.title).toBe('DAD');
  });
  it('is no row of chords', () => {
    expect(textOf('A D A A\nD D A A')).toBe('| A | D | A | A |\n| D | D | A | A |');
  });
  it('written out already stays', () => {
    const text = '[A]\n| F6 |\n[A]\n| F6 |\n[B]\n| A7 |\n[A]\n| F6 |';
    expect(textOf(`Tin Cup\nAABA\n${text}`).replace('"AABA" ', '')).toBe(text);
  });
});

describe('words between', () => {
  it('stand over the bar that follows, and directions over the one before', () => {
    expect(textOf('Tune\n| Dm7 | G7 |\n// bass alone here\n| Cmaj7 | A7 | D.C.')).toBe(
      '| Dm7 | G7 |\n| "bass alone here" Cmaj7 | "D.C." A7 |',
    );
  });
  it('behind the last bar line stand over the last bar, and words of the way in the bar they are in', () => {
    expect(textOf('| Dm7 | G7 | tag last 4 x3')).toBe('| Dm7 | "tag last 4 x3" G7 |');
    expect(textOf('| Dm7 | G7 | repeat and fade')).toBe('| Dm7 | "repeat and fade" G7 |');
    expect(textOf('| Dm7 | G7 | # first try\n| C6 | % | // end')).toBe(
      '| Dm7 | "first try" G7 |\n| C6 | "end" % |',
    );
    expect(textOf('| Dm7 | G7 To Coda | A7 D.C. al Coda\nCoda | C6 |')).toBe(
      '| Dm7 | "To Coda" G7 | "D.C. al Coda" A7 |\n[Coda]\n| C6 |',
    );
    expect(only('Capo 3\n| Am | D7 |').fields).toMatchObject({
      title: 'New tune',
      text: '| "Capo 3" Am | D7 |',
    });
  });
  it('that are sung are left out, and that is said', () => {
    const sung =
      'Ferry\n\nDm7 G7\nthe rope is on the quay tonight\nCmaj7 A7\nthe lamp is on the water\nDm7 G7\nand nobody is coming home\nC6 C6\nbefore the tide is over';
    const { tunes, lines } = readPasted(sung);
    expect(tunes[0]!.fields.title).toBe('Ferry');
    expect(tunes[0]!.fields.text).toBe('| Dm7 G7 | Cmaj7 A7 | Dm7 G7 | C6 C6 |');
    expect(lines.filter(({ kind }) => kind === 'left out')).toHaveLength(4);
  });
  it('that are sung are known by standing under their chords, also where they are few', () => {
    const sung =
      'Ferry\n\n[Verse]\nDm7       G7\nthe rope is on the quay\nCmaj7   A7\nthe lamp is on the water';
    const { tunes, lines } = readPasted(sung);
    expect(tunes[0]!.fields.text).toBe('[Verse]\n| Dm7 G7 | Cmaj7 A7 |');
    expect(lines.filter(({ kind }) => kind === 'left out')).toHaveLength(2);
  });
  it('that are sung are known by their chords in brackets', () => {
    expect(textOf('[Dm7]Down by the [G7]water the [Cmaj7]lamps are low')).toBe(
      '| Dm7 | G7 | Cmaj7 |',
    );
  });
  it('of quoted mail lose their marks', () => {
    expect(textOf('> Dm7 | G7\n> > Cmaj7 | A7')).toBe('| Dm7 | G7 |\n| Cmaj7 | A7 |');
  });
});

describe('several tunes', () => {
  it('are told apart by titles, rules and numbers', () => {
    const titles = (text: string) => readPasted(text).tunes.map(({ fields }) => fields.title);
    expect(
      titles('First Rope\n\nDm7 | G7\nC6 | C6\n\nSecond Rope\nkey: F\n\nGm7 | C7\nF6 | F6'),
    ).toEqual(['First Rope', 'Second Rope']);
    expect(titles('1. Rope\nDm7 | G7\n2. Chain\nGm7 | C7')).toEqual(['Rope', 'Chain']);
    expect(titles('Rope\nDm7 | G7\n---\nChain\nGm7 | C7')).toEqual(['Rope', 'Chain']);
    expect(titles('title: Rope\n| Dm7 |\ntitle: Chain\n| Gm7 |')).toEqual(['Rope', 'Chain']);
    expect(titles('縄の歌\n\nDm7 | G7\nC6 | C6\n\nЯкорь\n\nGm7 | C7\nF6 | F6')).toEqual([
      '縄の歌',
      'Якорь',
    ]);
  });
  it('are as many as are brought in at once, and what lies beyond is said', () => {
    const many = Array.from({ length: 502 }, (_, at) => `title: Tune ${at}\n| Dm7 | G7 |`);
    const { tunes, lines } = readPasted(many.join('\n'));
    expect(tunes).toHaveLength(500);
    expect(lines.filter(({ kind }) => kind === 'left out')).toHaveLength(4);
  });
});

it('is a chart already as it was written, every demo tune, alone and all together', () => {
  const texts = demoTexts().map((text) => text.trim());
  for (const text of texts) expect(textOf(text)).toBe(text);
  const { tunes } = readPasted(texts.join('\n\n'));
  expect(tunes.map(({ fields }) => fields.text)).toEqual(texts);
});

/** A chart written by other hands: what is played must stay the same. */
const HABITS: readonly (readonly [string, (line: string) => string])[] = [
  ['without outer lines', (line) => line.replace(/^\| /, '').replace(/ \|$/, '')],
  [
    'with tabs',
    (line) =>
      /:\||\|:/.test(line)
        ? line
        : line.replace(/^\| /, '').replace(/ \|$/, '').replaceAll(' | ', '\t'),
  ],
  ['with minus signs', (line) => line.replaceAll(/(?<=[A-G][b#]?)m7/g, '−7')],
  ['quoted in a mail', (line) => `> ${line}`],
  ['with double lines', (line) => line.replace(/\|$/, '‖')],
];
it.each(HABITS)('is the same chorus %s, every demo tune', (_, written) => {
  const played = (text: string, meter = '4/4') =>
    timeline(parseChart(text, parseMeter(meter)).chart).events.map(({ at, chord, length }) => ({
      ...{ at, length },
      tones: chord.tones,
    }));
  for (const text of demoTexts()) {
    const lines = text.split('\n').map((line) => (line.startsWith('|') ? written(line) : line));
    const { tunes } = readPasted(lines.join('\n'));
    expect(tunes).toHaveLength(1);
    expect(tunes[0]!.problems).toEqual([]);
    const { fields } = tunes[0]!;
    expect(played(fields.text, fields.meter)).toEqual(played(text));
  }
});

describe('more habits of hands that write quickly (common practice)', () => {
  it.each([
    [
      'a table whose first column names the parts',
      '| A | Dm7 | G7 |\n|---|---|---|\n| B | Fm7 | Bb7 |',
      '[A]\n| Dm7 | G7 |\n[B]\n| Fm7 | Bb7 |',
    ],
    [
      'a table of chords, of which the first is A',
      '| A | D | E7 |\n|---|---|---|\n| F#m | Bm7 | E7 |',
      '| A | D | E7 |\n| F#m | Bm7 | E7 |',
    ],
    [
      'how many bars a part has',
      'Intro (2 bars): Gm7 | C7\nB section: 2 bars\nFm7 | Bb7',
      '[Intro]\n| Gm7 | C7 |\n[B]\n| Fm7 | Bb7 |',
    ],
    [
      'how many bars a chord lasts',
      'Dm7 (2 bars) G7 (1 bar) C6 (3 bars)',
      '| Dm7 | % | G7 | C6 | % | % |',
    ],
    ['the same between bar lines', '| Dm7 (2 bars) | G7 | C6 |', '| Dm7 | % | G7 | C6 |'],
    ['chords in square brackets', '[Dm7] [G7] [C6] [A7]', '| Dm7 | G7 | C6 | A7 |'],
    ['dots that lead on', 'Em7...A7...Dm7...G7...', '| Em7 | A7 | Dm7 | G7 |'],
    ['strokes between bars of one chord', 'C / Am / F / G7', '| C | Am | F | G7 |'],
    ['strokes that are beats', 'Dm7 / G7 /\nC6 / / /', '| Dm7 G7 |\n| C6 |'],
    [
      'how often a part is played',
      'Part A x2\nGm7 | C7\nPart B\nFm7 | Bb7\nPart A',
      '[Part A]\n|: Gm7 | C7 :|\n[Part B]\n| Fm7 | Bb7 |\n[Part A]\n| Gm7 | C7 |',
    ],
    [
      'parts with a dash',
      'intro - Gm7 | C7\nverse - F6 | D7',
      '[intro]\n| Gm7 | C7 |\n[verse]\n| F6 | D7 |',
    ],
    ['how often a bar is played', 'F6 x2 | Gm7 | C7', '| F6 | % | Gm7 | C7 |'],
    [
      'fewer strokes than beats behind a chord alone',
      'Gm7 / / | C7 | F6/9 //',
      '| Gm7 | C7 | F6/9 |',
    ],
    [
      'what it is called, before the chords',
      '1-6-2-5 in G: Gmaj7 E7 Am7 D7\nGmaj7 E7 Am7 D7',
      '| "1-6-2-5 in G" Gmaj7 | E7 | Am7 | D7 |\n| Gmaj7 | E7 | Am7 | D7 |',
    ],
    [
      'a form of letters in brackets',
      '[A] [A] [B] [A]\n\n[A]\nDm7 | G7\n[B]\nFm7 | Bb7',
      '[A]\n| Dm7 | G7 |\n[A]\n| Dm7 | G7 |\n[B]\n| Fm7 | Bb7 |\n[A]\n| Dm7 | G7 |',
    ],
  ])('%s', (_, text, chart) => {
    const [tune] = readPasted(text).tunes;
    expect(tune?.fields.text).toBe(chart);
    expect(tune?.problems).toEqual([]);
  });

  it.each([
    ['Key: G minor / 4-4 / bossa / 130', { key: 'Gm', meter: '4/4', feel: 'latin', tempo: 130 }],
    ['Swing 160 - concert Eb', { key: 'Eb', feel: 'swing', tempo: 160 }],
    ['Mr. Lamp / Mrs. Neap, Eb, 132', { title: 'Mr. Lamp / Mrs. Neap', key: 'Eb', tempo: 132 }],
    ['"Slack Tide"\nKey of Bb', { title: 'Slack Tide', key: 'Bb' }],
    ['"Slack Tide" (waltz, Bb, 140)', { title: 'Slack Tide', key: 'Bb', feel: 'waltz' }],
    ['Medium swing\nTempo 88', { feel: 'swing', tempo: 88 }],
    ['T: Neap   M: 3/4   K: F', { title: 'Neap', key: 'F', meter: '3/4' }],
    [
      'Key of Bb. Tempo: quarter = 88. Feel: 12/8 slow shuffle of the old kind',
      { key: 'Bb', meter: '12/8', feel: 'shuffle', tempo: 88 },
    ],
  ])('a head as %s', (head, fields) => {
    expect(readPasted(`${head}\nGm7 | C7 | Fm7 | Bb7`).tunes[0]?.fields).toMatchObject(fields);
  });
});

it('reads what lasts no bar without giving up', () => {
  const { tunes } = readPasted('Dm7 (0 bars) | G7 x0 | C6 (99 bars)');
  expect(tunes[0]?.bars).toBeGreaterThan(98);
});

it('says of every line what became of it, and takes prose for no tune', () => {
  const prose =
    'Dear all,\nthe ferry leaves at nine. Bring the lamp.\nWe begin with the blues again, in two.';
  const { tunes, lines } = readPasted(prose);
  expect(tunes.every(({ bars }) => bars === 0)).toBe(true);
  expect(lines.map(({ line }) => line)).toEqual([1, 2, 3]);
  expect(readPasted('').tunes).toEqual([]);
});

it('tells every line of anything at all once, and never gives up (400 texts, seed 19)', () => {
  const words = fc.constantFrom(
    ...['(2 bars)', '(0 bars)', 'x0', '...', '\n|---|\n', 'Turn:', 'Part A', '[Dm7]', 'M: 3/4'],
    ...['Dm7', 'G7', '|', '|:', ':|', '/', '-', '%', 'x2', '(', ')', '[A]', 'A', '"', '"x"', '\t'],
    ...[
      '\n',
      '\n\n',
      '---\n',
      'key: F',
      'title: T',
      'the',
      'Bridge:',
      '1.',
      ',',
      '\u0000',
      '𝄆',
      '縄',
    ],
  );
  const texts = fc.array(fc.oneof(words, fc.string()), { maxLength: 60 });
  fc.assert(
    fc.property(texts, fc.boolean(), (pieces, spaced) => {
      const text = pieces.join(spaced ? ' ' : '');
      const { lines, tunes } = readPasted(text);
      const rows = text.replaceAll('\u0000', '').split(/\r\n|\r|\n/);
      const told = lines.map(({ line }) => line).sort((a, b) => a - b);
      const silent = (row: string): boolean => /^[\s>]*$|^[-=_*~#]{3,}$/.test(row.trim());
      expect(new Set(told).size).toBe(told.length);
      rows.forEach((row, at) => {
        if (!silent(row) && /\w/.test(row)) expect(told).toContain(at + 1);
      });
      for (const { fields } of tunes) {
        expect(parseChart(formatChart(parseChart(fields.text).chart)).chart).toBeDefined();
      }
    }),
    { numRuns: 400, seed: 19 },
  );
});
