import type { Voicing } from './types';

/** The strings a voicing lies on, from the highest number down, as `5432`; empty on keys. */
export const stringSetOf = ({ notes }: Voicing): string =>
  notes
    .flatMap(({ string }) => string ?? [])
    .sort((a, b) => b - a)
    .join('');
