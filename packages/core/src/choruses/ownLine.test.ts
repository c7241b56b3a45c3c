/**
 * Line and chords in one pair of hands, over the demo blues and every other demo tune in four. Source: common
 * practice.
 */
import { defaultArrangement } from '../arrangement/stored/defaults';
import { startFor } from '../arrangement/stored/start';
import { pitchClassOf } from '../pitch/spelling';
import { chordsTold } from '../comp/solo/harmony';
import { layLicks, type Caller } from '../comp/licks/layLicks';
import { readLick } from '../comp/licks/readLick';
import type { Lick } from '../comp/licks/types';
import { createConnector } from '../connect/connect';
import { noComp } from '../comp/defaults';
import { demoTunes } from '../testing/demo';
import { chord } from '../testing/builders';
import { defaultGuitar, defaultVoicingSettings, rooms } from '../voicing/data';
import { enumerateVoicings } from '../voicing/enumerate';
import { instrumentOf } from '../arrangement/stored/defaults';
import { defaultInstruments } from '../voicing/data';
import { compOwnLine } from './behind';
import { compose } from './compose';
import { swungLine } from './lines';
import { lineRange, playsOver } from './ownLine';

const LICKS: readonly Lick[] = [
  { name: 'One', key: 'C', notes: 'r C5 Eb5 F5 G5q Eb5 C5 Bb4q', answer: '..xo----' },
  { name: 'Two', key: 'C', notes: 'G5q. Eb5 F5 Eb5 C5q', answer: '' },
];
const FOUR = { beats: 4, unit: 4 } as const;

const licks = LICKS.map((lick) => {
  const read = readLick(lick, FOUR);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
});

function played(
  at: number,
  instrument: 'guitar' | 'keyboard' | 'ukulele',
  calls: Caller,
  seed = 1,
) {
  const { chorus, feel: _, tempo: __, ...tune } = demoTunes()[at]!;
  const arrangement = {
    ...defaultArrangement,
    instrument,
    ...startFor(instrument, rooms.bass),
    room: rooms.bass,
  };
  const held = instrumentOf(arrangement, defaultInstruments);
  const laid = layLicks({
    ...{ timeline: chorus.timeline, meter: FOUR, licks, calls, seed, place: 'key' },
    ...{ home: pitchClassOf(chorus.analysis.homeKey.split(' ')[0]!), range: lineRange(held) },
  });
  if (!laid.ok) throw new Error(`${tune.title}: ${laid.problem}`);
  const line = swungLine(
    { notes: laid.value.notes, written: true },
    chorus.timeline,
    chorus.timeline,
    0.6,
  );
  const request = {
    connector: createConnector(),
    arrangement,
    comp: noComp,
    chorus,
    line,
    offbeat: 0.6,
  };
  const made = compOwnLine(request, laid.value.hits);
  const composed = compose({ ...request, comp: made.comp });
  if (composed.voiced.status !== 'found') throw new Error(composed.voiced.why);
  return { ...tune, made, composed, path: composed.voiced.path, line, held, chorus };
}

/** Demo tunes in four: 0 the blues, and others. */
const IN_FOUR = [0, 1, 2, 6, 8, 10];

describe.each(['guitar', 'keyboard', 'ukulele'] as const)(
  'licks and chords in one pair of hands, %s',
  (instrument) => {
    it.each(['line', 'chords'] as const)('can be played: the %s call', (calls) => {
      let together = 0;
      for (const at of IN_FOUR) {
        const { composed, path, line, held } = played(at, instrument, calls);
        for (const { at: from, end, chord: position } of composed.sounding) {
          const under = line.filter((note) => note.at < end && note.at + note.length > from);
          for (const note of under) {
            together += 1;
            const grip = path[position]!;
            if (instrument !== 'keyboard') {
              expect(playsOver(grip, note.midi, held as typeof defaultGuitar)).toBe(true);
            } else {
              expect(grip.notes.length).toBeLessThanOrEqual(3);
              expect(grip.notes.at(-1)!.midi).toBeLessThan(note.midi);
            }
          }
        }
      }
      if (instrument === 'keyboard') expect(together).toBeGreaterThan(20);
    });
    it('tells most of the harmony round the line', () => {
      for (const at of IN_FOUR) {
        const { composed, title } = played(at, instrument, 'line');
        const { chords, told } = chordsTold(composed.choruses.timeline, composed.sounding);
        const least = instrument === 'keyboard' ? 0.85 : 0.5;
        expect(`${title} ${told / chords >= least ? 'told' : `${told} of ${chords}`}`).toBe(
          `${title} told`,
        );
      }
    });
  },
);

describe('a note over a held grip', () => {
  const shell = enumerateVoicings(chord('A7'), {
    ...defaultVoicingSettings,
    families: ['shell'],
  }).find(
    ({ notes }) => notes.map(({ string, fret }) => `${string}/${fret}`).join(' ') === '6/5 4/5 3/6',
  )!;
  it('is played by the little finger where the shell leaves it free', () => {
    // A7 as 5x56xx: E on string 2 at fret 5, G on string 1 at fret 8.
    expect(playsOver(shell, 64, defaultGuitar)).toBe(true);
  });
  it('is not played far from the grip, nor on a string that it takes', () => {
    expect(playsOver(shell, 84, defaultGuitar)).toBe(false);
    expect(playsOver(shell, 46, defaultGuitar)).toBe(false);
  });
});
