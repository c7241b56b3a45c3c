import type { LaunchOptions } from '@playwright/test';

export const PORT = 4682;

/** Debian's Chromium, quiet and offline; sound may start without a gesture. */
export const CHROMIUM: LaunchOptions = {
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-dev-shm-usage',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--disable-quic',
    '--no-first-run',
    '--autoplay-policy=no-user-gesture-required',
  ],
};

/** The built application as ./start runs it: demo tunes, then the server. */
export const serverCommand =
  'node apps/server/dist/demo/demo.js && exec node apps/server/dist/main.js';

export const serverEnvironment = (port: number): Record<string, string> => ({
  DROP_CLOSE_PORT: String(port),
  DROP_CLOSE_DATABASE:
    process.env['DROP_CLOSE_E2E_DATABASE'] ??
    'postgresql://dropclose@127.0.0.1:54681/dropclose_e2e_test',
  NODE_ENV: 'production',
});
