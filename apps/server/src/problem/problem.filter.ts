import { STATUS_CODES } from 'node:http';
import {
  Catch,
  HttpException,
  Inject,
  type ArgumentsHost,
  type ExceptionFilter,
} from '@nestjs/common';
import type { Request, Response } from 'express';
import type { Logger } from 'pino';
import type { Referenced } from '../edge/requestId';
import type { RequestLine } from '../seeing/log';
import { LOG } from '../seeing/logToken';
import { isDatabaseAway, wasCommitting } from './databaseAway';
import { InvalidBody, StaleSave } from './errors';
import type { ProblemDetails } from './problem';

/** Maps every error to problem details, in one place, and logs it in one line. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  constructor(@Inject(LOG) private readonly log: Logger) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const request = http.getRequest<Request & Referenced>();
    const problem = this.problemOf(error, request);
    this.logOne(error, problem, request);
    const response = http.getResponse<Response>();
    if (response.headersSent) {
      response.end();
      return;
    }
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  }

  private logOne(error: unknown, problem: ProblemDetails, request: Request & Referenced): void {
    const { status, detail, reference } = problem;
    const failed = status >= 500 && status !== 503;
    const line: RequestLine = {
      reference,
      method: request.method,
      path: request.path,
      status,
      ms: Math.round(performance.now() - (request.arrivedAt ?? performance.now())),
      detail: status >= 500 && error instanceof Error ? error.message : detail,
      ...(failed && error instanceof Error && { stack: error.stack }),
    };
    if (status >= 500) this.log.error(line);
    else this.log.info(line);
    if (failed) {
      process.stderr.write(
        `${status} ${request.method} ${request.path} (${reference}): ${line.detail}\n`,
      );
    }
  }

  private problemOf(
    error: unknown,
    { originalUrl: instance, reference = '' }: Request & Referenced,
  ): ProblemDetails {
    const status = statusOf(error);
    const base = {
      type: 'about:blank',
      title: STATUS_CODES[status] ?? 'Error',
      status,
      detail: detailOf(error, status),
      instance,
      reference,
    } as const;
    if (error instanceof InvalidBody) return { ...base, errors: error.errors };
    if (error instanceof StaleSave) return { ...base, theirs: error.theirs };
    return base;
  }
}

function statusOf(error: unknown): number {
  if (error instanceof HttpException) return error.getStatus();
  if (isDatabaseAway(error)) return 503;
  const { status } = (error ?? {}) as { status?: unknown };
  return typeof status === 'number' && status >= 400 && status < 600 ? status : 500;
}

/** What may be said of an error: what was written for the client, and never what a library says of this machine. */
function detailOf(error: unknown, status: number): string {
  if (error instanceof HttpException) return error.message;
  if (isDatabaseAway(error)) {
    return wasCommitting(error)
      ? 'The database went away while it stored what you sent: look whether it is there before you send it again.'
      : 'The database does not answer; nothing you sent was stored.';
  }
  if (status >= 500) return 'Something went wrong here; nothing you sent was stored.';
  if (status === 413) return 'The body is larger than 1 MB.';
  if (status === 404) return 'There is nothing at this address.';
  return isUnreadableBody(error)
    ? `The body cannot be read: ${error.message}`
    : 'The request cannot be answered.';
}

/** What the parser of bodies throws; its messages quote the body and nothing else. */
const isUnreadableBody = (error: unknown): error is Error =>
  error instanceof Error && 'type' in error && String(error.type).startsWith('entity.');
