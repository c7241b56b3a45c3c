import { CaretRightOutlined, PauseOutlined } from '@ant-design/icons';
import { heardLine, TICKS_PER_QUARTER, type BandPlan, type Score } from '@drop-close/core';
import { Button } from 'antd';
import { stop } from '../playback/player';
import { useBand } from '../playback/useBand';
import { usePlayer } from '../playback/usePlayer';

interface HearLineProps {
  readonly score: Score;
  /** Whether its bars are those of the tune, so that the band goes with it. */
  readonly overBand: boolean;
}

/** The line on the page, heard over the band or by itself. */
export function HearLine({ score, overBand }: HearLineProps) {
  const { hearOver, hearPlan } = useBand();
  const isPlaying = usePlayer(({ playing }) => playing === 'bar');
  return (
    <Button
      icon={isPlaying ? <PauseOutlined aria-hidden /> : <CaretRightOutlined aria-hidden />}
      onClick={() => {
        if (isPlaying) stop();
        else if (overBand) hearOver(heardLine(score));
        else hearPlan(alone(score));
      }}
    >
      {isPlaying ? 'Stop' : 'Hear the line'}
    </Button>
  );
}

/** Nothing but what stands on the page. */
function alone(score: Score): BandPlan {
  const notes = heardLine(score).notes.map((note) => ({
    ...{ part: 'solo' as const, midi: note.midi, velocity: note.velocity },
    ...{ at: note.at / TICKS_PER_QUARTER, length: note.length / TICKS_PER_QUARTER },
  }));
  const length = Math.max(0, ...notes.map(({ at, length: long }) => at + long));
  return { notes, length, pickup: 0 };
}
