import type { Others } from '@drop-close/core';
import { Button, Checkbox, Input, Segmented, Switch } from 'antd';
import { useState } from 'react';
import { changeProfile, useProfile } from '../profile/profileStore';
import { isAdjusted, ownRoom, roomAsKept } from './rooms';
import { RoomStrip } from './RoomStrip';
import { useRoom, useRoomProblem } from './useRoom';
import './room.css';

const PLAYERS: readonly { readonly id: keyof Others; readonly label: string }[] = [
  { id: 'bass', label: 'Bass' },
  { id: 'soloist', label: 'Singer or horn' },
  { id: 'chords', label: 'Another chording instrument' },
];
const SIZES = [2, 3, 4, 5, 6, 7, 8];

/** Who plays, where, and how much room that leaves: for this tune, or kept as a room of one's own. */
export function RoomEditor() {
  const { room, change } = useRoom();
  const { message } = useRoomProblem();
  return (
    <section className="room-editor" aria-label="The room">
      <RoomStrip room={room} onChange={change} />
      <div className="room-choices">
        <fieldset>
          <legend>Also playing</legend>
          {PLAYERS.map(({ id, label }) => (
            <Checkbox
              key={id}
              checked={room.others[id]}
              onChange={({ target }) => {
                change({ others: { ...room.others, [id]: target.checked } });
              }}
            >
              {label}
            </Checkbox>
          ))}
        </fieldset>
        <label>
          <Switch
            size="small"
            checked={room.roots}
            onChange={(roots) => {
              change({ roots });
            }}
          />{' '}
          You play roots
        </label>
        <label>
          Most notes{' '}
          <Segmented<number>
            aria-label="Most notes of a voicing"
            size="small"
            value={room.mostNotes}
            options={SIZES}
            onChange={(mostNotes) => {
              change({ mostNotes });
            }}
          />
        </label>
      </div>
      {message && (
        <p className="fault" role="alert">
          {message}
        </p>
      )}
      <KeepRoom />
    </section>
  );
}

function KeepRoom() {
  const { room, change } = useRoom();
  const { rooms } = useProfile();
  const [name, setName] = useState('');
  const kept = roomAsKept(room, rooms);
  if (!isAdjusted(room, rooms)) {
    return (
      <p className="quiet">Drag a range by its ends, or as a whole. It changes this tune only.</p>
    );
  }
  const keep = (): void => {
    const mine = ownRoom(room, name, rooms);
    changeProfile({ rooms: [...rooms, mine] });
    change(mine);
    setName('');
  };
  return (
    <div className="room-keep">
      <span className="quiet">Adjusted for this tune.</span>
      {kept && (
        <Button
          size="small"
          onClick={() => {
            change(kept);
          }}
        >
          Back to “{kept.label}”
        </Button>
      )}
      <Input
        size="small"
        aria-label="Name of the room"
        placeholder="Name it to keep it"
        maxLength={60}
        value={name}
        onChange={({ target }) => {
          setName(target.value);
        }}
        onPressEnter={() => {
          if (name.trim()) keep();
        }}
      />
      <Button size="small" disabled={!name.trim()} onClick={keep}>
        Save as your own room
      </Button>
    </div>
  );
}
