import {
  FOUR_FOUR,
  parseMeter,
  type ChartHeader,
  type Feel,
  type Meter,
  type TuneFields,
} from '@drop-close/core';
import { useMemo } from 'react';
import { useTune } from '../document/store';
import { useChorus } from '../engine/useChorus';

/** What stands over a tune. Where the changes themselves say it, they are right. */
export interface Heading {
  readonly title: string;
  readonly key: string;
  readonly meter: Meter;
  readonly tempo: number;
  readonly feel: Feel;
  /** What the changes themselves say. */
  readonly written: ChartHeader;
}

export function headingOf(tune: Omit<TuneFields, 'text'>, written: ChartHeader): Heading {
  return {
    title: written.title ?? tune.title,
    key: written.key ?? tune.key,
    meter: written.meter ?? parseMeter(tune.meter) ?? FOUR_FOUR,
    tempo: written.tempo ?? tune.tempo,
    feel: written.feel ?? tune.feel,
    written,
  };
}

const NOTHING: ChartHeader = {};

/** The heading of the tune on the desk, as it is played. */
export function useHeading(): Heading {
  const tune = useTune();
  const written = useChorus()?.chart.header ?? NOTHING;
  return useMemo(() => headingOf(tune, written), [tune, written]);
}
