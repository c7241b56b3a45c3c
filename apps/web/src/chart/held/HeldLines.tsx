import { heldLines, type ChartAnalysis, type Timeline } from '@drop-close/core';
import { SoundOutlined } from '@ant-design/icons';
import { Button, Segmented } from 'antd';
import { useMemo, useState } from 'react';
import { useIndexAmong } from '../../place/selection';
import { useBand } from '../../playback/useBand';
import { usePlayer } from '../../playback/usePlayer';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { useNotation } from '../../profile/useNotation';
import { WRITTEN_ABOVE, usePreferences } from '../../ui/preferences';
import { barsInWords } from '../desk/landmarks';
import { SOURCES, chordsIn, lineOf, notesOf, type Bars, type Source } from './heldRun';
import { Term } from '../../ui/terms/Term';

const VOICES = [
  { value: 1, label: 'One voice' },
  { value: 2, label: 'Two' },
  { value: 3, label: 'Three' },
];

interface HeldLinesProps {
  readonly analysis: ChartAnalysis;
  /** Of the chart as the reader's part has it. */
  readonly time: Timeline;
}

/** The bars that are looped, else the section of the chord in hand. */
function useRun({ analysis, time: { events } }: HeldLinesProps): Bars {
  const stretch = usePlayer((state) => state.stretch);
  const bar = events[useIndexAmong(events)]?.bar ?? 1;
  const section = analysis.sections.find(({ fromBar, toBar }) => bar >= fromBar && bar <= toBar);
  const { fromBar, toBar } = stretch ?? section ?? { fromBar: 1, toBar: 1 };
  return useMemo(() => ({ fromBar, toBar }), [fromBar, toBar]);
}

/** Notes to hold over a run of chords: one voice, then a second beside it, then a third. */
export function HeldLines(props: HeldLinesProps) {
  const { analysis, time } = props;
  const [voices, setVoices] = useState(1);
  const [source, setSource] = useState<Source>(SOURCES[0]);
  const run = useRun(props);
  const { reader } = usePreferences();
  const { note } = useNotation();
  const band = useBand();
  const chords = useMemo(() => chordsIn(analysis, time.events, run), [analysis, time, run]);
  const lines = useMemo(
    () =>
      heldLines(
        chords.map((chord) => notesOf(chord, source)),
        voices,
      ),
    [chords, source, voices],
  );
  return (
    <section className="held-lines" aria-label="Notes to hold">
      <h3>
        <Term of="held line">Notes to hold</Term> <span className="quiet">{barsInWords(run)}</span>{' '}
        <Button
          type="text"
          size="small"
          icon={<SoundOutlined aria-hidden />}
          aria-label="Hear them held over the band"
          disabled={!lines.length}
          onClick={() => {
            band.hearOver(lineOf(lines, chords, WRITTEN_ABOVE[reader]), run);
          }}
        />
      </h3>
      <div className="scales-acts">
        <Segmented
          size="small"
          aria-label="How many voices"
          value={voices}
          options={VOICES}
          onChange={setVoices}
        />
        <Segmented
          size="small"
          aria-label="Notes of what"
          value={source}
          options={[...SOURCES]}
          onChange={setSource}
        />
      </div>
      <ol>
        {lines.map((line, voice) => (
          <li key={voice}>
            {line.map(({ note: name, from, to }) => (
              <span key={from} className="held-note">
                {from > 0 && <span className="quiet">then </span>}
                <b>{note(name)}</b> <span className="quiet">over </span>
                {chords.slice(from, to + 1).map(({ symbol, event }) => (
                  <span key={event.at} className="quiet">
                    <ChordSymbol symbol={symbol} />{' '}
                  </span>
                ))}
              </span>
            ))}
          </li>
        ))}
      </ol>
      {lines.length < voices && (
        <p className="quiet">Some chord has no note left for voice {lines.length + 1}.</p>
      )}
    </section>
  );
}
