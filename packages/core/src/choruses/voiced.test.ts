import { defaultArrangement } from '../arrangement/stored/defaults';
import { voiceChorus } from '../arrangement/chorus/voiceChorus';
import { settingsOf } from '../arrangement/chorus/settings';
import { createConnector } from '../connect/connect';
import { offersAt } from '../movement/devices/offers';
import { DEVICE_IDS } from '../movement/types';
import { chorusFrom, keyboardArrangement, pitches, top, withDevice } from '../testing/choruses';
import { framed } from './frame';
import { movedChoruses, wholeChords } from './moved';
import { voiceChoruses } from './voiced';

const MAJOR = '| Dm7 | G7 | Cmaj7 | % |';

describe('choruses in a row', () => {
  it('count bars and time on, and sound a pickup once', () => {
    const text = 'pickup: 1\n| G7 | Cmaj7 | Dm7 | G7 |';
    const { timeline, origins, barsEach } = framed(chorusFrom(text), 2);
    expect(timeline.bars.map(({ number }) => number)).toEqual([0, 1, 2, 3, 4, 5, 6]);
    expect(timeline.events.map(({ bar }) => bar)).toEqual([0, 1, 2, 3, 4, 5, 6]);
    expect(timeline.length).toBe(24);
    expect(barsEach).toBe(3);
    expect(origins[4]).toEqual({ chorus: 1, at: 1 });
  });

  it('are voiced like the one chorus where nothing else is asked', () => {
    const chorus = chorusFrom(MAJOR);
    const one = voiceChorus(
      createConnector(),
      chorus,
      settingsOf(keyboardArrangement, chorus),
      keyboardArrangement,
    );
    const request = { arrangement: keyboardArrangement, chorus, choruses: framed(chorus, 1) };
    const all = voiceChoruses(createConnector(), request);
    if (one.status !== 'found') throw new Error(one.why);
    if (all.status !== 'found') throw new Error(all.why);
    expect(all.path).toHaveLength(4);
    expect(all.path).toEqual(one.path);
  });

  it('keep a lock every time through', () => {
    const chorus = chorusFrom(MAJOR);
    const lock = createConnector().voicingsOf(
      chorus.chords[1]!,
      settingsOf(keyboardArrangement, chorus),
    )[3]!;
    const arrangement = {
      ...keyboardArrangement,
      locks: { ...defaultArrangement.locks, keyboard: [{ at: 1, symbol: 'G7', voicing: lock }] },
    };
    const all = voiceChoruses(createConnector(), {
      arrangement,
      chorus,
      choruses: framed(chorus, 3),
    });
    if (all.status !== 'found') throw new Error(all.why);
    expect([all.path[1], all.path[5], all.path[9]]).toEqual([lock, lock, lock]);
  });

  it('take other families where a rule says so', () => {
    const chorus = chorusFrom(MAJOR);
    const all = voiceChoruses(createConnector(), {
      arrangement: keyboardArrangement,
      chorus,
      choruses: framed(chorus, 2),
      rules: { 5: { families: ['guide'] } },
    });
    if (all.status !== 'found') throw new Error(all.why);
    expect(all.path.map(({ family }) => family)).toEqual([
      ...Array<string>(5).fill('drop2'),
      'guide',
      'drop2',
      'drop2',
    ]);
  });
});

