import type { School } from '@drop-close/core';

/** The schools of note pools, as they are chosen, and what each says. */
export const SCHOOLS: readonly {
  readonly value: School;
  readonly label: string;
  readonly about: string;
}[] = [
  {
    value: 'by function',
    label: 'Function',
    about: 'Function: by what the chord does in its key.',
  },
  {
    value: 'sixth and diminished',
    label: 'Sixths',
    about: 'Sixths: every chord as a sixth chord, with the diminished of its dominant between.',
  },
  {
    value: 'parent minor',
    label: 'Minor',
    about: 'Minor: a ii–V as one minor sound. It says nothing of a major chord.',
  },
  { value: 'simple', label: 'Simple', about: 'Simple: pentatonics, blues and triads.' },
];
