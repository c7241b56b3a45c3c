import { randomUUID } from 'node:crypto';
import type { NextFunction, Request, Response } from 'express';
import type { Figures } from '../seeing/figures';

/** A request with what is known of it from its beginning on. */
export interface Referenced {
  /** What a player can quote, and the log says too. */
  reference?: string;
  /** When it arrived, in ms. */
  arrivedAt?: number;
}

/** Gives every request a reference, and counts its answer. */
export const withReference =
  (figures: Figures) =>
  (request: Request & Referenced, response: Response, next: NextFunction): void => {
    request.reference = randomUUID().slice(0, 8);
    request.arrivedAt = performance.now();
    response.setHeader('x-request-id', request.reference);
    response.on('finish', () => {
      figures.count(response.statusCode, performance.now() - request.arrivedAt!);
    });
    next();
  };
