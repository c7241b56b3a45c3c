import {
  checkRoom,
  instrumentOf,
  withSetUp,
  type Room,
  type SettingProblem,
} from '@drop-close/core';
import { useCallback } from 'react';
import { create } from 'zustand';
import { useDocument, useTune } from '../document/store';
import { useInstruments } from '../profile/useInstruments';
import { adjusted } from './rooms';

/** What was wrong with the last change of the room; gone with the next good one. */
export const useRoomProblem = create<{ readonly message: string | undefined }>(() => ({
  message: undefined,
}));

/** The room of the tune, and how to change it: what cannot be is said and not taken. */
export function useRoom(): {
  readonly room: Room;
  readonly change: (part: Partial<Room>) => readonly SettingProblem[];
} {
  const { setup } = useTune();
  const instruments = useInstruments();
  const change = useCallback(
    (part: Partial<Room>): readonly SettingProblem[] => {
      const next = adjusted(setup.room, part);
      const instrument = instrumentOf(setup, instruments);
      const { families } = withSetUp(setup, { room: next });
      const problems = checkRoom(next, instrument, families);
      const [first] = problems;
      useRoomProblem.setState({ message: first && `${first.message} The last good room stays.` });
      if (!first) useDocument.getState().dispatch({ type: 'set up', change: { room: next } });
      return problems;
    },
    [setup, instruments],
  );
  return { room: setup.room, change };
}
