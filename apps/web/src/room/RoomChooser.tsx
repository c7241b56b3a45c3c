import { rooms, type Room } from '@drop-close/core';
import { Button, Radio } from 'antd';
import { useProfile } from '../profile/profileStore';
import { Choice } from '../ui/Choice';
import { allRooms, isAdjusted } from './rooms';
import { useRoom } from './useRoom';

interface RoomChooserProps {
  /** Whether the room stands open to be adjusted. */
  readonly open: boolean;
  readonly onToggle: () => void;
}

const ADJUST = 'Adjust the room';

/** Which room the tune is played in, and the way to adjust it. */
export function RoomChooser({ open, onToggle }: RoomChooserProps) {
  const { room, change } = useRoom();
  const { rooms: own } = useProfile();
  // A name that a player gave stays as they wrote it.
  const name = room.id in rooms ? room.label.toLowerCase() : room.label;
  return (
    <Choice
      name="Room"
      value={isAdjusted(room, own) ? `${name}, adjusted` : name}
      title="Who else plays (R adjusts it)"
      inside={open ? [] : [ADJUST]}
    >
      {(close) => (
        <>
          <Radio.Group
            aria-label="Room: who else plays"
            className="room-list"
            value={room.id}
            onChange={({ target }) => {
              const chosen = allRooms(own).find(({ id }) => id === target.value);
              if (chosen) change(chosen);
            }}
          >
            <Rooms rooms={Object.values(rooms)} />
            {own.length > 0 && <p className="quiet">Your own rooms</p>}
            <Rooms rooms={own} />
          </Radio.Group>
          <Button
            aria-expanded={open}
            onClick={() => {
              onToggle();
              close();
            }}
          >
            {open ? 'Done adjusting' : ADJUST}
          </Button>
        </>
      )}
    </Choice>
  );
}

const Rooms = ({ rooms: listed }: { rooms: readonly Room[] }) =>
  listed.map(({ id, label }) => (
    <Radio key={id} value={id}>
      {label}
    </Radio>
  ));
