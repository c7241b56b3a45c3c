import { GRADES, type SessionStep } from '@drop-close/core';
import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { tinykeys } from 'tinykeys';
import { isTaken } from '../../ui/isTaken';
import { session, useSession } from './sessionStore';
import { placeOfStep } from './steps';
import { useStepEnd } from './useStepEnd';

/**
 * Shift with N ends a step (a layer or form as it was measured, or well), with S skips it, with P pauses; 1 to 4 say how it
 * went, on the screen where it is practised.
 */
export function useSessionKeys(step: SessionStep): void {
  const { pathname } = useLocation();
  const { item, measured, finish } = useStepEnd(step);
  const isHere = placeOfStep(step)?.split('?')[0] === pathname;
  const latest = useRef({ item, measured, finish, isHere });
  useEffect(() => {
    latest.current = { item, measured, finish, isHere };
  });
  useEffect(() => {
    const on = (work: () => void) => (event: KeyboardEvent) => {
      if (!isTaken(event)) work();
    };
    const grades = GRADES.map((grade, at): [string, (event: KeyboardEvent) => void] => [
      String(at + 1),
      on(() => {
        if (latest.current.isHere && latest.current.item) latest.current.finish(grade);
      }),
    ]);
    return tinykeys(window, {
      'Shift+N': on(() => {
        const { item: own, measured: heard, finish: end } = latest.current;
        end(own && (heard ?? 'good'));
      }),
      'Shift+S': on(() => {
        session.finish('passed over');
      }),
      'Shift+P': on(() => {
        session.pause(!useSession.getState().paused);
      }),
      ...Object.fromEntries(grades),
    });
  }, []);
}
