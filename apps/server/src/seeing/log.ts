import { join } from 'node:path';
import pino, { type Logger } from 'pino';

/** One line a failed or refused request. */
export interface RequestLine {
  readonly reference: string;
  readonly method: string;
  /** Without what follows a question mark. */
  readonly path: string;
  readonly status: number;
  readonly ms: number;
  readonly detail: string;
  /** Where it failed in the program; of failures alone. */
  readonly stack?: string | undefined;
}

const LARGEST = '5m';
const KEPT = 5;

/** A structured log: in rotating files of a folder, or nowhere. @param folder none in tests */
export function openLog(folder: string | undefined): Logger {
  if (!folder) return pino({ enabled: false });
  const file = join(folder, 'server');
  const limit = { count: KEPT };
  const options = { file, extension: '.log', size: LARGEST, limit, mkdir: true };
  return pino(
    { base: null, timestamp: pino.stdTimeFunctions.isoTime },
    pino.transport({ target: 'pino-roll', options }) as pino.DestinationStream,
  );
}
