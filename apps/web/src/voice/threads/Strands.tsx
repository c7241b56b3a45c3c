import type { Thread } from '@drop-close/core';
import { useThreadListening } from './useThreadListening';
import { useThreadFocus, voiceAt } from './focus';
import { StrandLine } from './StrandLine';
import type { Strand, SystemLayout } from './threadLayout';

interface StrandsProps {
  readonly system: SystemLayout;
  readonly threads: readonly Thread[];
  readonly focus: Thread | undefined;
  readonly onSelect: (index: number) => void;
}

/** The threads of a system. The pointer on one follows that voice; a press hears it alone from there. */
export function Strands({ system, threads, focus, onSelect }: StrandsProps) {
  const { hearThread } = useThreadListening();
  return system.strands.map((strand, index) => {
    const thread = threadOf(strand, threads);
    const followed = thread !== undefined && thread === focus;
    return (
      <g key={index} className={followed ? 'followed' : undefined}>
        <StrandLine strand={strand} />
        <line
          className="strand-reach"
          x1={strand.from.x}
          y1={strand.from.y}
          x2={strand.to.x}
          y2={strand.to.y}
          onPointerEnter={() => {
            useThreadFocus.setState({ under: thread });
          }}
          onPointerLeave={() => {
            useThreadFocus.setState({ under: undefined });
          }}
          onClick={() => {
            onSelect(strand.chord);
            if (thread) hearThread(thread, strand.chord);
          }}
        />
      </g>
    );
  });
}

const threadOf = ({ chord, voice, kind }: Strand, threads: readonly Thread[]): Thread | undefined =>
  threads.find((thread) => voiceAt(thread, kind === 'enters' ? chord + 1 : chord) === voice);
