import { DRILL_LAYERS, DRILLS, type DrillId } from '@drop-close/core';
import { Select } from 'antd';
import { useParams, useSearchParams } from 'react-router';
import type { VoicedChorus } from '../../engine/protocol';
import { useBand } from '../../playback/useBand';
import { DrillRun } from './DrillRun';
import { InTimeDrill } from './InTimeDrill';
import { DRILL_LABELS } from './labels';
import { useTuneQuestions } from './useTuneQuestions';
import './drills.css';

/** Not asked and answered, but played. */
const IN_TIME = 'in time';
type Chosen = DrillId | typeof IN_TIME;

const labelOf = (chosen: Chosen): string =>
  chosen === IN_TIME ? 'Play a layer in time' : DRILL_LABELS[chosen];

const CHOICES: readonly Chosen[] = [...DRILLS, IN_TIME];

/** One thing at a time, made from the tune. */
export default function DrillDesk({ chorus }: { chorus: VoicedChorus }) {
  const [parameters, setParameters] = useSearchParams();
  const { id: tuneId = '' } = useParams();
  const ask = useTuneQuestions(chorus);
  const band = useBand();
  const asked = parameters.get('drill');
  const drill = CHOICES.find((each) => each === asked) ?? CHOICES[0]!;
  return (
    <div className="drill">
      <Select<Chosen>
        aria-label="What is asked"
        value={drill}
        popupMatchSelectWidth={false}
        options={CHOICES.map((value) => ({ value, label: labelOf(value) }))}
        onChange={(chosen) => {
          setParameters({ do: 'drills', drill: chosen }, { replace: true });
        }}
      />
      {drill === IN_TIME ? (
        <InTimeDrill chorus={chorus} />
      ) : (
        <DrillRun
          key={drill}
          drill={drill}
          ask={ask}
          item={{ kind: 'layer', layer: DRILL_LAYERS[drill], tuneId }}
          about={`the ${DRILL_LAYERS[drill]}`}
          onHear={band.hearPlan}
        />
      )}
    </div>
  );
}
