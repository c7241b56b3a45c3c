import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import { TRACK_DAYS } from '@drop-close/core';
import { RenderPool } from './renderPool';
import type { Rendered } from './render/renderTrack';
import { TrackQueue } from './trackQueue';
import { TrackStore } from './trackStore';

/** Whoever renders a track is heard of every second or so; after this long somebody else takes it up, in seconds. */
const SILENT = 15;
const LOOKS_EVERY_MS = 5000;
const MOST_TRIES = 3;
/** Smaller pieces wait for each other, in bytes. */
const PIECE = 262_144;

/** Nobody wants the track any more. */
class NotWanted extends Error {}

/** Renders tracks that wait, and takes up what others left. */
@Injectable()
export class TrackWorker implements OnModuleDestroy {
  private readonly log = new Logger('tracks');
  private timer: NodeJS.Timeout | undefined;
  private begun: Promise<void> | undefined;

  constructor(
    private readonly queue: TrackQueue,
    private readonly store: TrackStore,
    private readonly pool: RenderPool,
  ) {}

  /** Begins to look for work, once. */
  begin(): Promise<void> {
    this.begun ??= this.queue
      .work((id) => this.render(id))
      .then(() => {
        this.timer = setInterval(() => {
          this.look().catch((error: unknown) => {
            this.log.warn(`Tracks could not be looked after: ${String(error)}`);
          });
        }, LOOKS_EVERY_MS).unref();
      });
    return this.begun;
  }

  onModuleDestroy(): void {
    clearInterval(this.timer);
  }

  /** Takes up what others left, and tidies away what is old. */
  async look(): Promise<void> {
    for (const id of await this.store.putBack(SILENT, MOST_TRIES)) await this.queue.send(id);
    await this.store.tidy(TRACK_DAYS);
  }

  async render(id: string): Promise<void> {
    const asked = await this.store.claim(id);
    if (!asked) return;
    const file = new PiecesOf(this.store, id);
    try {
      const outcome = await this.pool.render(asked, (piece) => file.take(piece));
      if (!outcome.ok) {
        await this.store.fail(id, outcome.problem);
        return;
      }
      await this.store.finish(id, outcome.seconds, await file.end());
    } catch (error) {
      if (error instanceof Error && error.cause instanceof NotWanted) return;
      this.log.error(error);
      await this.store.fail(id, 'It could not be rendered. The log of the server says more.');
    }
  }
}

/** Writes a file piece by piece, and says now and then that somebody is at it. */
class PiecesOf {
  private held: Uint8Array[] = [];
  private size = 0;
  private written = 0;
  private place = 0;

  constructor(
    private readonly store: TrackStore,
    private readonly id: string,
  ) {}

  async take({ bytes, progress }: Rendered): Promise<void> {
    if (!(await this.store.beat(this.id, Math.min(1, progress)))) throw new NotWanted();
    this.held.push(bytes);
    this.size += bytes.length;
    if (this.size >= PIECE) await this.write();
  }

  /** @returns the bytes of the whole file */
  async end(): Promise<number> {
    await this.write();
    return this.written;
  }

  private async write(): Promise<void> {
    if (!this.size) return;
    const bytes = Buffer.concat(this.held);
    await this.store.addPiece(this.id, this.place, { begins: this.written, bytes });
    this.place += 1;
    this.written += bytes.length;
    this.held = [];
    this.size = 0;
  }
}
