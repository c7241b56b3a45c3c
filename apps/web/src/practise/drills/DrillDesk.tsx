import { DRILLS, type DrillId } from '@drop-close/core';
import { Select } from 'antd';
import { useSearchParams } from 'react-router';
import type { VoicedChorus } from '../../engine/protocol';
import { DrillRun } from './DrillRun';
import './drills.css';

const LABELS: Readonly<Record<DrillId, string>> = {
  'name the degree': 'Name the degree',
  'spell the chord': 'Spell the chord',
  'find the guide tones': 'Find the guide tones',
  'which voice was dropped': 'Which voice was dropped',
  'from numbers': 'From numbers to another key',
  'nearest next grip': 'The nearest next grip',
  'which voice moved': 'By ear: which voice moved',
  'what is on top': 'By ear: what is on top',
};

/** One thing at a time, made from the tune. */
export default function DrillDesk({ chorus }: { chorus: VoicedChorus }) {
  const [parameters, setParameters] = useSearchParams();
  const drill = DRILLS.find((each) => each === parameters.get('drill')) ?? DRILLS[0];
  return (
    <div className="drill">
      <Select<DrillId>
        aria-label="What is asked"
        value={drill}
        popupMatchSelectWidth={false}
        options={DRILLS.map((value) => ({ value, label: LABELS[value] }))}
        onChange={(chosen) => {
          setParameters({ do: 'drills', drill: chosen }, { replace: true });
        }}
      />
      <DrillRun key={drill} chorus={chorus} drill={drill} />
    </div>
  );
}
