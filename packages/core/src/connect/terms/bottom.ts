import type { Degree } from '../../chord/degrees';
import { SIZES } from '../base/data';
import type { ChordFacts, CostTerm } from '../base/types';

const GROUND: readonly Degree[] = ['R', '5', 'b5', '#5'];
const TENSIONS: readonly Degree[] = ['b9', '9', '#9', '11', '#11', 'b13', '13'];

/**
 * What lies lowest while no bass plays: root or fifth where a section begins, never a 9, 11 or 13. With a
 * bass that has the roots, one sounding besides. Source: common practice.
 */
export const bottom: CostTerm = {
  id: 'bottom',
  label: 'Lowest note suits the room',
  sound: ({ chord, voicing: { notes }, at, settings: { room, wishes } }: ChordFacts) => {
    const lowest = notes[0]?.degree;
    if (chord.kind === 'no chord' || !lowest) return 0;
    if (room.others.bass) return doubled(room.roots, notes);
    if (chord.bass !== undefined) return 0;
    if (TENSIONS.includes(lowest)) return SIZES.tensionLowest;
    const begins = wishes.sectionStarts.includes(at);
    return begins && !GROUND.includes(lowest) ? SIZES.sectionNotGrounded : 0;
  },
};

const doubled = (roots: boolean, notes: readonly { readonly degree: Degree }[]): number =>
  !roots && notes.some(({ degree }) => degree === 'R') ? SIZES.rootBesideBass : 0;
