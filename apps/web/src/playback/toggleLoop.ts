import { whilePlaying } from './player';
import { usePlayer } from './usePlayer';

/** Goes round and round, or once; at once while it plays. */
export function toggleLoop(): void {
  const { loop, setListening } = usePlayer.getState();
  setListening({ loop: !loop });
  whilePlaying.loop(!loop);
}
