import type { LineNote, Room, Thread, Timeline, Voicing } from '@drop-close/core';
import type { PitchScale } from '../../ui/pitchScale';
import type { SystemLayout } from './threadLayout';
import type { Zoom } from './zoom';

/** Some bars as threads, and what is in hand of them. */
export interface ThreadSystemProps {
  readonly system: SystemLayout;
  /** The chords and strands that would be otherwise. */
  readonly ghost: SystemLayout | undefined;
  /** Chords that a ghost holds otherwise. */
  readonly regripped: ReadonlySet<number>;
  readonly scale: PitchScale;
  readonly zoom: Zoom;
  readonly width: number;
  readonly timeline: Timeline;
  readonly path: readonly Voicing[];
  readonly threads: readonly Thread[];
  /** The voice that is followed. */
  readonly focus: Thread | undefined;
  readonly room: Room;
  /** Notes of the top line in mind. */
  readonly notes: readonly LineNote[];
  /** The first system names the zones and holds the tab stops of what is dragged. */
  readonly first: boolean;
  readonly drawing: boolean;
  readonly locked: ReadonlySet<number>;
  readonly selected: number;
  readonly sounding: number | undefined;
  readonly onSelect: (index: number) => void;
}
