import { Workbox } from 'workbox-window';
import { create } from 'zustand';

/** After the page has opened, in ms: what the player came for goes first. */
const REGISTER_AFTER = 1500;

/** How long a newer version has to take over once it is asked to, in ms. */
const PATIENCE = 3000;

/** Whether a newer version of the application waits, and how to go over to it. */
export const useNewVersion = create<{ readonly takeUp: (() => void) | undefined }>(() => ({
  takeUp: undefined,
}));

/**
 * Has the browser keep the application, so that it opens without the server. Only as it is built; where the
 * browser has no service workers the page works without.
 */
export function keepApplication(): () => void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return () => undefined;
  const timer = setTimeout(() => {
    register().catch(() => undefined);
  }, REGISTER_AFTER);
  return () => {
    clearTimeout(timer);
  };
}

async function register(): Promise<void> {
  const workbox = new Workbox('/sw.js');
  let isAsked = false;
  workbox.addEventListener('waiting', () => {
    offer(() => {
      isAsked = true;
      workbox.messageSkipWaiting();
      // The older one first ends what it is at; a page that waits for it would look as if nothing was pressed.
      setTimeout(reload, PATIENCE);
    });
  });
  workbox.addEventListener('controlling', ({ isUpdate }) => {
    if (isAsked) reload();
    // Taken up in another tab: the parts this page was made of are gone, but what is open stays open.
    else if (isUpdate) offer(reload);
  });
  await workbox.register();
}

const offer = (takeUp: () => void): void => {
  useNewVersion.setState({ takeUp });
};

const reload = (): void => {
  window.location.reload();
};
