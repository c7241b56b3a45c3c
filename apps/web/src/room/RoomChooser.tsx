import { SlidersOutlined } from '@ant-design/icons';
import { rooms } from '@drop-close/core';
import { Button, Select } from 'antd';
import { useProfile } from '../profile/profileStore';
import { allRooms, isAdjusted } from './rooms';
import { useRoom } from './useRoom';

const optionOf = ({ id, label }: { id: string; label: string }) => ({ value: id, label });

interface RoomChooserProps {
  readonly open: boolean;
  readonly onToggle: () => void;
}

/** Which room the tune is played in, and the way to adjust it. */
export function RoomChooser({ open, onToggle }: RoomChooserProps) {
  const { room, change } = useRoom();
  const { rooms: own } = useProfile();
  const label = isAdjusted(room, own) ? `${room.label}, adjusted` : room.label;
  const options = [{ label: 'Rooms', options: Object.values(rooms).map(optionOf) }];
  if (own.length) options.push({ label: 'Rooms of mine', options: own.map(optionOf) });
  return (
    <span className="room-chooser">
      <Select<string>
        aria-label="Room: who else plays"
        value={room.id}
        options={options}
        labelRender={() => label}
        popupMatchSelectWidth={false}
        onSelect={(id) => {
          const chosen = allRooms(own).find((known) => known.id === id);
          if (chosen) change(chosen);
        }}
      />
      <Button
        icon={<SlidersOutlined aria-hidden />}
        aria-label="Adjust the room"
        aria-expanded={open}
        title="Adjust the room (R)"
        type={open ? 'primary' : 'default'}
        onClick={onToggle}
      />
    </span>
  );
}
