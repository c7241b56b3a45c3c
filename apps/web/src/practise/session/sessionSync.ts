import { stepNow, type SessionView } from '@drop-close/core';
import { api, Refusal, useServer } from '../../api/client';
import { LatestOnly } from '../../local/keeping';
import { useSession } from './sessionStore';

const sending = new LatestOnly();

/** What makes a difference to whoever finds the session elsewhere; not every second. */
const markOf = (session: SessionView | undefined): string =>
  session
    ? [
        ...[session.id, session.at, session.ended ?? ''],
        session.steps.map(({ id, state }) => id + state).join(),
        Math.floor((stepNow(session)?.seconds ?? 0) / EVERY),
      ].join()
    : '';

/** How often the time spent is sent, in seconds of practice. */
const EVERY = 30;

/** Sends the session to the server whenever it has come further, until the returned function is called. */
export function keepSession(): () => void {
  let sent = '';
  const look = (): void => {
    const { session, ended } = useSession.getState();
    const latest = session ?? ended;
    const mark = markOf(latest);
    if (!latest || mark === sent) return;
    sent = mark;
    void sending.do(() => send());
  };
  look();
  const unsubscribes = [
    useSession.subscribe(look),
    useServer.subscribe(({ away }, before) => {
      if (before.away && !away) {
        sent = '';
        look();
      }
    }),
  ];
  return () => {
    for (const unsubscribe of unsubscribes) unsubscribe();
  };
}

async function send(): Promise<void> {
  const { session, ended } = useSession.getState();
  const latest = session ?? ended;
  if (!latest) return;
  try {
    const { version, ...fields } = latest;
    const saved = version ? await api.saveSession(latest) : await api.createSession(fields);
    noteVersion(latest.id, saved.version);
  } catch (error) {
    // The player is here: what this browser has is what they did last.
    const theirs = error instanceof Refusal && (error.problem.theirs as SessionView | undefined);
    if (!theirs) return;
    noteVersion(latest.id, theirs.version);
    await api.saveSession({ ...latest, version: theirs.version }).then(
      (saved) => {
        noteVersion(latest.id, saved.version);
      },
      () => undefined,
    );
  }
}

function noteVersion(id: string, version: number): void {
  useSession.setState(({ session, ended }) => ({
    session: session?.id === id ? { ...session, version } : session,
    ended: ended?.id === id ? { ...ended, version } : ended,
  }));
}
