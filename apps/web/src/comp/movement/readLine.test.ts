import { readLine } from './readLine';

describe('a line that is typed', () => {
  it('is read note by note, middle C being C4', () => {
    expect(readLine('C4 Bb4, f#5').notes).toEqual([60, 70, 78]);
  });
  it('counts octaves from the letter: Cb4 is B3', () => {
    expect(readLine('Cb4 B#3').notes).toEqual([59, 60]);
  });
  it('says which word is no note, and keeps what came before', () => {
    expect(readLine('G4 H4 A4')).toMatchObject({
      notes: [67],
      problem: '“H4” is no note; write them like G4 or Bb4.',
    });
  });
  it('is no longer than two bars of eighths', () => {
    expect(readLine('C4 '.repeat(17)).problem).toMatch(/at most 16/);
  });
  it('may be empty', () => {
    expect(readLine('  ')).toEqual({ notes: [], under: [], problem: undefined });
  });
});

it('reads what is asked for under each note', () => {
  expect(readLine('G4 A4d B4s C5n')).toMatchObject({
    notes: [67, 69, 71, 72],
    under: ['by itself', 'diminished', 'slid', 'alone'],
  });
  expect(readLine('G4 A4').under).toEqual([]);
});
