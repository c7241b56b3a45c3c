import { isFretted } from '@drop-close/core';
import { useProfile } from '../../profile/profileStore';
import { useInstrument } from '../../profile/useInstrument';
import { FretBox } from './FretBox';
import type { GripProps } from './gripProps';
import { KeyStrip } from './KeyStrip';

/** How to hold a voicing: strings and frets, or keys. Nothing under a rest. */
export function Grip({ voicing, size }: GripProps) {
  const { leftHanded } = useProfile();
  const instrument = useInstrument();
  if (!voicing.notes.length) return null;
  return isFretted(instrument) ? (
    <FretBox
      voicing={voicing}
      size={size}
      strings={instrument.tuning.length}
      leftHanded={leftHanded}
    />
  ) : (
    <KeyStrip voicing={voicing} size={size} />
  );
}
