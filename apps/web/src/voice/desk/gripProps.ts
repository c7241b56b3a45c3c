import type { Voicing } from '@drop-close/core';

/** What every drawing of a grip is given. */
export interface GripProps {
  readonly voicing: Voicing;
  readonly size: 'small' | 'large';
}
