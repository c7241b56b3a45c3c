import { phrasesOf } from '@drop-close/core';
import { Button } from 'antd';
import { useBand } from '../../playback/useBand';
import { changeComp } from '../desk/compActions';
import type { SoloInHand } from '../../solo/useSolos';
import { linePlan } from '../../solo/linePlan';
import { useNotation } from '../../profile/useNotation';

interface SoloRowProps {
  readonly solo: SoloInHand;
  readonly chosen: boolean;
  readonly onThrowAway: () => void;
}

/** A solo line: taken to comp behind, heard by itself, thrown away. */
export function SoloRow({ solo, chosen, onThrowAway }: SoloRowProps) {
  const { pitch: nameOf } = useNotation();
  const { hearPlan } = useBand();
  const { notes } = solo.line;
  const unfit = solo.unfit.length;
  const pitches = notes.map(({ midi }) => midi as number);
  const phrases = phrasesOf(notes).length;
  return (
    <li>
      <Button
        size="small"
        type={chosen ? 'primary' : 'default'}
        aria-pressed={chosen}
        onClick={() => {
          changeComp({ behind: chosen ? null : solo.id });
        }}
      >
        {solo.name}
      </Button>
      <span className="quiet">
        {notes.length} notes in {phrases} {phrases === 1 ? 'phrase' : 'phrases'}
        {pitches.length > 0 &&
          `, ${nameOf(Math.min(...pitches))} to ${nameOf(Math.max(...pitches))}`}
        {unfit > 0 && `; ${unfit} kept for bars that are gone`}
      </span>
      <Button
        size="small"
        type="text"
        aria-label={`Hear: ${solo.name}`}
        onClick={() => {
          hearPlan(linePlan(solo.line));
        }}
      >
        Hear
      </Button>
      <Button
        size="small"
        type="text"
        aria-label={`Throw away: ${solo.name}`}
        onClick={onThrowAway}
      >
        Throw away
      </Button>
    </li>
  );
}
