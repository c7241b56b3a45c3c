import type { LaunchOptions } from '@playwright/test';
import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';

const ROOT = resolve(__dirname, '..');

/** Debian's Chromium; its headless shell where that is installed, for it starts and paints faster. */
const BROWSERS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** Quiet and offline; sound may start without a gesture. */
export const CHROMIUM: LaunchOptions = {
  executablePath: process.env['CHROMIUM'] ?? BROWSERS.find(existsSync) ?? BROWSERS[1]!,
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

const FIRST_PORT = 4682;
const DATABASES =
  process.env['DROP_CLOSE_E2E_DATABASE'] ??
  `postgresql://dropclose@${encodeURIComponent(join(ROOT, '.data/test/socket'))}:5432/dropclose_e2e_test`;

/** Which of the browser workers this is, from 0. */
const WORKER = Number(process.env['TEST_PARALLEL_INDEX'] ?? 0);

/** Where the server of this worker is, and one that a test may take away and bring back. */
export const PORT = FIRST_PORT + 2 * WORKER;
export const SPARE_PORT = PORT + 1;

const OWN_DATABASE = `${DATABASES}_${WORKER}`;
/** One without anything in it, not even tables. */
const EMPTY_DATABASE = `${DATABASES}_empty_${WORKER}`;

const environment = (port: number, database = OWN_DATABASE): NodeJS.ProcessEnv => ({
  ...process.env,
  DROP_CLOSE_PORT: String(port),
  DROP_CLOSE_DATABASE: database,
  NODE_ENV: 'production',
});

/** Loads the demo tunes into the database of this worker, as ./start does. */
export async function loadDemo(): Promise<void> {
  const loading = spawn('node', ['apps/server/dist/demo/demo.js'], {
    cwd: ROOT,
    env: environment(PORT),
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const [code] = (await once(loading, 'exit')) as [number | null];
  if (code !== 0) throw new Error('The demo tunes could not be loaded.');
}

/**
 * Starts the built application as ./start runs it.
 * @param webRoot where its pages are; those of the build when left out
 * @param database where its book is; that of this worker when left out
 * @returns once it answers
 */
export async function startServer(
  port: number,
  webRoot?: string,
  database = OWN_DATABASE,
): Promise<ChildProcess> {
  const server = spawn('node', ['apps/server/dist/main.js'], {
    cwd: ROOT,
    env: { ...environment(port, database), ...(webRoot && { DROP_CLOSE_WEB: webRoot }) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((ready, failed) => {
    server.stdout.once('data', () => {
      ready();
    });
    server.once('exit', () => {
      failed(new Error('The server ended before it was ready.'));
    });
  });
  return server;
}

/** A server at the spare port, with a database in which nothing was ever put. */
export function startEmpty(): Promise<ChildProcess> {
  const clear = 'drop schema if exists public, pgboss cascade; create schema public';
  execFileSync('psql', [EMPTY_DATABASE, '-q', '-c', clear], { stdio: 'ignore' });
  return startServer(SPARE_PORT, undefined, EMPTY_DATABASE);
}

export async function endServer(server: ChildProcess, signal: NodeJS.Signals): Promise<void> {
  if (server.exitCode !== null || server.signalCode !== null) return;
  const ended = once(server, 'exit');
  server.kill(signal);
  await ended;
}
