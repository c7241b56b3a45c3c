import { useEffect, useRef } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useChorusStore } from '../engine/useChorus';
import { useBand } from '../playback/useBand';
import { usePlayer } from '../playback/usePlayer';
import { setUp } from '../voice/setup/setUp';
import { beginIn } from './begin';

/** A tune somebody was just asked about: set up as they said, and played as soon as it is voiced so. */
export function useBegin(): void {
  const location = useLocation();
  const { pathname, search } = location;
  const navigate = useNavigate();
  const { toggleChorus } = useBand();
  const play = useRef(toggleChorus);
  useEffect(() => {
    play.current = toggleChorus;
  });
  const leave = useRef<() => void>(undefined);
  useEffect(() => () => leave.current?.(), []);
  const begin = beginIn(location.state);
  useEffect(() => {
    if (!begin) return;
    setUp({ instrument: begin.instrument, room: begin.room });
    leave.current = onceVoiced(() => {
      if (!usePlayer.getState().playing) play.current();
    });
    void navigate({ pathname, search }, { replace: true, state: null });
  }, [begin, navigate, pathname, search]);
}

/** Calls when the chorus is voiced as it is set up now, after the page has taken it in. @returns gives it up */
function onceVoiced(then: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const look = (): void => {
    const { chorus, working } = useChorusStore.getState();
    if (working || chorus?.outcome.status !== 'found') return;
    stop();
    timer = setTimeout(then);
  };
  const stop = useChorusStore.subscribe(look);
  look();
  return () => {
    stop();
    clearTimeout(timer);
  };
}
