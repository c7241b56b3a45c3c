import { FAMILY_IDS, type FamilyId } from '../../voicing/base/types';
import { inversionOf } from '../../voicing/base/stacks';
import { rooms } from '../../voicing/data';
import { familyOf } from '../../voicing/families';
import { makeEtude } from '../etude';
import { formPath, formRequest } from './formEtude';
import { KEY_GROUPS, type FormItem } from './items';

const item = (change: Partial<FormItem> = {}): FormItem => ({
  kind: 'form',
  ...{ family: 'drop2', quality: '7', where: '5432', inversion: 0, keys: 'C F Bb' },
  ...change,
});
const pathOf = (form: FormItem) => {
  const made = makeEtude(formRequest(form, { room: rooms.alone, fretted: 'guitar' }));
  if (!made.ok) throw new Error(made.problem.message);
  return formPath(form, made.value);
};
const lowest = (form: FormItem) => pathOf(form).map(({ notes }) => notes[0]?.note);

describe('the chords of a form', () => {
  it('stand on the tone of their inversion, in the keys of their group', () => {
    expect(lowest(item())).toEqual(['C', 'F', 'Bb']);
    expect(lowest(item({ inversion: 1, keys: 'A D G' }))).toEqual(['C#', 'F#', 'B']);
    expect(lowest(item({ inversion: 3, keys: 'Eb Ab Db' }))).toEqual(['Db', 'Gb', 'Cb']);
  });
  it('lie on the strings of the form, in every inversion and group of keys', () => {
    let count = 0;
    for (const keys of KEY_GROUPS) {
      for (const inversion of [0, 1, 2, 3] as const) {
        const path = pathOf(item({ keys, inversion }));
        expect(path).toHaveLength(3);
        for (const { notes } of path) {
          expect(notes.map(({ string }) => string)).toEqual([5, 4, 3, 2]);
          count += 1;
        }
      }
    }
    expect(count).toBe(48);
  });
  it('lie in the hand of the form on keys, where it has a place', () => {
    const form = item({ family: 'rootless', quality: 'm7', where: 'left', inversion: 1 });
    const path = pathOf(form);
    expect(path.map(({ notes }) => notes[0]?.degree)).toEqual(['b3', 'b3', 'b3']);
    expect(path.flatMap(({ notes }) => notes.map(({ hand }) => hand))).not.toContain('right');
  });
});

describe('a form of any family, quality and place', () => {
  /** So many voicings were looked at. */
  const HELD = 5955;
  const HANDS = ['left', 'right', 'left right'];
  const placesOf = (family: FamilyId, onStrings: boolean): readonly string[] =>
    onStrings ? (familyOf(family).strings ?? ['4321', '5432', '6543']) : HANDS;
  it('stands on the tone of its inversion and lies where it says, or there is none', () => {
    let held = 0;
    for (const family of FAMILY_IDS) {
      for (const where of [...placesOf(family, true), ...placesOf(family, false)]) {
        for (const quality of ['maj7', '7', 'm7b5'] as const) {
          const form = item({ family, quality, where });
          const made = makeEtude(formRequest(form, { room: rooms.alone, fretted: 'guitar' }));
          if (!made.ok) continue;
          for (const inversion of [0, 1, 2, 3] as const) {
            for (const keys of KEY_GROUPS) {
              for (const { notes } of formPath({ ...form, inversion, keys }, made.value)) {
                expect(inversionOf(notes[0]!.degree)).toBe(inversion);
                for (const { string, hand } of notes) {
                  expect(where).toContain(String(string ?? hand));
                }
                held += 1;
              }
            }
          }
        }
      }
    }
    expect(held).toBe(HELD);
  });
});
