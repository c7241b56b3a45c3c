import { join, resolve } from 'node:path';

/** Everything the server can be told, from the environment. */
export interface ServerConfig {
  /** Always loopback unless `DROP_CLOSE_HOST` says otherwise. */
  readonly host: string;
  readonly port: number;
  /** `postgresql://user@host:port/name`; there is no password on loopback. */
  readonly databaseUrl: string;
  /** The built web application; served when it is there. */
  readonly webRoot: string;
  readonly demoFolder: string;
  /** Largest request body in bytes. */
  readonly largestBody: number;
}

const PROJECT = resolve(__dirname, '../../..');

export function readConfig(env: NodeJS.ProcessEnv = process.env): ServerConfig {
  return {
    host: env['DROP_CLOSE_HOST'] ?? '127.0.0.1',
    port: portOf(env['DROP_CLOSE_PORT'] ?? '4680'),
    databaseUrl: env['DROP_CLOSE_DATABASE'] ?? 'postgresql://dropclose@127.0.0.1:54680/dropclose',
    webRoot: env['DROP_CLOSE_WEB'] ?? join(PROJECT, 'apps/web/dist'),
    demoFolder: env['DROP_CLOSE_DEMO'] ?? join(PROJECT, 'demo'),
    largestBody: 1_000_000,
  };
}

function portOf(text: string): number {
  const port = Number(text);
  if (Number.isInteger(port) && port >= 1 && port <= 65_535) return port;
  throw new Error(`DROP_CLOSE_PORT is "${text}"; it should be a port number, 1 to 65535.`);
}
