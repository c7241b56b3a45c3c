import { CaretRightOutlined, PauseOutlined } from '@ant-design/icons';
import { heardLine, type Score } from '@drop-close/core';
import { Button } from 'antd';
import { stop } from '../playback/player';
import { useBand } from '../playback/useBand';
import { usePlayer } from '../playback/usePlayer';

/** The line on the page, heard over the band. */
export function HearLine({ score }: { readonly score: Score }) {
  const { hearOver } = useBand();
  const isPlaying = usePlayer(({ playing }) => playing === 'bar');
  return (
    <Button
      icon={isPlaying ? <PauseOutlined aria-hidden /> : <CaretRightOutlined aria-hidden />}
      onClick={() => {
        if (isPlaying) stop();
        else hearOver(heardLine(score));
      }}
    >
      {isPlaying ? 'Stop' : 'Hear the line'}
    </Button>
  );
}
