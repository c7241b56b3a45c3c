import { pitchClassOf, type NoteName } from '../../pitch/spelling';
import type { Pool, School } from '../base/types';
import { scaleNotes, type ScaleName } from '../../chord/scales';

export const poolOf = (root: NoteName, name: ScaleName, when: string, school: School): Pool => ({
  name: `${root} ${name}`,
  root,
  scale: name,
  notes: scaleNotes(root, name),
  when,
  school,
});

export const pitchesOf = (notes: readonly NoteName[]): Set<number> =>
  new Set(notes.map((note) => pitchClassOf(note)));
