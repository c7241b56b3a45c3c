import type { SectionAnalysis } from '../base/types';
import { barsInList } from '../../base/words';
import { moveInWords } from '../landmarks/landmark';

const moved = (semitones: number): string =>
  semitones === 0 ? '' : ` ${moveInWords((semitones + 12) % 12)}`;

/**
 * What a section is like: "A1 again", "A1 up a half step", "A1 but for bars 15 and 16"; nothing where it is like none
 * before it.
 */
export function likenessInWords({
  sameAs,
  nearly,
}: Pick<SectionAnalysis, 'sameAs' | 'nearly'>): string | undefined {
  if (sameAs)
    return sameAs.semitones ? sameAs.name + moved(sameAs.semitones) : `${sameAs.name} again`;
  if (!nearly) return undefined;
  return `${nearly.name}${moved(nearly.semitones)} but for ${barsInList(nearly.exceptBars)}`;
}
