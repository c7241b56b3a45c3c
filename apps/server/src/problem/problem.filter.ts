import { STATUS_CODES } from 'node:http';
import {
  Catch,
  HttpException,
  Logger,
  type ArgumentsHost,
  type ExceptionFilter,
} from '@nestjs/common';
import type { Request, Response } from 'express';
import { InvalidBody, StaleSave } from './errors';
import type { ProblemDetails } from './problem';

/** Maps every error to problem details, in one place. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger(ProblemFilter.name);

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const problem = this.problemOf(error, http.getRequest<Request>().originalUrl);
    if (problem.status >= 500) this.log.error(error);
    http
      .getResponse<Response>()
      .status(problem.status)
      .type('application/problem+json')
      .send(JSON.stringify(problem));
  }

  private problemOf(error: unknown, instance: string): ProblemDetails {
    const status = statusOf(error);
    const base = {
      type: 'about:blank',
      title: STATUS_CODES[status] ?? 'Error',
      status,
      detail: detailOf(error, status),
      instance,
    } as const;
    if (error instanceof InvalidBody) return { ...base, errors: error.errors };
    if (error instanceof StaleSave) return { ...base, yours: error.yours, theirs: error.theirs };
    return base;
  }
}

function statusOf(error: unknown): number {
  if (error instanceof HttpException) return error.getStatus();
  const { status } = (error ?? {}) as { status?: unknown };
  return typeof status === 'number' && status >= 400 && status < 600 ? status : 500;
}

function detailOf(error: unknown, status: number): string {
  if (status === 413) return 'The body is larger than 1 MB.';
  if (!(error instanceof HttpException) && status >= 500) {
    return 'Something went wrong here; nothing you sent was stored.';
  }
  return error instanceof Error ? error.message : 'The request cannot be answered.';
}
