import { chord } from '../testing/builders';
import { checkInstrument } from './check';
import { defaultGuitar, defaultInstruments, defaultVoicingSettings, rooms } from './data';
import { enumerateVoicings, rangeOf } from './enumerate';
import { readPlayed } from './sheet/readPlayed';
import { ROOM_IDS, type Voicing } from './base/types';
import { playingOf } from './playingOf';
import { INSTRUMENT_IDS, labelOfInstrument } from './base/instruments';

const { ukulele } = defaultInstruments;

/** Frets from string 4 to string 1, `x` where a string is silent. */
const fretsOf = ({ notes }: Voicing): string =>
  [4, 3, 2, 1].map((string) => notes.find((note) => note.string === string)?.fret ?? 'x').join('');

const played = (frets: string) =>
  frets.split('').map((fret, index) => ({ string: 4 - index, fret: Number(fret) }));

describe('every instrument of the list', () => {
  it.each(INSTRUMENT_IDS)('%s can be played as it comes', (id) => {
    expect(checkInstrument(defaultInstruments[id])).toEqual([]);
    expect(defaultInstruments[id].kind).toBe(id);
    expect(labelOfInstrument(id)).toMatch(/^[A-Z][a-z]+$/);
  });

  it.each(INSTRUMENT_IDS)('%s has every note of a voicing where the voicing says it is', (id) => {
    const instrument = defaultInstruments[id];
    const { sounds, hold } = playingOf(instrument);
    let voicings = 0;
    for (const room of ROOM_IDS) {
      const settings = { ...defaultVoicingSettings, instrument, room: rooms[room] };
      for (const symbol of ['Cmaj7', 'Am7', 'D7', 'G']) {
        for (const family of ['close', 'shell', 'guide'] as const) {
          for (const voicing of enumerateVoicings(chord(symbol), {
            ...settings,
            families: [family],
          })) {
            expect(voicing.notes.every(sounds)).toBe(true);
            expect(hold(voicing)).toEqual(voicing);
            voicings += 1;
          }
        }
      }
    }
    expect(voicings).toBeGreaterThan(100);
  });
});

describe('a ukulele in G C E A', () => {
  it('begins at middle C: its fourth string sounds above the third', () => {
    expect(rangeOf(ukulele)).toEqual({ low: 60, high: 84 });
  });

  /** Source: common practice, the first chords of every ukulele player. */
  it.each([
    ['Cmaj7', '0002'],
    ['C7', '0001'],
    ['C6', '0000'],
    ['Am7', '0000'],
    ['A7', '0100'],
    ['D7', '2223'],
    ['Dm7', '2213'],
    ['E7', '1202'],
    ['F7', '2313'],
    ['G7', '0212'],
    ['Gm7', '0211'],
    ['Em7', '0202'],
    ['Bb7', '1211'],
    ['Cdim7', '2323'],
  ])('plays %s as %s in close position', (symbol, frets) => {
    const settings = {
      ...defaultVoicingSettings,
      instrument: ukulele,
      families: ['close' as const],
    };
    const grips = enumerateVoicings(chord(symbol), settings).map(fretsOf);
    expect(grips).toContain(frets);
  });

  it('reads a grip bottom to top by pitch, not by string', () => {
    const reading = readPlayed(chord('G7'), played('0212'), ukulele);
    expect(
      reading.ok && reading.value.voicing.notes.map(({ note, string }) => `${note}${string}`),
    ).toEqual(['D3', 'F2', 'G4', 'B1']);
    expect(reading.ok && reading.value.voicing).toMatchObject({ family: 'close', inversion: 2 });
  });

  it('fingers D7 as 1 1 1 2 and G7 as 2 1 3', () => {
    const fingers = (symbol: string, frets: string): string => {
      const reading = readPlayed(chord(symbol), played(frets), ukulele);
      if (!reading.ok) throw new Error(reading.problem);
      const { notes } = reading.value.voicing;
      return [4, 3, 2, 1]
        .map((s) => notes.find((note) => note.string === s)?.finger ?? 'o')
        .join('');
    };
    expect(fingers('D7', '2223')).toBe('1112');
    expect(fingers('G7', '0212')).toBe('o213');
  });

  it('is no guitar in disguise: a guitar must be strung from low to high', () => {
    const strung = { ...defaultGuitar, tuning: ukulele.tuning };
    expect(checkInstrument(strung).map(({ path }) => path)).toEqual(['tuning.1']);
  });

  it('moves a grip along its neck, or to where the neck has the same notes', () => {
    const reading = readPlayed(chord('D7'), played('2223'), ukulele);
    if (!reading.ok) throw new Error(reading.problem);
    const { moved } = playingOf(ukulele);
    expect(fretsOf(moved(reading.value.voicing, 3)!)).toBe('5556');
    expect(fretsOf(moved(reading.value.voicing, -2)!)).toBe('0001');
    expect(moved(reading.value.voicing, -3)).toMatchObject({ notes: [{ midi: 71 }, {}, {}, {}] });
  });
});
