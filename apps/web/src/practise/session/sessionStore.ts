/**
 * The session that goes on. It is kept in this browser at every second and on the server at every step, so that it is
 * found again after the browser was closed, here or elsewhere.
 */
import {
  beginRun,
  finishStep,
  isOver,
  moveStep,
  spend,
  stepBack,
  type Grade,
  type SessionAim,
  type SessionPart,
  type SessionRun,
  type SessionView,
} from '@drop-close/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { safeStorage } from '../../ui/safeStorage';

interface SessionState {
  /** `version` is 0 while the server has never had it. */
  readonly session: SessionView | undefined;
  readonly paused: boolean;
  /** The one that ended last, until it has been read. */
  readonly ended: SessionView | undefined;
  /** What has not reached the server yet, each session as it was last; counted also once the player has put it away. */
  readonly waiting: readonly SessionView[];
}

const NAME = 'drop-close session';

export const useSession = create<SessionState>()(
  persist(
    (): SessionState => ({ session: undefined, paused: false, ended: undefined, waiting: [] }),
    {
      name: NAME,
      storage: safeStorage(),
    },
  ),
);

/** Keeps this tab in step with what another one does. @returns to be called at the end */
export function hearOtherTabs(): () => void {
  const onStorage = ({ key }: StorageEvent): void => {
    if (key === NAME) void useSession.persist.rehydrate();
  };
  window.addEventListener('storage', onStorage);
  return () => {
    window.removeEventListener('storage', onStorage);
  };
}

export function beginSession(aim: SessionAim, parts: readonly SessionPart[]): void {
  const session = { ...beginRun(parts), id: crypto.randomUUID(), aim, begun: Date.now() };
  useSession.setState({ session: { ...session, version: 0 }, paused: false, ended: undefined });
}

/** Takes up a session that was begun elsewhere. */
export const resumeSession = (session: SessionView): void => {
  useSession.setState({ session, paused: false });
};

function change(changed: (run: SessionRun) => SessionRun): void {
  const { session } = useSession.getState();
  if (!session) return;
  const next = { ...session, ...changed(session) };
  if (isOver(next)) end(next);
  else useSession.setState({ session: next });
}

function end(session: SessionView): void {
  const ended = { ...session, ended: Date.now() };
  useSession.setState({ session: undefined, ended, paused: false });
}

export const session = {
  tick: (seconds: number): void => {
    if (!useSession.getState().paused) change((run) => spend(run, seconds));
  },
  finish: (state: 'done' | 'passed over', grade?: Grade): void => {
    change((run) => finishStep(run, state, grade));
  },
  back: (): void => {
    change(stepBack);
  },
  move: (from: number, to: number): void => {
    change((run) => moveStep(run, from, to));
  },
  pause: (paused: boolean): void => {
    useSession.setState({ paused });
  },
  end: (): void => {
    const { session: now } = useSession.getState();
    if (now) end(now);
  },
  /** The last one goes on after all. */
  goOn: (): void => {
    const { ended } = useSession.getState();
    if (!ended) return;
    const { ended: _, ...rest } = ended;
    const at = Math.min(rest.at, rest.steps.length - 1);
    useSession.setState({ session: { ...rest, at }, ended: undefined });
  },
  /** What went has been read. */
  close: (): void => {
    useSession.setState({ ended: undefined });
  },
};
