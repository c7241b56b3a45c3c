import type { Instrument, Voicing } from '@drop-close/core';
import { useCallback } from 'react';
import { useNotation } from '../profile/useNotation';
import { useEngraved } from './useEngraved';
import { voicingScore } from './voicingScore';
import './staff.css';

interface VoicingStaffProps {
  readonly voicing: Voicing;
  readonly instrument: Instrument;
}

/** A voicing on the staff with its tab, or on two staves, as its instrument is written. */
export function VoicingStaff({ voicing, instrument }: VoicingStaffProps) {
  const { note, spell } = useNotation();
  const host = useEngraved(
    useCallback(
      (loaded, place) => {
        loaded.engraveVoicing(place, voicingScore(voicing, instrument, spell));
      },
      [voicing, instrument, spell],
    ),
  );
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
