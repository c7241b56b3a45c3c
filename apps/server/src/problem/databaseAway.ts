import { ConnectionException, DriverException } from '@mikro-orm/core';

/**
 * Codes of a database that is stopped, starting, ending or too slow to answer in time. Source: PostgreSQL,
 * appendix A, error codes (classes 08, 57 and 55P03).
 */
const AWAY = /^(?:08...|57P0[1-5]|57014|55P03)$/;

/** Node's codes of a socket that is not there, refuses, or breaks off. */
const NO_SOCKET = /^(?:ECONNREFUSED|ECONNRESET|ENOENT|EPIPE|ETIMEDOUT|EACCES)$/;
const OF_SOCKETS: readonly unknown[] = ['connect', 'read', 'write'];

/** What the driver and the pool say where there is no code. */
const WORDS =
  /timeout expired|query read timeout|timeout acquiring a connection|connection terminated|connection ended/i;

/** Whether an error says that the database is away or does not answer in time, so that another try may go well. */
export function isDatabaseAway(error: unknown): boolean {
  if (error instanceof ConnectionException) return true;
  const { code, message, name, syscall } = (error ?? {}) as Record<string, unknown>;
  const ofDatabase = error instanceof DriverException || name === 'KnexTimeoutError';
  if (typeof code === 'string') {
    if (AWAY.test(code)) return true;
    // A missing file has the same code as a missing socket.
    return (ofDatabase || syscall === 'connect') && NO_SOCKET.test(code) && isOfSocket(syscall);
  }
  return typeof message === 'string' && WORDS.test(message);
}

const isOfSocket = (syscall: unknown): boolean =>
  syscall === undefined || OF_SOCKETS.includes(syscall);
