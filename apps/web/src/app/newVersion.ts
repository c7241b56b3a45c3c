import { Workbox } from 'workbox-window';
import { create } from 'zustand';

/** After the page has opened, in ms: what the player came for goes first. */
const REGISTER_AFTER = 1500;

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
  workbox.addEventListener('waiting', () => {
    const takeUp = (): void => {
      workbox.addEventListener('controlling', () => {
        window.location.reload();
      });
      workbox.messageSkipWaiting();
    };
    useNewVersion.setState({ takeUp });
  });
  await workbox.register();
}
