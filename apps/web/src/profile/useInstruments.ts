import { instrumentsOf, type Instruments } from '@drop-close/core';
import { useShallow } from 'zustand/react/shallow';
import { useProfileStore } from './profileStore';

/** Every instrument as the player has it in hand; the same object while none of them changes. */
export const useInstruments = (): Instruments =>
  useProfileStore(useShallow(({ history }) => instrumentsOf(history.present)));