describe('devices, voiced', () => {
  const guitar = defaultArrangement;

  it.each([['keyboard', keyboardArrangement] as const, ['guitar', guitar] as const])(
    'slide the same grip on %s',
    (_, arrangement) => {
      const device = { device: 'slide', variant: 'from below, an eighth early' } as const;
      const { moved, voiced } = withDevice(MAJOR, device, arrangement);
      expect(moved.choruses.chords.map(({ symbol }) => symbol).slice(0, 3)).toEqual([
        'Dm7',
        'F#7',
        'G7',
      ]);
      expect(pitches(voiced, 1)).toEqual(pitches(voiced, 2).map((pitch) => pitch - 1));
      const strings = voiced.path.slice(1, 3).map(({ notes }) => notes.map(({ string }) => string));
      expect(strings[0]).toEqual(strings[1]);
    },
  );

  it('walk one voice and keep the others', () => {
    const device = { device: 'inner line', variant: 'root 7 ♭7 6' } as const;
    const { voiced } = withDevice('| Dm7 | G7 | Cmaj7 | % |', device);
    const rows = [0, 1, 2, 3].map((at) => pitches(voiced, at));
    for (const at of [1, 2, 3]) {
      const left = rows[at - 1]!.filter((pitch) => !rows[at]!.includes(pitch));
      const come = rows[at]!.filter((pitch) => !rows[at - 1]!.includes(pitch));
      expect([left.length, come.length]).toEqual([1, 1]);
      expect(left[0]! - come[0]!).toBe(1);
    }
  });

  it.each([
    ['holding the fifth', 7],
    ['holding the root', 0],
  ])('hold one note and move the other three: %s', (variant, held) => {
    const device = { device: 'sixth and diminished', variant } as const;
    const { voiced } = withDevice('| C6 | F6 | C6 | G7 |', device);
    const [first, second] = [pitches(voiced, 0), pitches(voiced, 1)];
    expect([first.at(-1)! % 12, second.at(-1)!]).toEqual([held, first.at(-1)!]);
    expect(second.filter((pitch) => !first.includes(pitch))).toHaveLength(3);
  });

  it('keep every note of a harmonised line on top', () => {
    const line = [67, 69, 71, 72];
    const device = { device: 'harmonised line', variant: 'your line', line } as const;
    const { voiced } = withDevice('| C6 | % | G7 | C6 |', device);
    expect(line.map((_, at) => top(voiced, at))).toEqual(line);
  });

  it('hold a drone on top while the lower voices move', () => {
    const device = { device: 'drone', variant: 'seventh' } as const;
    const { voiced } = withDevice('| Am7 | Dm7 | G7 | Cmaj7 |', device);
    const tops = [0, 1, 2, 3].map((at) => top(voiced, at));
    expect(new Set(tops).size).toBe(1);
    expect(tops[0]! % 12).toBe(7);
    expect(pitches(voiced, 0)).not.toEqual(pitches(voiced, 1));
  });

  it('climb on the sixth and the diminished chord by turns', () => {
    const device = { device: 'sixth and diminished', variant: 'climbing' } as const;
    const { voiced } = withDevice('| C6 | F6 | C6 | G7 |', device);
    const tops = [0, 1, 2, 3].map((at) => top(voiced, at));
    expect(tops).toEqual([...tops].sort((a, b) => a - b));
    expect(new Set(tops).size).toBe(4);
  });

  it('climb from cell to cell', () => {
    const device = { device: 'cells up the neck', variant: 'going up' } as const;
    const { voiced } = withDevice('| C7 | F7 | C7 | % |', device, guitar);
    const tops = [0, 1, 2, 3].map((at) => top(voiced, at));
    expect(tops).toEqual([...tops].sort((a, b) => a - b));
    expect(new Set(tops).size).toBe(4);
  });

  it('slide a sixth into the ninth: three notes, a whole step, then 9 5 and b7', () => {
    const { voiced } = withDevice(
      '| C7 | F7 |',
      { device: 'sixth to ninth', variant: '6 to 9' },
      guitar,
    );
    const [sixth, ninth] = voiced.path;
    expect(ninth!.notes.map(({ midi }) => midi + 2)).toEqual(sixth!.notes.map(({ midi }) => midi));
    expect(ninth!.notes.map(({ fret }) => fret! + 2)).toEqual(sixth!.notes.map(({ fret }) => fret));
  });

  it('leave out what offers nothing where it stands, and what overlaps another', () => {
    const chorus = chorusFrom(MAJOR);
    const at = { at: 0, chorus: 0, device: 'slide', variant: 'from below, a beat early' } as const;
    const devices = [
      { ...at, symbol: 'Dm7', variant: 'from nowhere' },
      { ...at, symbol: 'Dm7' },
      { ...at, symbol: 'Dm7', variant: 'from above, a beat early' },
    ];
    const { placed } = movedChoruses(chorus, 1, devices, {
      window: { low: 48, high: 76 },
      loop: true,
    });
    expect(placed.map(({ applied }) => applied)).toEqual([devices[1]]);
  });

  it('stand in one chorus and not in the next', () => {
    const chorus = chorusFrom(MAJOR);
    const devices = [
      { at: 0, chorus: 1, symbol: 'Dm7', device: 'through the key', variant: 'rising' } as const,
    ];
    const { choruses } = movedChoruses(chorus, 2, devices, {
      window: { low: 48, high: 76 },
      loop: true,
    });
    expect(choruses.chords.map(({ symbol }) => symbol).join(' ')).toBe(
      'Dm7 G7 Cmaj7 Cmaj7 Dm7 Em7 Fmaj7 G7 Cmaj7 Cmaj7',
    );
    expect(choruses.timeline.events[5]).toMatchObject({ bar: 5, beat: 3, at: 18, length: 1 });
  });

  const TUNES = [
    MAJOR,
    '| Dm7b5 | G7b9 | Cm6 | % |',
    '| C7 | F7 | C7 | G7 |',
    '| Am7 | Dm7 | G7 | Cmaj7 |',
  ];
  it.each(TUNES)('of every kind are voiced on both instruments in %s', (text) => {
    const chorus = chorusFrom(text);
    const whole = wholeChords(chorus);
    const seen = new Set<string>();
    for (const arrangement of [guitar, keyboardArrangement]) {
      const { room, loop } = arrangement;
      const connector = createConnector();
      whole.forEach((_, at) => {
        for (const offer of offersAt(whole, at, { window: room.window, loop })) {
          if (at + offer.covers > whole.length) continue;
          const { device, variant } = offer;
          const applied = { chorus: 0, at, symbol: whole[at]!.chord.symbol, device, variant };
          const { choruses } = movedChoruses(chorus, 1, [applied], { window: room.window, loop });
          const voiced = voiceChoruses(connector, { arrangement, chorus, choruses });
          expect(voiced.status).toBe('found');
          if (voiced.status !== 'found') continue;
          expect(voiced.path).toHaveLength(choruses.chords.length);
          expect(voiced.path.every(({ notes }) => notes.length > 0)).toBe(true);
          seen.add(device);
        }
      });
    }
    expect(DEVICE_IDS).toEqual(expect.arrayContaining([...seen]));
    expect(seen.size).toBeGreaterThan(5);
  });
});
