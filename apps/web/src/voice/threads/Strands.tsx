import type { Thread } from '@drop-close/core';
import { voiceAt } from './focus';
import { StrandLine } from './StrandLine';
import type { Strand, SystemLayout } from './threadLayout';

interface StrandsProps {
  readonly system: SystemLayout;
  /** The voice that is followed. */
  readonly focus: Thread | undefined;
}

/** The threads of a system; the one that is followed stands out. */
export const Strands = ({ system, focus }: StrandsProps) =>
  system.strands.map((strand, index) => (
    <g key={index} className={belongs(strand, focus) ? 'followed' : undefined}>
      <StrandLine strand={strand} />
    </g>
  ));

const belongs = ({ chord, voice, kind }: Strand, thread: Thread | undefined): boolean =>
  thread !== undefined && voiceAt(thread, kind === 'enters' ? chord + 1 : chord) === voice;
