import { DeleteOutlined } from '@ant-design/icons';
import { Button, Input } from 'antd';
import { changeProfile, useProfile } from './profileStore';
import { useNotation } from './useNotation';

/** Rooms the player has kept; they are made on the Voice screen, where they are heard. */
export function RoomsSection() {
  const { pitch: nameOf } = useNotation();
  const { rooms } = useProfile();
  return (
    <section aria-labelledby="profile-rooms">
      <h2 id="profile-rooms">Your own rooms</h2>
      {rooms.length === 0 && (
        <p className="quiet">
          None yet. Adjust the room of a tune on its Voice screen and keep it under a name.
        </p>
      )}
      <ul className="profile-rooms">
        {rooms.map((room) => (
          <li key={room.id}>
            <Input
              aria-label={`Name of ${room.label}`}
              maxLength={60}
              value={room.label}
              onChange={({ target }) => {
                const renamed = { ...room, label: target.value };
                if (!target.value) return;
                changeProfile(
                  { rooms: rooms.map((each) => (each.id === room.id ? renamed : each)) },
                  `room ${room.id}`,
                );
              }}
            />
            <span className="quiet">
              {nameOf(room.window.low)} to {nameOf(room.window.high)},{' '}
              {room.roots ? 'roots' : 'no roots'}, at most {room.mostNotes} notes
            </span>
            <Button
              type="text"
              icon={<DeleteOutlined aria-hidden />}
              aria-label={`Throw ${room.label} away`}
              onClick={() => {
                changeProfile({ rooms: rooms.filter(({ id }) => id !== room.id) });
              }}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
