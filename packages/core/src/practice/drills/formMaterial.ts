import { parseChord } from '../../chord/parseChord';
import type { PitchedChord } from '../../chord/types';
import { KEY_GROUPS, type FormItem } from '../items/items';
import { formPath } from '../items/formEtude';
import type { Etude } from '../types';
import type { DrillId, DrillMaterial } from './types';

/** The drills that a form can be asked: those about a grip, and about its notes. */
export const FORM_DRILLS = [
  'what is on top',
  'which voice was dropped',
  'name the degree',
  'which voice moved',
] as const satisfies readonly DrillId[];

/**
 * The chords of a form in its keys, to be drilled: as it holds them, among all grips of its étude.
 * @returns without chords where the étude has no such form
 */
export function formMaterial(item: FormItem, etude: Pick<Etude, 'rounds'>): DrillMaterial {
  const keys = item.keys.split(' ');
  const first = KEY_GROUPS.indexOf(item.keys) * keys.length;
  const path = formPath(item, etude);
  const chords = keys.slice(0, path.length).flatMap((key): PitchedChord[] => {
    const read = parseChord(`${key}${item.quality}`);
    return read.ok && read.value.kind === 'chord' ? [read.value] : [];
  });
  return {
    chords,
    path,
    numerals: chords.map(() => ''),
    tonic: keys[0]!,
    grips: (chord) => {
      const at = chords.indexOf(chord);
      return at < 0 ? [] : etude.rounds.flatMap((round) => round.path[first + at] ?? []);
    },
  };
}
