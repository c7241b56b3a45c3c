import { type ChartAnalysis, type School, type Timeline } from '@drop-close/core';
import { Button } from 'antd';
import { useDocument, useTune } from '../../document/store';
import { useHeading } from '../../place/heading';
import { useIndexAmong } from '../../place/selection';
import { useBand } from '../../playback/useBand';
import { useProfile } from '../../profile/profileStore';
import { WRITTEN_ABOVE, usePreferences } from '../../ui/preferences';
import { firstOfSchool, lineOver, type ScaleRow, type ToKeep } from './keptScales';
import { SCHOOLS } from './schools';
import { SchoolChoice } from './SchoolChoice';
import { Term } from '../../ui/terms/Term';

interface ScalesSideProps {
  readonly analysis: ChartAnalysis;
  readonly time: Timeline;
  readonly rows: readonly ScaleRow[];
}

const keep = (kept: readonly ToKeep[]): void => {
  useDocument.getState().dispatch({ type: 'keep scales', kept });
};

/** One scale a chord: kept for a section or the whole tune at once, heard, printed, and used for voicings. */
export function ScalesSide({ analysis, time, rows }: ScalesSideProps) {
  const { scales } = useTune().setup;
  const { school } = useProfile().writing;
  const { reader } = usePreferences();
  const { tempo } = useHeading();
  const band = useBand();
  const { events } = time;
  const index = useIndexAmong(events);
  const bar = events[index]?.bar ?? 1;
  const section = analysis.sections.find(({ fromBar, toBar }) => bar >= fromBar && bar <= toBar);
  const whole = { fromBar: 0, toBar: Infinity };
  const line = lineOver(rows, WRITTEN_ABOVE[reader]);
  const shown = rows.filter(({ scale }) => scale).length;
  return (
    <div className="scales-side">
      <p>
        {shown
          ? `${shown} of ${rows.length} chords have a scale of their own.`
          : 'Keep one scale for each chord: from the panel of the chord in hand, or many at once.'}
      </p>
      <h3 id="first-of">
        The first scale of a <Term of="school">school</Term>
      </h3>
      <SchoolChoice labelledBy="first-of" />
      <div className="scales-acts">
        {section && (
          <Button
            onClick={() => {
              keep(firstOfSchool(events, analysis, school, section));
            }}
          >
            Keep it in {section.name}
          </Button>
        )}
        <Button
          onClick={() => {
            keep(firstOfSchool(events, analysis, school, whole));
          }}
        >
          Keep it everywhere
        </Button>
      </div>
      <p className="quiet">{aboutSchool(school)}</p>
      {scales.length > 0 && (
        <>
          <h3>
            <Term of="kept scale">Kept scales</Term>
          </h3>
          <div className="scales-acts">
            <Button
              disabled={!line}
              title={`In eighths over the band, at ${tempo}`}
              onClick={() => {
                if (line) band.hearOver(line);
              }}
            >
              Hear them over the band
            </Button>
            <Button
              title="Voicings and the top line may take their colours; those of five notes or fewer are for improvising"
              onClick={() => {
                useDocument.getState().dispatch({ type: 'voice with scales' });
              }}
            >
              Voice with them
            </Button>
            <Button
              onClick={() => {
                window.print();
              }}
            >
              Print the page
            </Button>
            <Button
              onClick={() => {
                keep(scales.map(({ at, symbol }) => ({ at, symbol, open: undefined })));
              }}
            >
              Clear all
            </Button>
          </div>
        </>
      )}
    </div>
  );
}

const aboutSchool = (school: School): string =>
  SCHOOLS.find(({ value }) => value === school)?.about ?? '';
