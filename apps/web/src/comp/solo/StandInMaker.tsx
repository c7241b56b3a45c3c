import type { SoloLine } from '@drop-close/core';
import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { useTune } from '../../document/store';
import { engine } from '../../engine/client';
import type { ComposedChoruses } from '../../engine/protocol';

type Density = 1 | 2 | 3;
const DENSITIES: { value: Density; label: string }[] = [
  { value: 1, label: 'Sparing' },
  { value: 2, label: 'Even' },
  { value: 3, label: 'Talkative' },
];

interface StandInMakerProps {
  readonly composed: ComposedChoruses;
  readonly onKeep: (name: string, line: SoloLine) => void;
}

/** A line made up over the changes, in the soloist's register of the room; each time another. */
export function StandInMaker({ composed, onKeep }: StandInMakerProps) {
  const { room } = useTune().setup;
  const [density, setDensity] = useState<Density>(2);
  const [seed, setSeed] = useState(1);
  return (
    <section aria-label="A stand-in for the soloist">
      <h3>A stand-in</h3>
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
            const request = { density, range: room.soloist, seed };
            void engine.standIn(composed.id, request).then((line) => {
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
