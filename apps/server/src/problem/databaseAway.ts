import { ConnectionException, DriverException } from '@mikro-orm/core';

/**
 * Codes of a database that is stopped, starting, ending or too slow to answer in time. Source: PostgreSQL,
 * appendix A, error codes (classes 08, 57 and 55P03).
 */
const AWAY = /^(?:08...|57P0[1-5]|57014|55P03)$/;

/** Node's codes of a socket that is not there, refuses, or breaks off. */
const NO_SOCKET = /^(?:ECONNREFUSED|ECONNRESET|ENOENT|EPIPE|ETIMEDOUT|EACCES)$/;
/** A missing file has the same code as a missing socket, but is opened, not connected. */
const OF_SOCKETS: readonly unknown[] = ['connect', 'read', 'write'];

/**
 * What the driver and the pool say where there is no code: of a connection that breaks while it is used, of one that
 * broke before and is used all the same, and of a transaction that ended with its connection.
 */
const WORDS =
  /timeout expired|query read timeout|timeout acquiring a connection|connection terminated|connection ended|is not queryable|transaction query already complete/i;

/** Whether an error says that the database is away or does not answer in time, so that another try may go well. */
export function isDatabaseAway(error: unknown): boolean {
  if (error instanceof ConnectionException) return true;
  const { code, message, name, syscall } = (error ?? {}) as Record<string, unknown>;
  if (typeof code !== 'string') return typeof message === 'string' && WORDS.test(message);
  if (AWAY.test(code)) return true;
  if (!NO_SOCKET.test(code)) return false;
  const ofDatabase = error instanceof DriverException || name === 'KnexTimeoutError';
  return syscall === undefined ? ofDatabase : OF_SOCKETS.includes(syscall);
}

/** Whether it went away while it was to keep what was sent: only a look can tell whether it did. */
export const wasCommitting = (error: unknown): boolean =>
  error instanceof DriverException && /^commit\b/i.test(error.message);
