import type { FamilyId } from '../voicing/base/types';
import type { Texture } from '../comp/comping';

/** The families of a texture; none where voicings are as they are. Source: our own judgement. */
export const TEXTURE_FAMILIES: Readonly<Record<Texture, readonly FamilyId[] | undefined>> = {
  'as voiced': undefined,
  'guide tones': ['guide'],
  shells: ['shell'],
  small: ['cell', 'rootless', 'guide'],
  full: ['shell+', 'drop2', 'drop3', 'drop24', 'spread'],
};
