import { useProfile } from '../../profile/profileStore';
import { FretBox } from './FretBox';
import type { GripProps } from './gripProps';
import { KeyStrip } from './KeyStrip';

/** How to hold a voicing: strings and frets, or keys. Nothing under a rest. */
export function Grip({ voicing, size }: GripProps) {
  const { guitar, leftHanded } = useProfile();
  if (!voicing.notes.length) return null;
  const onStrings = voicing.notes.some((note) => note.string !== undefined);
  return onStrings ? (
    <FretBox voicing={voicing} size={size} strings={guitar.tuning.length} leftHanded={leftHanded} />
  ) : (
    <KeyStrip voicing={voicing} size={size} />
  );
}
