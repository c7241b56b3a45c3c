import { roomBehind } from '@drop-close/core';
import { Button } from 'antd';
import { useTune } from '../../document/store';
import { useRoom } from '../../room/useRoom';

/** Behind a soloist whom the room does not know of, who is not oneself: the room that leaves them their register. */
export function RoomOffer() {
  const { comp } = useTune().setup;
  const { room, change } = useRoom();
  const offered = roomBehind(room);
  if (comp.behind === null || comp.ownLine || !offered) return null;
  return (
    <p className="room-offer" role="status">
      The room has no soloist yet, so your voicings may lie in theirs.{' '}
      <Button
        size="small"
        onClick={() => {
          change(offered);
        }}
      >
        Room: {offered.label.toLowerCase()}
      </Button>
    </p>
  );
}
