import { useEffect, useRef } from 'react';
import type { StaffContent } from './engrave';
import { engraver } from './engraver';
import './staff.css';

interface StaffProps extends StaffContent {
  /** What is seen, in words. */
  readonly label: string;
}

/** A chord and a line on the staff. The engraver comes with the first staff that shows. */
export function Staff({ clef, chord, line, label }: StaffProps) {
  const host = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const place = host.current;
    if (!place) return undefined;
    let gone = false;
    void engraver().then(async (loaded) => {
      if (!gone) await loaded?.engrave(place, { clef, chord, line });
    });
    return () => {
      gone = true;
    };
  }, [clef, chord, line]);
  return <div ref={host} className="staff" role="img" aria-label={label} />;
}
