import type { CookieOptions, Request } from 'express';

/** The name of the cookie that holds a session. */
export const SESSION = 'drop-close-session';

const A_MONTH_MS = 30 * 86_400_000;

/** Only this server gets it, no script reads it, and no other page sends it. */
export const cookieFor = (request: Request): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure: request.secure,
  path: '/',
  maxAge: A_MONTH_MS,
});

/** The token of the session a request comes with, if any. */
export function sessionOf({ headers }: Request): string | undefined {
  const cookies = (headers.cookie ?? '').split(';').map((each) => each.trim());
  return cookies.find((each) => each.startsWith(`${SESSION}=`))?.slice(SESSION.length + 1);
}
