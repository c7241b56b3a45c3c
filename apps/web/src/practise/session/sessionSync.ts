import { stepNow, type SessionView } from '@drop-close/core';
import { api, Refusal, useServer } from '../../api/client';
import { LatestOnly } from '../../local/keeping';
import { useSession } from './sessionStore';

const sending = new LatestOnly();
/** As the server last gave them: what is sent may be older than the last answer. */
const versions = new Map<string, number>();

/** What makes a difference to whoever finds the session elsewhere; not every second. */
const markOf = (session: SessionView): string =>
  [
    ...[session.id, session.at, session.ended ?? ''],
    session.steps.map(({ id, state }) => id + state).join(),
    Math.floor((stepNow(session)?.seconds ?? 0) / EVERY),
  ].join();

/** How often the time spent is sent, in seconds of practice. */
const EVERY = 30;

/**
 * Sends every session to the server whenever it has come further, until the returned function is called. What does not
 * arrive waits in this browser, each session as it was last, also over a reload and behind one that was begun since.
 */
export function keepSession(): () => void {
  let noted = '';
  const look = (): void => {
    const { session, ended } = useSession.getState();
    const latest = session ?? ended;
    const mark = latest && markOf(latest);
    if (!latest || !mark || mark === noted) return;
    noted = mark;
    useSession.setState(({ waiting }) => ({
      waiting: [...waiting.filter(({ id }) => id !== latest.id), latest],
    }));
    void sending.do(sendAll);
  };
  look();
  void sending.do(sendAll);
  const unsubscribes = [
    useSession.subscribe(look),
    useServer.subscribe(({ away }, before) => {
      if (before.away && !away) void sending.do(sendAll);
    }),
  ];
  return () => {
    for (const unsubscribe of unsubscribes) unsubscribe();
  };
}

async function sendAll(): Promise<void> {
  for (const latest of useSession.getState().waiting) await send(latest);
}

async function send(latest: SessionView): Promise<void> {
  const version = Math.max(latest.version, versions.get(latest.id) ?? 0);
  try {
    const { version: _, ...fields } = latest;
    const saved = version
      ? await api.saveSession({ ...latest, version })
      : await api.createSession(fields);
    noteSent(latest, saved.version);
  } catch (error) {
    if (!(error instanceof Refusal)) return;
    const theirs = error.problem.theirs as SessionView | undefined;
    // It would be refused the next time too.
    if (!theirs) {
      noteSent(latest, version);
      return;
    }
    // The player is here: what this browser has is what they did last.
    noteVersion(latest.id, theirs.version);
    await api.saveSession({ ...latest, version: theirs.version }).then(
      (saved) => {
        noteSent(latest, saved.version);
      },
      () => undefined,
    );
  }
}

/** It waits no longer, unless it has come further meanwhile. */
function noteSent(latest: SessionView, version: number): void {
  const isSent = (each: SessionView): boolean =>
    each.id === latest.id && markOf(each) === markOf(latest);
  useSession.setState(({ waiting }) => ({ waiting: waiting.filter((each) => !isSent(each)) }));
  noteVersion(latest.id, version);
}

function noteVersion(id: string, version: number): void {
  versions.set(id, version);
  const withVersion = (each: SessionView): SessionView =>
    each.id === id ? { ...each, version } : each;
  useSession.setState(({ session, ended, waiting }) => ({
    session: session && withVersion(session),
    ended: ended && withVersion(ended),
    waiting: waiting.map(withVersion),
  }));
}
