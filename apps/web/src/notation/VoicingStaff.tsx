import type { Voicing } from '@drop-close/core';
import { useEffect, useRef } from 'react';
import { useNotation } from '../profile/useNotation';
import { voicingScore } from './voicingScore';
import './staff.css';

/** A voicing on the staff; for guitar with tab, for keyboard on two staves. */
export function VoicingStaff({ voicing, strings }: { voicing: Voicing; strings: number }) {
  const { note } = useNotation();
  const host = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const place = host.current;
    if (!place) return undefined;
    let gone = false;
    void import('./engrave').then(async ({ engraveVoicing }) => {
      if (!gone) await engraveVoicing(place, voicingScore(voicing), strings);
    });
    return () => {
      gone = true;
    };
  }, [voicing, strings]);
  const names = voicing.notes.map((each) => note(each.note)).join(' ');
  const onStrings = voicing.notes.some(({ string }) => string !== undefined);
  return (
    <div
      ref={host}
      className="staff staff-voicing"
      role="img"
      aria-label={`On the staff${onStrings ? ' and in tab' : ''}: ${names}`}
    />
  );
}
