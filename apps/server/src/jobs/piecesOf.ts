import type { Progress } from './asked';
import type { JobStore } from './jobStore';

/** Smaller pieces wait for each other, in bytes. */
const PIECE = 262_144;

/** Nobody wants the job any more. */
export class NotWanted extends Error {}

/** Writes the file of a job piece by piece, and says now and then that somebody is at it. */
export class PiecesOf {
  private held: Uint8Array[] = [];
  private size = 0;
  private written = 0;
  private place = 0;

  constructor(
    private readonly store: JobStore,
    private readonly id: string,
  ) {}

  /** @throws NotWanted */
  async take({ bytes, progress }: Progress): Promise<void> {
    if (!(await this.store.beat(this.id, Math.min(1, progress)))) throw new NotWanted();
    if (!bytes) return;
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
