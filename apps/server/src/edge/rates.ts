import type { NextFunction, Request, Response } from 'express';
import { rateLimit, type RateLimitRequestHandler } from 'express-rate-limit';
import { TooMany } from '../problem/errors';

/** Requests of one address in ten seconds: more than any number of players and pages send. */
const MOST_REQUESTS = 10_000;
/** Tries at a passphrase from one address, a minute. */
const MOST_TRIES = 10;

const limited = (
  limit: number,
  seconds: number,
  skip: (request: Request) => boolean,
): RateLimitRequestHandler =>
  rateLimit({
    windowMs: seconds * 1000,
    limit,
    skip,
    legacyHeaders: false,
    // Behind a server with TLS all share one address, and the limits.
    validate: { xForwardedForHeader: false },
    handler: (_: Request, __: Response, next: NextFunction) => {
      next(new TooMany(seconds));
    },
  });

/** How much one address may ask. */
export const requestRate = (): RateLimitRequestHandler => limited(MOST_REQUESTS, 10, () => false);

/** How often one address may try a passphrase. */
export const passphraseRate = (): RateLimitRequestHandler =>
  limited(MOST_TRIES, 60, ({ method, path }) => method === 'GET' || path === '/leave');
