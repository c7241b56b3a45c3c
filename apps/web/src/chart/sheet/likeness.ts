import type { SectionAnalysis } from '@drop-close/core';

const STEPS = [
  '',
  'a half step',
  'a whole step',
  'a minor third',
  'a major third',
  'a fourth',
  'a tritone',
];

/** "up a half step", "down a whole step"; nothing for 0. */
function moved(semitones: number): string {
  if (semitones === 0) return '';
  return ` ${semitones > 0 ? 'up' : 'down'} ${STEPS[Math.abs(semitones)] ?? ''}`;
}

/**
 * What a section is like: "A1 again", "A1 up a half step", "A1 but for bars 15 and 16".
 */
export function likenessInWords({ sameAs, nearly }: SectionAnalysis): string | undefined {
  if (sameAs) {
    return sameAs.semitones === 0
      ? `${sameAs.name} again`
      : `${sameAs.name}${moved(sameAs.semitones)}`;
  }
  if (!nearly) return undefined;
  const bars = nearly.exceptBars;
  const list =
    bars.length === 1
      ? `bar ${bars.join()}`
      : `bars ${bars.slice(0, -1).join(', ')} and ${bars.at(-1) ?? ''}`;
  return `${nearly.name}${moved(nearly.semitones)} but for ${list}`;
}
