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
});
