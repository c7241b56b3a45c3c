import type { PitchRange, SoloLine } from '@drop-close/core';
import { Button, Segmented, Slider } from 'antd';
import { useState } from 'react';
import { useTune } from '../../document/store';
import { engine } from '../../engine/client';
import { useNotation } from '../../profile/useNotation';
import { askNow } from '../desk/askNow';

type Density = 1 | 2 | 3;
const DENSITIES: { value: Density; label: string }[] = [
  { value: 1, label: 'Few notes' },
  { value: 2, label: 'Medium' },
  { value: 3, label: 'Many notes' },
];

/** From the lowest E of a guitar to the top of a flute. */
const [LOWEST, HIGHEST] = [40, 96];
const OCTAVE = 12;

interface StandInMakerProps {
  readonly onKeep: (name: string, line: SoloLine) => void;
}

/** A line made up over the changes, in the soloist's register of the room; each time another. */
export function StandInMaker({ onKeep }: StandInMakerProps) {
  const { room } = useTune().setup;
  const { pitch: nameOf } = useNotation();
  const [density, setDensity] = useState<Density>(2);
  const [range, setRange] = useState<PitchRange>(room.soloist);
  const [seed, setSeed] = useState(1);
  return (
    <section aria-label="A stand-in for the soloist">
      <h3>A stand-in for the soloist</h3>
      <div className="stand-in-range">
        <span>{nameOf(range.low)}</span>
        <Slider
          range
          min={LOWEST}
          max={HIGHEST}
          value={[range.low, range.high]}
          tooltip={{ formatter: null }}
          ariaLabelForHandle={['Lowest note of the stand-in', 'Highest note of the stand-in']}
          onChange={([low = LOWEST, high = HIGHEST]) => {
            // A line needs an octave to move in.
            if (high - low >= OCTAVE) setRange({ low, high });
          }}
        />
        <span>{nameOf(range.high)}</span>
      </div>
      <div className="hit-tools">
        <Segmented<Density>
          size="small"
          aria-label="How much the stand-in plays"
          value={density}
          options={DENSITIES}
          onChange={setDensity}
        />
        <Button
          size="small"
          onClick={() => {
            const request = { density, range, seed };
            void askNow(({ id }) => engine.standIn(id, request)).then((line) => {
              if (line?.notes.length) onKeep(`Stand-in ${seed}`, line);
              setSeed(seed + 1);
            });
          }}
        >
          Make a line
        </Button>
      </div>
    </section>
  );
}
