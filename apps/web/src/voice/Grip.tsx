import { defaultGuitar } from '@drop-close/core';
import { FretBox } from './FretBox';
import type { GripProps } from './gripProps';
import { KeyStrip } from './KeyStrip';

/** How to hold a voicing: strings and frets, or keys. Nothing under a rest. */
export function Grip({ voicing, size }: GripProps) {
  if (!voicing.notes.length) return null;
  const onStrings = voicing.notes.some((note) => note.string !== undefined);
  return onStrings ? (
    <FretBox voicing={voicing} size={size} strings={defaultGuitar.tuning.length} />
  ) : (
    <KeyStrip voicing={voicing} size={size} />
  );
}
