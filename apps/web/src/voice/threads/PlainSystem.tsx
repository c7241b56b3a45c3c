import type { Thread, Timeline, Voicing } from '@drop-close/core';
import type { Arrangement } from '@drop-close/core';
import type { PitchScale } from '../../ui/pitchScale';
import { ThreadSystem } from './ThreadSystem';
import type { SystemLayout } from './threadLayout';
import type { Zoom } from './zoom';

const NOTHING: ReadonlySet<number> = new Set();
const NO_THREADS: readonly Thread[] = [];
const NO_NOTES = [] as const;

interface PlainSystemProps {
  readonly system: SystemLayout;
  readonly scale: PitchScale;
  readonly zoom: Zoom;
  readonly width: number;
  readonly timeline: Timeline;
  readonly path: readonly Voicing[];
  readonly room: Arrangement['room'];
  readonly first: boolean;
  /** Positions among the chords of the chorus. */
  readonly selected: number | undefined;
  readonly sounding: number | undefined;
  readonly onSelect: (index: number) => void;
}

/** A system in which nothing is locked, drawn, followed or compared. */
export function PlainSystem({ system, selected, sounding, ...props }: PlainSystemProps) {
  const holds = (at: number | undefined): boolean =>
    system.chords.some((column) => column.index === at);
  return (
    <ThreadSystem
      {...props}
      system={system}
      ghost={undefined}
      regripped={NOTHING}
      threads={NO_THREADS}
      focus={undefined}
      notes={NO_NOTES}
      drawing={false}
      locked={NOTHING}
      selected={selected !== undefined && holds(selected) ? selected : -1}
      sounding={holds(sounding) ? sounding : undefined}
    />
  );
}
