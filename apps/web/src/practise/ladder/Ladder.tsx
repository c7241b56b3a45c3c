import { RUNGS, type Rung } from '@drop-close/core';
import { Select } from 'antd';
import { useParams } from 'react-router';
import type { VoicedChorus } from '../../engine/protocol';
import { LadderRound } from './LadderRound';
import { useByHeart } from './useByHeart';
import { Term } from '../../ui/terms/Term';
import './ladder.css';

const LABELS: Readonly<Record<Rung, string>> = {
  'some symbols': 'Some covered',
  'first of each section': 'Only the first of each section',
  'numbers only': 'Only numbers',
  'form only': 'Only the form',
  blank: 'Blank',
};

/** The chart with more and more of it covered, to be written down from memory. */
export default function Ladder({ chorus }: { chorus: VoicedChorus }) {
  const { id: tuneId = '' } = useParams();
  const { rung, missed, seed, setRung, goOn } = useByHeart(tuneId);
  return (
    <div className="ladder">
      <div className="practise-bar">
        <label className="quiet" htmlFor="ladder-rung">
          <Term of="memory ladder">What you see</Term>
        </label>
        <Select<Rung>
          id="ladder-rung"
          value={rung}
          popupMatchSelectWidth={false}
          options={RUNGS.map((value) => ({ value, label: LABELS[value] }))}
          onChange={setRung}
        />
      </div>
      <LadderRound
        key={`${rung} ${seed}`}
        timeline={chorus.timeline}
        rung={rung}
        seed={seed}
        missed={missed}
        tuneId={tuneId}
        onGoOn={goOn}
      />
    </div>
  );
}
