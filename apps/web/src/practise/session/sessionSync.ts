import { stepNow, type SessionView } from '@drop-close/core';
import { api, Refusal, useServer } from '../../api/client';
import { LatestOnly } from '../../local/keeping';
import { useSession } from './sessionStore';

const sending = new LatestOnly();
/** As the server last gave them: what is sent may be older than the last answer. */
const versions = new Map<string, number>();
/** What has not reached the server yet; its end counts also once the player has put it away. */
let unsent: SessionView | undefined;

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
    const latest = session ?? ended ?? unsent;
    const mark = markOf(latest);
    if (!latest || mark === sent) return;
    sent = mark;
    unsent = latest;
    void sending.do(() => send(latest));
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

async function send(latest: SessionView): Promise<void> {
  const version = Math.max(latest.version, versions.get(latest.id) ?? 0);
  try {
    const { version: _, ...fields } = latest;
    const saved = version
      ? await api.saveSession({ ...latest, version })
      : await api.createSession(fields);
    noteSent(latest, saved.version);
  } catch (error) {
    // The player is here: what this browser has is what they did last.
    const theirs = error instanceof Refusal && (error.problem.theirs as SessionView | undefined);
    if (!theirs) return;
    noteVersion(latest.id, theirs.version);
    await api.saveSession({ ...latest, version: theirs.version }).then(
      (saved) => {
        noteSent(latest, saved.version);
      },
      () => undefined,
    );
  }
}

function noteSent(latest: SessionView, version: number): void {
  if (unsent === latest) unsent = undefined;
  noteVersion(latest.id, version);
}

function noteVersion(id: string, version: number): void {
  versions.set(id, version);
  useSession.setState(({ session, ended }) => ({
    session: session?.id === id ? { ...session, version } : session,
    ended: ended?.id === id ? { ...ended, version } : ended,
  }));
}
