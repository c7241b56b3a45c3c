import { midi } from '../base/units';
import { clefOf, ledgerLines, staffStep, stepsUnder } from './staff';

const written = (text: string) =>
  text.split(' ').map((each) => {
    const [note, pitch] = each.split(':');
    return { note: note!, midi: midi(Number(pitch)) };
  });

it('steps go by letters, whatever their signs', () => {
  const steps = written('C:12 C:60 Eb:63 E:64 B#:60 Cb:59').map((each) =>
    staffStep(each.note, each.midi),
  );
  expect(steps).toEqual([0, 28, 30, 30, 27, 28]);
});

it('steps under a staff are counted from its lowest line', () => {
  const [e4, c4, eb3, f5] = written('E:64 C:60 Eb:51 F:77');
  expect([e4, c4, eb3, f5].map((each) => stepsUnder(each!, 'treble'))).toEqual([0, 2, 7, -8]);
  expect(stepsUnder(written('G:43')[0]!, 'bass')).toBe(0);
});

// Source: common practice of notation.
it('middle C has one ledger line in either clef, and what stands in a staff or beside it none', () => {
  for (const clef of ['treble', 'bass'] as const) {
    expect(written('C:60').map((each) => ledgerLines(each, clef))).toEqual([1]);
  }
  const treble = written('A:57 D:62 E:64 F:77 G:79 A:81 C:84');
  expect(treble.map((each) => ledgerLines(each, 'treble'))).toEqual([2, 0, 0, 0, 0, 1, 2]);
  const bass = written('E:40 F:41 G:43 A:57 B:59 E:64');
  expect(bass.map((each) => ledgerLines(each, 'bass'))).toEqual([1, 0, 0, 0, 0, 2]);
});

it('low lines are written in the bass clef, others and none at all in the treble', () => {
  expect(clefOf(written('Bb:46 D:50 F:53 A:57'))).toBe('bass');
  expect(clefOf(written('Bb:58 D:62 F:65 A:69'))).toBe('treble');
  expect(clefOf(written('C:60'))).toBe('treble');
  expect(clefOf([])).toBe('treble');
});
