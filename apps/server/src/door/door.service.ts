import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { hash, verify } from '@node-rs/argon2';
import { createHash, randomBytes } from 'node:crypto';
import { WrongPassphrase } from '../problem/errors';

/** A session that is not used for so long has ended. */
const DAYS_UNUSED = 30;

const KNOWN_FOR_MS = 1500;

/** Argon2id with 19 MiB, two passes. Source: OWASP password storage cheat sheet. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** The one passphrase of the book, where it has one, and the sessions that were opened with it. */
@Injectable()
export class DoorService {
  private known: { readonly locked: boolean; readonly at: number } | undefined;

  constructor(private readonly em: EntityManager) {}

  /** Asked with every request, so what another server at this book did is known after a second or two. */
  async isLocked(): Promise<boolean> {
    if (!this.known || Date.now() - this.known.at > KNOWN_FOR_MS) {
      this.known = { locked: (await this.hashed()) !== undefined, at: Date.now() };
    }
    return this.known.locked;
  }

  /** @throws WrongPassphrase. @returns the token of a new session */
  async enter(passphrase: string): Promise<string> {
    const hashed = await this.hashed();
    if (hashed !== undefined && !(await verify(hashed, passphrase))) throw new WrongPassphrase();
    const token = randomBytes(32).toString('base64url');
    await this.run('insert into session (token_hash) values (?)', [hashOf(token)]);
    return token;
  }

  /** Whether a session is open; one that is used stays so. */
  async isOpen(token: string | undefined): Promise<boolean> {
    if (!token) return false;
    const used = await this.rows(
      `update session set used_at = now()
       where token_hash = ? and used_at > now() - interval '${DAYS_UNUSED} days' returning 1`,
      [hashOf(token)],
    );
    return used.length > 0;
  }

  async leave(token: string | undefined): Promise<void> {
    if (token) await this.run('delete from session where token_hash = ?', [hashOf(token)]);
  }

  /**
   * Sets the passphrase, or another one, or none; every session but the one in hand ends.
   * @param current the one that is set; needed where one is
   * @throws WrongPassphrase
   */
  async set(
    passphrase: string | undefined,
    current: string | undefined,
    token: string | undefined,
  ): Promise<void> {
    const hashed = await this.hashed();
    if (hashed !== undefined && !(await verify(hashed, current ?? ''))) throw new WrongPassphrase();
    await this.run('delete from door', []);
    if (passphrase !== undefined) {
      await this.run('insert into door (hash) values (?)', [await hash(passphrase, COST)]);
    }
    await this.run('delete from session where token_hash <> ?', [token ? hashOf(token) : '']);
    this.known = undefined;
  }

  private async hashed(): Promise<string | undefined> {
    const [door] = await this.rows('select hash from door', []);
    return (door as { hash: string } | undefined)?.hash;
  }

  private async rows(sql: string, values: readonly unknown[]): Promise<unknown[]> {
    return (await this.em.getConnection().execute(sql, [...values])) as unknown[];
  }

  private async run(sql: string, values: readonly unknown[]): Promise<void> {
    await this.em.getConnection().execute(sql, [...values], 'run');
  }
}

/** A token is worth a passphrase, so what is stored of it opens nothing. */
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
