import { join, resolve } from 'node:path';

/** Everything the server can be told, from the environment. */
export interface ServerConfig {
  /** Always loopback unless `DROP_CLOSE_HOST` says otherwise. */
  readonly host: string;
  readonly port: number;
  /** `postgresql://role@folder:port/name`, the folder of its socket percent-encoded; a host will do as well. */
  readonly databaseUrl: string;
  /** The built web application; served when it is there. */
  readonly webRoot: string;
  readonly demoFolder: string;
  /** Where the log is written; nowhere when left out. */
  readonly logFolder: string | undefined;
  /** Names under which it answers, besides those of this machine. */
  readonly hosts: readonly string[];
  /** Largest request body in bytes. */
  readonly largestBody: number;
}

const PROJECT = resolve(__dirname, '../../..');
const SOCKETS = encodeURIComponent(join(PROJECT, '.data/book/socket'));

/** The names of the machine itself. */
const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];

/** Whether the server is heard on this machine alone. */
export const isLoopback = (host: string): boolean =>
  LOOPBACK.includes(host) || host === '::1' || host.startsWith('127.');

export function readConfig(env: NodeJS.ProcessEnv = process.env): ServerConfig {
  return {
    host: env['DROP_CLOSE_HOST'] ?? '127.0.0.1',
    port: portOf(env['DROP_CLOSE_PORT'] ?? '4680'),
    databaseUrl: env['DROP_CLOSE_DATABASE'] ?? `postgresql://dropclose@${SOCKETS}:5432/dropclose`,
    webRoot: env['DROP_CLOSE_WEB'] ?? join(PROJECT, 'apps/web/dist'),
    demoFolder: env['DROP_CLOSE_DEMO'] ?? join(PROJECT, 'demo'),
    logFolder: env['DROP_CLOSE_LOGS'],
    hosts: [...LOOPBACK, ...(env['DROP_CLOSE_HOSTS'] ?? '').split(',').filter(Boolean)],
    largestBody: 1_000_000,
  };
}

function portOf(text: string): number {
  const port = Number(text);
  if (Number.isInteger(port) && port >= 1 && port <= 65_535) return port;
  throw new Error(`DROP_CLOSE_PORT is "${text}"; it should be a port number, 1 to 65535.`);
}
