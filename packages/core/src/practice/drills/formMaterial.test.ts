import { rooms } from '../../voicing/data';
import { makeEtude } from '../etude';
import { formRequest } from '../items/formEtude';
import { itemOf, type FormItem } from '../items/items';
import { drill } from './drill';
import { FORM_DRILLS, formMaterial } from './formMaterial';

/** As `drop2 / maj7 / 5432 / 1 / C F Bb`. */
function materialOf(key: string) {
  const item = itemOf(`form / ${key}`);
  if (!item.ok) throw new Error(item.problem);
  const form = item.value as FormItem;
  const made = makeEtude(formRequest(form, { room: rooms.alone, fretted: 'guitar' }));
  if (!made.ok) throw new Error(made.problem.message);
  return formMaterial(form, made.value);
}

describe('a form to be drilled', () => {
  it('holds its three chords as they are gripped: Cmaj7 in drop 2, first inversion, is E B C G', () => {
    const { chords, path } = materialOf('drop2 / maj7 / 5432 / 1 / C F Bb');
    expect(chords.map(({ symbol }) => symbol)).toEqual(['Cmaj7', 'Fmaj7', 'Bbmaj7']);
    expect(path[0]!.notes.map(({ note }) => note).join(' ')).toBe('E B C G');
  });
  it.each(FORM_DRILLS)('has twenty questions of "%s", each with an answer', (id) => {
    const next = drill(id, materialOf('drop2 / m7 / 4321 / 0 / A D G'), 4);
    const asked = Array.from({ length: 20 }, next);
    expect(asked.filter((question) => question?.drill === id)).toHaveLength(20);
    expect(new Set(asked.map((question) => question?.key)).size).toBeGreaterThan(2);
  });
  it('has none where the form does not exist', () => {
    const { chords } = materialOf('drop2 / 7 / 65 / 0 / C F Bb');
    expect(chords).toEqual([]);
  });
});
