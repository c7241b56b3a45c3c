import { chord } from '../../testing/builders';
import { defaultGuitar } from '../data';
import { readPlayed } from '../sheet/readPlayed';

/** As players write it, string 6 first. */
const played = (grip: string) =>
  grip.split('').flatMap((fret, index) => {
    return fret === 'x' ? [] : [{ string: 6 - index, fret: Number(fret) }];
  });

/**
 * Grips that every player of jazz and blues has under the hand, written down before the engine was asked.
 * Source: common practice.
 */
describe('everyday grips are held (common practice)', () => {
  it.each([
    ['A7', '5x56xx'],
    ['Am7', '5x55xx'],
    ['Amaj7', '5x66xx'],
    ['A6', '5x46xx'],
    ['D7', 'x545xx'],
    ['Dm7', 'x535xx'],
    ['Dmaj7', 'x546xx'],
    ['Cmaj7', 'x3545x'],
    ['C7', 'x3535x'],
    ['Cm7', 'x3534x'],
    ['Cm7b5', 'x3434x'],
    ['Cdim7', 'x3424x'],
    ['C7', 'x35353'],
    ['Cm7', 'x35343'],
    ['Cmaj7', 'x35453'],
    ['G7', '353433'],
    ['Gm7', '353333'],
    ['Gmaj7', '3x443x'],
    ['G7', '3x343x'],
    ['Gm7', '3x333x'],
    ['Gm7b5', '3x332x'],
    ['F#dim7', '2x121x'],
    ['C9', 'x3233x'],
    ['C9', 'x32333'],
    ['D9', 'x54555'],
    ['E9', 'x76777'],
    ['C7#9', 'x3234x'],
    ['C7b9', 'x3232x'],
    ['Cmaj9', 'x3243x'],
    ['Cm9', 'x3133x'],
    ['G13', '3x345x'],
    ['A13', '5x5677'],
    ['D13', 'x54557'],
    ['C6/9', 'x32233'],
    ['Am6', '5x455x'],
    ['A7#5', '5x566x'],
    ['A7b5', '5x564x'],
    ['D9sus4', 'x55555'],
    ['A7sus4', '575755'],
    ['Bm', 'x24432'],
    ['D', 'x5777x'],
    ['F', '133211'],
    ['Am7', '5x555x'],
    ['Am7', '5x5555'],
    ['Am9', '5x5557'],
    ['A7', '5x5655'],
    ['G9', '3x3435'],
    ['G7b9', '3x3434'],
    ['G7sus4', '3x3533'],
    ['G13sus4', '3x3555'],
    ['Gm6/9', '3x2335'],
    ['Cm9', 'x31333'],
    ['C9#11', 'x32332'],
    ['C13b9', 'x32325'],
    ['C7(#9,#5)', 'x32344'],
    ['C13sus4', 'x33335'],
  ])('%s as %s', (symbol, grip) => {
    const reading = readPlayed(chord(symbol), played(grip), defaultGuitar);
    if (!reading.ok) throw new Error(reading.problem);
    const { voicing, outside } = reading.value;
    expect(outside).toEqual([]);
    expect(voicing.ease).not.toBe('out of reach');
    expect(voicing.notes.every(({ fret, finger }) => fret === 0 || finger !== undefined)).toBe(
      true,
    );
  });
});
