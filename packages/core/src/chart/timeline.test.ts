import { slotStarts } from './meter';
import { parseChart } from './parseChart';
import { timeline } from './timeline';

const played = (text: string, meter?: { beats: number; unit: number }): string =>
  timeline(parseChart(text, meter).chart)
    .events.map((event) => `${event.chord.symbol}@${event.bar}.${event.beat}x${event.length}`)
    .join(' ');

describe('where chords fall in the bar (common practice)', () => {
  it('puts two chords of a 4/4 bar on 1 and 3', () => {
    expect(played('| Dm7 G7 |')).toBe('Dm7@1.1x2 G7@1.3x2');
  });
  it('places three chords by holds', () => {
    expect(played('| Dm7 . G7 C7 |')).toBe('Dm7@1.1x2 G7@1.3x1 C7@1.4x1');
  });
  it('gives four chords a beat each and eight half a beat', () => {
    expect(played('| A B C D |')).toBe('A@1.1x1 B@1.2x1 C@1.3x1 D@1.4x1');
    expect(slotStarts(8, 4).starts).toEqual([0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5]);
  });
  it('puts two chords in three beats on 1 and 3', () => {
    expect(played('| C G7 | F . D |', { beats: 3, unit: 4 })).toBe(
      'C@1.1x2 G7@1.3x1 F@2.1x2 D@2.3x1',
    );
  });
  it('lets a chord ring over the bar line through a hold, and voices a repeated bar anew', () => {
    expect(played('| C | . | % | F |')).toBe('C@1.1x12 F@4.1x4');
    expect(played('| C | % | F |')).toBe('C@1.1x4 C@2.1x4 F@3.1x4');
  });
  it('passes over what cannot be read; the chord before goes on', () => {
    expect(played('| C | ??? | F |')).toBe('C@1.1x8 F@3.1x4');
  });
});

describe('repeats and endings are written out', () => {
  it('plays a repeated passage twice', () => {
    expect(played('|: C | F :| G |')).toBe('C@1.1x4 F@2.1x4 C@3.1x4 F@4.1x4 G@5.1x4');
  });
  it('goes back to the beginning, or to the end of the repeat before', () => {
    expect(played('| C :| F :| G |')).toBe('C@1.1x4 C@2.1x4 F@3.1x4 F@4.1x4 G@5.1x4');
  });
  it('takes the first ending the first time and the second ending the second', () => {
    expect(played('|: C |(1 D :|(2 E | F |')).toBe('C@1.1x4 D@2.1x4 C@3.1x4 E@4.1x4 F@5.1x4');
  });
  it('plays as many passes as there are endings', () => {
    expect(played('|: C |(1 D :|(2 E :|(3 F |')).toBe(
      'C@1.1x4 D@2.1x4 C@3.1x4 E@4.1x4 C@5.1x4 F@6.1x4',
    );
  });
  it('knows where each section begins, each time it comes by', () => {
    const { bars } = timeline(parseChart('[A] |: C :| [B] | F |').chart);
    expect(bars.map((bar) => bar.section)).toEqual(['A', 'A', 'B']);
  });
  it('finds every ending, however long each is', () => {
    expect(bars('|: C |(1 D | E :|(2 F | G :|(3 A | B |')).toBe('C D E C F G C A B');
  });
});

const bars = (text: string): string =>
  timeline(parseChart(text).chart)
    .events.map((event) => event.chord.symbol)
    .join(' ');

describe('signs and codas are followed as on paper (common practice)', () => {
  it.each([
    ['| C | "Fine" F | G | "D.C. al Fine" A |', 'C F G A C F'],
    ['| C | "Segno" D | "To Coda" E | F "D.S. al Coda" | "Coda" G |', 'C D E F D E G'],
    ['| C | "Segno" D | "To Coda" E | F |"D.S. al Coda"\n[Coda] | G | A |', 'C D E F D E G A'],
    ['| C | "Segno" D | "D.S." E |', 'C D E D E'],
    ['|: C |(1 D :|(2 E | F "D.C." |', 'C D C E F C E F'],
    ['|: C | D :| "DC al fine" E | F |', 'C D C D E C D E F'],
    ['|: "Segno" C :|: D |(1 E :|(2 "D.S." F |', 'C C D E D F C D F'],
    ['| C | "D.S. al Coda" D | E |', 'C D E'],
  ])('%j is played %s', (text, played) => {
    expect(bars(text)).toBe(played);
  });
});

describe('pickups and changes of meter', () => {
  it('counts a pickup as bar 0, before the first beat', () => {
    const time = timeline(parseChart('pickup: 1\n| G7 | C | F G |').chart);
    expect(time.events.map(({ bar, at, length }) => [bar, at, length])).toEqual([
      [0, -1, 1],
      [1, 0, 4],
      [2, 4, 2],
      [2, 6, 2],
    ]);
    expect(time.length).toBe(8);
  });
  it('lets each bar last as its meter says, in quarters', () => {
    expect(played('| C G | 3/4 F . D | A | 6/8 E B | 5/4 C . . F . |')).toBe(
      'C@1.1x2 G@1.3x2 F@2.1x2 D@2.3x1 A@3.1x3 E@4.1x1.5 B@4.4x1.5 C@5.1x3 F@5.4x2',
    );
  });
});
