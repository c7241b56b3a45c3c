import { useEffect, useRef } from 'react';
import { useLocation, useNavigate } from 'react-router';

/** What a link to something that is to be played at once carries along. */
export const BEGIN = { begin: true } as const;

/** Plays once what a screen was opened to play, as soon as it can. */
export function useBeginAtOnce(ready: boolean, begin: () => void): void {
  const location = useLocation();
  const navigate = useNavigate();
  const wanted = !!(location.state as Partial<typeof BEGIN> | null)?.begin;
  const latest = useRef(begin);
  useEffect(() => {
    latest.current = begin;
  });
  useEffect(() => {
    if (!wanted || !ready) return;
    // Coming back to this page later plays nothing.
    void navigate({ pathname: location.pathname, search: location.search }, { replace: true });
    latest.current();
  }, [wanted, ready, navigate, location.pathname, location.search]);
}
