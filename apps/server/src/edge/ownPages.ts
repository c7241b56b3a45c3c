import type { NextFunction, Request, Response } from 'express';
import { NotFromHere, UnknownHost } from '../problem/errors';

const READING: readonly string[] = ['GET', 'HEAD', 'OPTIONS'];

/**
 * Answers only under the names of this server, so that no page elsewhere can take it for its own (DNS
 * rebinding), and lets only its own pages change anything. What is no browser sends no origin and is let
 * through. Source: OWASP ASVS 4.0.3, 4.2.2 and 13.2.3; Fetch Metadata.
 * @param hosts names without ports, as `localhost`
 */
export const ownPagesOnly =
  (hosts: readonly string[]) =>
  (request: Request, _: Response, next: NextFunction): void => {
    const host = request.headers.host ?? '';
    if (!hosts.includes(nameOf(host))) {
      next(new UnknownHost(host));
      return;
    }
    const { origin, 'sec-fetch-site': site } = request.headers;
    const foreign = (origin !== undefined && hostOf(origin) !== host) || site === 'cross-site';
    next(foreign && !READING.includes(request.method) ? new NotFromHere() : undefined);
  };

/** `[::1]:4680` → `[::1]` */
const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}
