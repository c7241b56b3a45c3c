import {
  BASS_STYLES,
  DRUM_STYLES,
  ENDINGS,
  type BassStyle,
  type Comp,
  type DrumStyle,
  type Ending,
} from '@drop-close/core';
import { Select, Slider } from 'antd';
import { useTune } from '../document/store';
import { useHeading } from '../place/heading';
import { changeComp } from './desk/compActions';

const named = <T extends string>(styles: readonly T[]): { value: T; label: string }[] =>
  styles.map((value) => ({ value, label: value }));

const SWING = 'Swing, in percent of what the tempo gives';
const ENDING_LABELS: Readonly<Record<Ending, string>> = {
  'as written': 'as written',
  held: 'last chord held',
  tag: 'last four bars twice more, then held',
};

/** The names of what is set here. */
export const BAND_SETTINGS = ['Bass', 'Drums', 'Ending', SWING] as const;

/** What bass and drums play, how it ends, and how much the eighths swing. */
export function BandSetup() {
  const { comp } = useTune().setup;
  const { feel } = useHeading();
  const change = (part: Partial<Comp>, what?: string): void => {
    changeComp(part, what);
  };
  return (
    <div className="band-setup">
      <label>
        Bass
        <Select<BassStyle>
          aria-label="Bass"
          value={comp.bass}
          options={named(BASS_STYLES)}
          onChange={(bass) => {
            change({ bass });
          }}
        />
      </label>
      <label>
        Drums
        <Select<DrumStyle>
          aria-label="Drums"
          value={comp.drums}
          options={named(DRUM_STYLES)}
          onChange={(drums) => {
            change({ drums });
          }}
        />
      </label>
      <label>
        Ending
        <Select<Ending>
          aria-label="Ending"
          value={comp.ending ?? 'as written'}
          options={ENDINGS.map((value) => ({ value, label: ENDING_LABELS[value] }))}
          onChange={(ending) => {
            change({ ending });
          }}
        />
      </label>
      <label>
        Swing {comp.swing}%
        <Slider
          min={0}
          max={150}
          value={comp.swing}
          disabled={feel === 'straight' || feel === 'latin'}
          ariaLabelForHandle={SWING}
          tooltip={{ formatter: null }}
          onChange={(swing) => {
            change({ swing }, 'swing');
          }}
        />
      </label>
      <p className="quiet">The ending is played when the loop is off, and in the MIDI file.</p>
      <p className="quiet">Swing eases toward even as the tempo rises; 100% is the usual.</p>
    </div>
  );
}
