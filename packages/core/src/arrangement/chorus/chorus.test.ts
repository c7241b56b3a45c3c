import { parseChart } from '../../chart/parseChart';
import { chorusOf, type Chorus } from './chorus';
import type { Split } from '../stored/types';

const chorus = (text: string, splits: readonly Split[] = []): Chorus =>
  chorusOf(parseChart(text).chart, splits);
const events = ({ timeline }: Chorus): string[] =>
  timeline.events.map(({ chord, bar, beat, length }) => `${chord.symbol} ${bar}.${beat} ${length}`);

describe('a split chord', () => {
  it('is voiced part by part, each where it begins', () => {
    const split = chorus('| Dm7 | G7 | C6 |', [{ at: 1, symbol: 'G7', after: 2 }]);
    expect(events(split)).toEqual(['Dm7 1.1 4', 'G7 2.1 2', 'G7 2.3 2', 'C6 3.1 4']);
    expect(split.chords).toHaveLength(4);
    expect(split.timeline.events.map(({ part }) => part)).toEqual([
      undefined,
      undefined,
      1,
      undefined,
    ]);
  });
  it('may be split over a bar line, and more than once', () => {
    const splits = [6, 4].map((after) => ({ at: 0, symbol: 'G7', after }));
    expect(events(chorus('| G7 | . |', splits))).toEqual(['G7 1.1 4', 'G7 2.1 2', 'G7 2.3 2']);
  });
  it('counts beats in the meter of its bar', () => {
    const split = chorus('meter: 6/8\n| G7 |', [{ at: 0, symbol: 'G7', after: 1.5 }]);
    expect(events(split)).toEqual(['G7 1.1 1.5', 'G7 1.4 1.5']);
  });
  it('stays whole where the split lies beyond it, and is split under another symbol too', () => {
    const beyond = [{ at: 0, symbol: 'G7', after: 4 }];
    expect(events(chorus('| G7 | C6 |', beyond))).toEqual(['G7 1.1 4', 'C6 2.1 4']);
    const renamed = [{ at: 0, symbol: 'Db7', after: 2 }];
    expect(events(chorus('| G7 | C6 |', renamed))).toEqual(['G7 1.1 2', 'G7 1.3 2', 'C6 2.1 4']);
  });
});

describe('phrases end', () => {
  it('every four bars, before a section, and where the chorus comes round', () => {
    const eight = '| C6 | F7 | C6 | G7 | C6 | F7 | C6 | G7 |';
    expect(chorus(eight).phraseEnds).toEqual([3, 7]);
    expect(chorus('[A]\n| C6 | F7 |\n[B]\n| D7 | G7 |').phraseEnds).toEqual([1, 3]);
  });
});

describe('what was heard before', () => {
  const returns = (text: string): string[] =>
    chorus(text).returns.map((before) =>
      before.map(({ at, semitones }) => `${at}${semitones ? ` ${semitones}` : ''}`).join(),
    );
  it('is known in a written repeat, its endings apart', () => {
    expect(returns('|: Dm7 |(1 G7 :|(2 C6 |')).toEqual(['', '', '0', '']);
  });
  it('is known in a section that returns, place by place', () => {
    const [a, b] = ['| Dm7 | G7 | C6 | A7 |', '| F6 | Fm6 | C6 | C6 |'];
    expect(returns(`[A]\n${a}\n[B]\n${b}\n[A]\n${a}`)).toEqual([
      '',
      '',
      '',
      '',
      '',
      '',
      '',
      '',
      '0',
      '1',
      '2',
      '3',
    ]);
  });
  it('is known in a section that has moved, with how far', () => {
    const text = '[A]\n| Dm7 | G7 | Cmaj7 | . |\n[A]\n| Ebm7 | Ab7 | Dbmaj7 | . |';
    expect(returns(text)).toEqual(['', '', '', '0 1', '1 1', '2 1']);
  });
});
