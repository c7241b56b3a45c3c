import type { FamilyId } from '../voicing/types';
import type { Comp, SectionPlan, Texture } from './types';

/** The families of a texture; none where voicings are as they are. Source: our own judgement. */
export const TEXTURE_FAMILIES: Readonly<Record<Texture, readonly FamilyId[] | undefined>> = {
  'as voiced': undefined,
  'guide tones': ['guide'],
  shells: ['shell'],
  small: ['cell', 'rootless', 'guide'],
  full: ['shell+', 'drop2', 'drop3', 'drop24', 'spread'],
};

/** A section nobody has planned. */
export const defaultSection: SectionPlan = {
  texture: 'as voiced',
  family: 'any',
  density: 3,
  loudness: 3,
  devices: 0,
  rests: [],
};

/** Nothing placed yet: one chorus, nobody in front. */
export const noComp: Comp = {
  hits: [],
  devices: [],
  plan: [[]],
  bass: 'by the feel',
  drums: 'by the feel',
  swing: 100,
  behind: null,
  strictness: 3,
  yields: true,
};
