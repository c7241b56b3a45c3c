import { defaultGuitar, type Voicing } from '@drop-close/core';
import { FretBox } from './FretBox';
import { KeyStrip } from './KeyStrip';

export interface GripProps {
  readonly voicing: Voicing;
  readonly size: 'small' | 'large';
}

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
