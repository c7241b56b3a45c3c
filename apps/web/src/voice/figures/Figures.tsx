import { playingOf, profileByBar } from '@drop-close/core';
import { useMemo } from 'react';
import type { VoicedChorus, VoicedPath } from '../../engine/protocol';
import { useSelection } from '../../place/selection';
import { useNotation } from '../../profile/useNotation';
import { useInstrument } from '../../profile/useInstrument';
import { figuresOf, summaryFor } from './figuresOf';
import { ProfileChart } from './ProfileChart';
import { useShown } from '../desk/useShown';
import './figures.css';

interface FiguresProps {
  readonly chorus: VoicedChorus;
  readonly outcome: VoicedPath;
}

/** The chorus in figures, and bar by bar how much moves. */
export default function Figures({ chorus, outcome }: FiguresProps) {
  const { note } = useNotation();
  const { select } = useSelection();
  const instrument = useInstrument();
  const { events } = chorus.timeline;
  const summary = useMemo(
    () => summaryFor(chorus, outcome, instrument),
    [chorus, outcome, instrument],
  );
  const bars = useMemo(
    () => profileByBar({ ...outcome, instrument }, events),
    [outcome, instrument, events],
  );
  const shown = useShown<HTMLElement>();
  return (
    <section className="figures" ref={shown} aria-label="The chorus in figures">
      <dl>
        {figuresOf(summary, events, note).map(([name, figure]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{figure}</dd>
          </div>
        ))}
      </dl>
      <ProfileChart
        bars={bars}
        hand={playingOf(instrument).positionsMm.length > 0}
        onBar={(bar) => {
          select(events.findIndex((event) => event.bar === bar));
        }}
      />
    </section>
  );
}
