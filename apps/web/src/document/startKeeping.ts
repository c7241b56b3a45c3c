import { api, useServer } from '../api/client';
import { beOpen } from '../local/tabs';
import { bringOver } from './keptEdits';
import { keepBook } from './keepBook';
import { sendLeft } from './tuneSaving';

/** After the page has opened, in ms: what the player came for goes first. */
const BOOK_AFTER = 4000;
/** Between tries while the server is away, in ms. */
const TRY_EVERY = 5000;

/**
 * Keeps what is unsaved and what the book holds in this browser, and sends what waits as soon as the server
 * answers; until the returned function is called.
 */
export function startKeeping(): () => void {
  beOpen();
  void bringOver()
    .catch(() => undefined)
    .then(sendLeft);
  const stopBook = keepBookOnceKept();
  const onOnline = (): void => void sendLeft();
  window.addEventListener('online', onOnline);
  const tries = setInterval(() => {
    if (useServer.getState().away) api.health().catch(() => undefined);
  }, TRY_EVERY);
  const unsubscribe = useServer.subscribe(({ away, locked }, before) => {
    if ((before.away && !away) || (before.locked && !locked)) void sendLeft();
  });
  return () => {
    stopBook();
    clearInterval(tries);
    window.removeEventListener('online', onOnline);
    unsubscribe();
  };
}

/** The book is kept where the application is: without that, nothing could open it. */
function keepBookOnceKept(): () => void {
  const workers = (navigator as Partial<Navigator>).serviceWorker;
  if (!workers) return () => undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const later = (): void => {
    if (!workers.controller) return;
    clearTimeout(timer);
    timer = setTimeout(() => void keepBook().catch(() => undefined), BOOK_AFTER);
  };
  later();
  workers.addEventListener('controllerchange', later);
  return () => {
    clearTimeout(timer);
    workers.removeEventListener('controllerchange', later);
  };
}
