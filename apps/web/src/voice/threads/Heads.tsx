import type { SystemLayout } from './threadLayout';

interface HeadsProps {
  readonly system: SystemLayout;
  readonly selected: number;
  /** In pixels. */
  readonly radius: number;
}

/** How much larger the heads of the chord in hand are. */
const IN_HAND = 1.4;

/** Where each voice sits, chord by chord. */
export const Heads = ({ system, selected, radius }: HeadsProps) =>
  system.chords.flatMap(({ index, heads }) =>
    heads.map(({ x, y }, voice) => (
      <circle
        key={`${index} ${voice}`}
        className={index === selected ? 'head head-selected' : 'head'}
        cx={x}
        cy={y}
        r={index === selected ? radius * IN_HAND : radius}
      />
    )),
  );
