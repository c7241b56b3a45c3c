import { handSpans, isFretted, playingOf, profileByBar, voiceRanges } from '@drop-close/core';
import { useMemo } from 'react';
import type { VoicedChorus, VoicedPath } from '../../engine/protocol';
import { useSelection } from '../../place/selection';
import { useNotation } from '../../profile/useNotation';
import { useInstrument } from '../../profile/useInstrument';
import { FIGURE_TERMS, figuresOf, summaryFor } from './figuresOf';
import { PictureFigure } from '../../ui/picture/PictureFigure';
import { HandPicture } from './HandPicture';
import { RangesPicture } from './RangesPicture';
import { ProfileChart } from './ProfileChart';
import { useShown } from '../desk/useShown';
import './figures.css';
import { Term } from '../../ui/terms/Term';

/** The words of the glossary that figures are about. */
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
  const ranges = useMemo(() => voiceRanges(outcome.path), [outcome]);
  const spans = useMemo(() => handSpans(outcome.path, instrument), [outcome, instrument]);
  const shown = useShown<HTMLElement>();
  return (
    <section className="figures" ref={shown} aria-label="The chorus in figures">
      <dl>
        {figuresOf(summary, events, note).map(([name, figure]) => (
          <div key={name}>
            <dt>
              <Term of={FIGURE_TERMS[name]}>{name}</Term>
            </dt>
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
      {ranges.length > 0 && (
        <div className="figure-pictures">
          <PictureFigure
            title="The range of each voice"
            caption="From its lowest to its highest note; the stroke is its middle."
            draw={(width, look) => <RangesPicture {...{ ranges, width, look }} />}
          />
          {spans.length > 0 && (
            <PictureFigure
              title="Where the hand lies"
              caption={
                isFretted(instrument)
                  ? 'Frets it holds, chord by chord.'
                  : 'Keys it holds, chord by chord: the right hand filled, the left hollow.'
              }
              draw={(width, look) => (
                <HandPicture {...{ spans, timeline: chorus.timeline, width, look }} />
              )}
            />
          )}
        </div>
      )}
    </section>
  );
}
