import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import type { AskedTrack } from './asked';
import type { TrackRow } from './track.views';

const COLUMNS = `id, tune_id, title, asked->'wish' as wish, asked->'tune'->>'key' as key, state, progress,
  problem, seconds, bytes, created_at`;

/** A piece of a file, and where in the file it begins. */
export interface TrackPiece {
  readonly begins: number;
  readonly bytes: Buffer;
}

/** Tracks and their pieces in the database, in plain SQL: they are written while they are rendered. */
@Injectable()
export class TrackStore {
  constructor(private readonly em: EntityManager) {}

  list(): Promise<TrackRow[]> {
    return this.rows(`select ${COLUMNS} from track order by created_at desc, id`);
  }

  async find(id: string): Promise<TrackRow | undefined> {
    return (await this.rows<TrackRow>(`select ${COLUMNS} from track where id = ?`, [id]))[0];
  }

  async remove(id: string): Promise<void> {
    await this.run('delete from track where id = ?', [id]);
  }

  /** How many wait or are rendered, and how many bytes all files have. */
  async load(): Promise<{ readonly waiting: number; readonly bytes: number }> {
    const sql = `select count(*) filter (where state in ('waiting', 'rendering')) as waiting,
      coalesce(sum(bytes), 0) as bytes from track`;
    const [row] = await this.rows<Record<'waiting' | 'bytes', string>>(sql);
    return { waiting: Number(row?.waiting), bytes: Number(row?.bytes) };
  }

  /** Takes a track that waits; whoever comes second gets nothing. What was rendered of it before is gone. */
  async claim(id: string): Promise<AskedTrack | undefined> {
    const sql = `update track set state = 'rendering', tries = tries + 1, progress = 0, beat_at = now()
      where id = ? and state = 'waiting' returning asked`;
    const [row] = await this.rows<{ asked: AskedTrack }>(sql, [id]);
    if (row) await this.run('delete from track_piece where track_id = ?', [id]);
    return row?.asked;
  }

  /** Says that a track is still being rendered. @returns false once nobody wants it */
  async beat(id: string, progress: number): Promise<boolean> {
    const sql = `update track set progress = ?, beat_at = now()
      where id = ? and state = 'rendering' returning id`;
    return (await this.rows(sql, [progress, id])).length > 0;
  }

  async addPiece(id: string, place: number, { begins, bytes }: TrackPiece): Promise<void> {
    const sql = 'insert into track_piece (track_id, place, begins, bytes) values (?, ?, ?, ?)';
    await this.run(sql, [id, place, begins, bytes]);
  }

  async finish(id: string, seconds: number, bytes: number): Promise<void> {
    const sql = `update track set state = 'ready', progress = 1, seconds = ?, bytes = ?
      where id = ? and state = 'rendering'`;
    await this.run(sql, [seconds, bytes, id]);
  }

  async fail(id: string, problem: string): Promise<void> {
    const sql = `update track set state = 'failed', problem = ?
      where id = ? and state in ('waiting', 'rendering')`;
    await this.run(sql, [problem, id]);
    await this.run('delete from track_piece where track_id = ?', [id]);
  }

  /** The pieces of a file that reach into some bytes of it, both included, in order. */
  pieces(id: string, first: number, last: number): Promise<TrackPiece[]> {
    const sql = `select begins, bytes from track_piece
      where track_id = ? and begins <= ? and begins + octet_length(bytes) > ? order by place`;
    return this.rows(sql, [id, last, first]);
  }

  /**
   * Puts back what somebody began and has not been heard of for a while, and what waits so long that its job may be lost.
   * @returns their ids
   */
  async putBack(silentSeconds: number, mostTries: number): Promise<string[]> {
    const silent = `beat_at < now() - make_interval(secs => ?)`;
    const given = `update track set state = 'failed', problem = ?
      where state = 'rendering' and tries >= ? and ${silent}`;
    const problem = 'It was begun several times, and whoever rendered it stopped each time.';
    await this.run(given, [problem, mostTries, silentSeconds]);
    const sql = `update track set state = 'waiting', beat_at = now()
      where state in ('rendering', 'waiting') and ${silent} returning id`;
    return (await this.rows<{ id: string }>(sql, [silentSeconds])).map(({ id }) => id);
  }

  async tidy(days: number): Promise<void> {
    await this.run('delete from track where created_at < now() - make_interval(days => ?)', [days]);
  }

  private async rows<T>(sql: string, values: unknown[] = []): Promise<T[]> {
    return (await this.em.getConnection().execute(sql, values)) as T[];
  }

  private async run(sql: string, values: unknown[]): Promise<void> {
    await this.em.getConnection().execute(sql, values, 'run');
  }
}
