import { FOUR_FOUR, inQuarters, type BandPlan, type Round } from '@drop-close/core';

export const METER = FOUR_FOUR;
/** Quarters each chord of an étude lasts: two chords a bar. */
const EACH = 2;
const VELOCITY = 76;

/** A round alone: its line, or chord by chord. */
export function roundPlan({ path, line }: Pick<Round, 'path' | 'line'>): BandPlan {
  if (line.length) {
    const notes = line.map(({ midi, at, length, velocity }) => ({
      ...{ part: 'comp' as const, midi, velocity },
      at: inQuarters(at),
      length: inQuarters(length),
    }));
    return { notes, length: Math.max(...notes.map((note) => note.at + note.length)), pickup: 0 };
  }
  const notes = path.flatMap((voicing, at) =>
    voicing.notes.map(({ midi }) => ({
      part: 'comp' as const,
      midi,
      at: at * EACH,
      length: EACH,
      velocity: VELOCITY,
    })),
  );
  return { notes, length: path.length * EACH, pickup: 0 };
}

/** How long so many chords take: "3 minutes". */
export function etudeLength(chords: number, tempo: number): string {
  const minutes = Math.max(1, Math.round((chords * EACH) / tempo));
  return minutes === 1 ? 'a minute' : `${minutes} minutes`;
}
