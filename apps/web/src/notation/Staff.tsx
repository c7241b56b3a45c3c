import { useCallback } from 'react';
import type { StaffContent } from './engrave';
import { useEngraved } from './useEngraved';
import './staff.css';

interface StaffProps extends StaffContent {
  /** What is seen, in words. */
  readonly label: string;
}

/** A chord and a line on the staff. */
export function Staff({ clef, chord, line, label }: StaffProps) {
  const host = useEngraved(
    useCallback(
      (loaded, place) => {
        loaded.engrave(place, { clef, chord, line });
      },
      [clef, chord, line],
    ),
  );
  return <div ref={host} className="staff" role="img" aria-label={label} />;
}
