import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';

const ROOT = resolve(__dirname, '..');

/** How often each way of killing is tried: a few in ./test, 200 in `npm run soak`. */
export const ROUNDS = Number(process.env['DROP_CLOSE_ROUNDS'] ?? 6);

/** The longest wait for what comes by itself, in ms: much more than it takes, for machines under load. */
export const PATIENCE = 90_000;

const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** Asks until it is so. @throws after so many ms */
export async function until(is: () => boolean | Promise<boolean>, limit = PATIENCE): Promise<void> {
  const end = Date.now() + limit;
  while (!(await is())) {
    if (Date.now() > end) throw new Error(`It was not so within ${limit} ms: ${is.toString()}`);
    await pause(50);
  }
}

/** The processes of this machine that are so. */
export const processes = (is: (pid: number) => boolean): number[] =>
  readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number)
    .filter(is);

/** A file of a process, or nothing where it has ended. @param file as `status` or `cmdline` */
export function processFile(pid: number, file: string): string {
  try {
    return readFileSync(`/proc/${pid}/${file}`, 'utf8');
  } catch {
    return '';
  }
}

/** A Drop Close of its own as ./start runs it, with a book in a folder of its own. */
export class House {
  readonly folder: string;
  private start: ChildProcess | undefined;
  /** What ./start said. */
  said = '';

  constructor(
    name: string,
    private readonly port: number,
  ) {
    this.folder = join(ROOT, '.data/soak', name);
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  private get environment(): NodeJS.ProcessEnv {
    const port = String(this.port);
    return { ...process.env, DROP_CLOSE_DATA: this.folder, DROP_CLOSE_PORT: port };
  }

  /** Nothing of it is left. */
  async raze(): Promise<void> {
    await this.close();
    this.kill('server', 'database');
    await pause(200);
    rmSync(this.folder, { recursive: true, force: true });
    mkdirSync(this.folder, { recursive: true });
  }

  /** Starts it. @returns at once */
  begin(): void {
    this.said = '';
    // A process group of its own, so that killing ./start leaves what it started, as a crash does.
    const start = spawn('./start', { cwd: ROOT, env: this.environment, detached: true });
    for (const stream of [start.stdout, start.stderr]) {
      stream.on('data', (text: Buffer) => (this.said += text.toString()));
    }
    this.start = start;
  }

  /** Starts it. @returns once it answers */
  async open(): Promise<void> {
    this.begin();
    await this.answers();
  }

  answers(): Promise<void> {
    return until(() => this.isWell());
  }

  private async isWell(): Promise<boolean> {
    if (this.start?.exitCode) throw new Error(`./start ended: ${this.said}`);
    const answer = await fetch(`${this.address}/api/health`).catch(() => undefined);
    return answer?.ok ?? false;
  }

  /** Stops it as Ctrl-C does. */
  async close(): Promise<void> {
    const { start } = this;
    this.start = undefined;
    if (!start || start.exitCode !== null || start.signalCode !== null) return;
    const ended = once(start, 'exit');
    start.kill('SIGINT');
    await ended;
  }

  /** Kills as a crash does, without a word. */
  kill(...what: readonly ('start' | 'server' | 'database')[]): void {
    for (const each of what) {
      const pid = this.pidOf(each);
      try {
        if (pid) process.kill(pid, 'SIGKILL');
      } catch {
        // It has ended already.
      }
    }
  }

  /** The first process of its database. */
  databasePid(): number | undefined {
    return this.pidOf('database');
  }

  /** What a server of its own is told, to be started by hand. */
  serverEnvironment(): NodeJS.ProcessEnv {
    const socket = encodeURIComponent(join(this.folder, 'book/socket'));
    const url = `postgresql://dropclose@${socket}:5432/dropclose`;
    return { ...this.environment, DROP_CLOSE_DATABASE: url };
  }

  private pidOf(what: 'start' | 'server' | 'database'): number | undefined {
    if (what === 'start') return this.start?.pid;
    const file =
      what === 'server'
        ? join(this.folder, `server-${this.port}.pid`)
        : join(this.folder, 'book/db/postmaster.pid');
    if (!existsSync(file)) return undefined;
    return Number(/^\d+/.exec(readFileSync(file, 'utf8'))?.[0]);
  }

  /** Runs ./backup or ./restore for this book. @returns what it said */
  run(
    script: 'backup' | 'restore' | 'scripts/forget-passphrase',
    ...words: readonly string[]
  ): string {
    return execFileSync(`./${script}`, words, { cwd: ROOT, env: this.environment }).toString();
  }

  /** Does something to the book's tables, while it is closed. @returns the rows, their columns between bars */
  sql(text: string): string {
    const script = `source scripts/common.sh; source scripts/postgres.sh; ensure_postgres; start_postgres book; admin dropclose "$1"; stop_postgres`;
    const words = ['-c', script, 'bash', text];
    return execFileSync('bash', words, { cwd: ROOT, env: this.environment }).toString();
  }

  get(path: string): Promise<Response> {
    return fetch(`${this.address}/api${path}`);
  }

  send(method: 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown): Promise<Response> {
    return fetch(`${this.address}/api${path}`, {
      method,
      headers: { 'content-type': 'application/json' },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
  }
}
