import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import type { JobKind, JobState, TrackWish } from '@drop-close/core';
import type { AskedJob, JobResult } from './asked';

/** A row of the table, as it is listed. */
export interface JobRow {
  readonly id: string;
  readonly kind: JobKind;
  readonly title: string;
  readonly state: JobState;
  readonly progress: number;
  readonly problem: string | null;
  readonly bytes: number | null;
  readonly result: JobResult | null;
  readonly created_at: string | Date;
  /** The set whose parts are made. */
  readonly set_id: string | null;
  /** Of a track. */
  readonly tune_id: string | null;
  readonly wish: TrackWish | null;
  readonly key: string | null;
  readonly seconds: number | null;
}

const COLUMNS = `id, kind, title, state, progress, problem, bytes, result, created_at, asked->>'setId' as set_id,
  tune_id, asked->'wish' as wish, asked->'tune'->>'key' as key, seconds`;

/** A piece of a file, and where in the file it begins. */
export interface JobPiece {
  readonly begins: number;
  readonly bytes: Buffer;
}

/** What is stored of a job that is done. */
export interface Finished {
  readonly seconds?: number;
  readonly bytes?: number;
  readonly result?: JobResult;
}

/** Long work and the pieces of its files in the database, in plain SQL: they are written while it is done. */
@Injectable()
export class JobStore {
  constructor(private readonly em: EntityManager) {}

  /** The newest first. */
  list(kinds: readonly JobKind[]): Promise<JobRow[]> {
    const of = kinds.map(() => '?').join(', ');
    const sql = `select ${COLUMNS} from job where kind in (${of}) order by created_at desc, id`;
    return this.rows(sql, [...kinds]);
  }

  async find(id: string): Promise<JobRow | undefined> {
    return (await this.rows<JobRow>(`select ${COLUMNS} from job where id = ?`, [id]))[0];
  }

  async remove(id: string): Promise<void> {
    await this.run('delete from job where id = ?', [id]);
  }

  /** How many wait or are worked on, and how many bytes all files have. */
  async load(): Promise<{ readonly waiting: number; readonly bytes: number }> {
    const sql = `select count(*) filter (where state in ('waiting', 'working')) as waiting,
      coalesce(sum(bytes), 0) as bytes from job`;
    const [row] = await this.rows<Record<'waiting' | 'bytes', string>>(sql);
    return { waiting: Number(row?.waiting), bytes: Number(row?.bytes) };
  }

  /** Takes a job that waits; whoever comes second gets nothing. What was made of it before is gone. */
  async claim(id: string): Promise<AskedJob | undefined> {
    const sql = `update job set state = 'working', tries = tries + 1, progress = 0, beat_at = now()
      where id = ? and state = 'waiting' returning kind, asked`;
    const [row] = await this.rows<AskedJob>(sql, [id]);
    if (row) await this.run('delete from job_piece where job_id = ?', [id]);
    return row;
  }

  /** Says that a job is still being done. @returns false once nobody wants it */
  async beat(id: string, progress: number): Promise<boolean> {
    const sql = `update job set progress = ?, beat_at = now()
      where id = ? and state = 'working' returning id`;
    return (await this.rows(sql, [progress, id])).length > 0;
  }

  async addPiece(id: string, place: number, { begins, bytes }: JobPiece): Promise<void> {
    const sql = 'insert into job_piece (job_id, place, begins, bytes) values (?, ?, ?, ?)';
    await this.run(sql, [id, place, begins, bytes]);
  }

  /** @returns false where nobody wants it any more */
  async finish(id: string, { seconds, bytes, result }: Finished): Promise<boolean> {
    const sql = `update job set state = 'ready', progress = 1, seconds = coalesce(?, seconds), bytes = ?, result = ?
      where id = ? and state = 'working' returning id`;
    const stored = result ? JSON.stringify(result) : null;
    return (await this.rows(sql, [seconds ?? null, bytes ?? null, stored, id])).length > 0;
  }

  async fail(id: string, problem: string): Promise<void> {
    const sql = `update job set state = 'failed', problem = ?
      where id = ? and state in ('waiting', 'working')`;
    await this.run(sql, [problem, id]);
    await this.run('delete from job_piece where job_id = ?', [id]);
  }

  /** The pieces of a file that reach into some bytes of it, both included, in order. */
  pieces(id: string, first: number, last: number): Promise<JobPiece[]> {
    const sql = `select begins, bytes from job_piece
      where job_id = ? and begins <= ? and begins + octet_length(bytes) > ? order by place`;
    return this.rows(sql, [id, last, first]);
  }

  /**
   * Puts back what somebody began and has not been heard of for a while, and what waits so long that its job may be lost.
   * @returns their ids
   */
  async putBack(silentSeconds: number, mostTries: number): Promise<string[]> {
    const silent = `beat_at < now() - make_interval(secs => ?)`;
    const given = `update job set state = 'failed', problem = ?
      where state = 'working' and tries >= ? and ${silent}`;
    const problem = 'It was begun several times, and whoever did it stopped each time.';
    await this.run(given, [problem, mostTries, silentSeconds]);
    const sql = `update job set state = 'waiting', beat_at = now()
      where state in ('working', 'waiting') and ${silent} returning id`;
    return (await this.rows<{ id: string }>(sql, [silentSeconds])).map(({ id }) => id);
  }

  async tidy(days: number): Promise<void> {
    await this.run('delete from job where created_at < now() - make_interval(days => ?)', [days]);
  }

  private async rows<T>(sql: string, values: unknown[] = []): Promise<T[]> {
    const within = this.em.getTransactionContext<unknown>();
    return (await this.em.getConnection().execute(sql, values, 'all', within)) as T[];
  }

  private async run(sql: string, values: unknown[]): Promise<void> {
    await this.em.getConnection().execute(sql, values, 'run', this.em.getTransactionContext());
  }
}
