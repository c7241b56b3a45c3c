import { EntityManager } from '@mikro-orm/core';
import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import { TimeOver, WorkPool } from '../workers/workPool';
import { SUMMARY_VERSION, type TuneSummary } from './summary';
import { TuneEntity } from './tune.entity';

/** How long the analysis behind a summary may take while somebody waits for it, and while nobody does; in ms. */
const LONGEST = 3000;
const PATIENT = 30_000;
/** A player who writes saves every second or so; the analysis waits until the hand rests, in ms. */
const REST = 2000;
/** Tunes whose summaries are made anew in one go. */
const BATCH = 100;

/** Works out what the book shows of a tune, in a worker. */
@Injectable()
export class SummariesService implements OnModuleDestroy {
  private readonly log = new Logger('summaries');
  /** Tunes saved a moment ago. */
  private readonly resting = new Map<string, NodeJS.Timeout>();
  private readonly waiting = new Set<string>();
  private working: Promise<void> | undefined;
  private isEnding = false;

  constructor(
    private readonly em: EntityManager,
    private readonly work: WorkPool,
  ) {}

  /** The summary of a tune; nothing where the analysis takes longer than so many ms. */
  async of(
    { text, meter, key }: { text: string; meter: string; key: string },
    limit = LONGEST,
  ): Promise<TuneSummary | undefined> {
    try {
      return await this.work.run('summarize', { text, meter, key }, limit);
    } catch (error) {
      if (error instanceof TimeOver) return undefined;
      throw error;
    }
  }

  /** Has the summary of a tune made anew once nothing has been saved of it for a while. */
  later(id: string): void {
    clearTimeout(this.resting.get(id));
    const timer = setTimeout(() => {
      this.begin(id);
    }, REST);
    this.resting.set(id, timer.unref());
  }

  private begin(id: string): void {
    clearTimeout(this.resting.get(id));
    this.resting.delete(id);
    this.waiting.add(id);
    this.working ??= this.makeWaiting().finally(() => {
      this.working = undefined;
    });
  }

  /** Makes now what waits. @returns once no summary waits to be made */
  async settled(): Promise<void> {
    for (const id of this.resting.keys()) this.begin(id);
    while (this.working) await this.working;
  }

  /** What waits is made when the server starts next. */
  onModuleDestroy(): void {
    this.isEnding = true;
    for (const timer of this.resting.values()) clearTimeout(timer);
    this.waiting.clear();
  }

  private async makeWaiting(): Promise<void> {
    for (const id of this.waiting) {
      this.waiting.delete(id);
      try {
        await this.makeAnew(this.em.fork(), [id]);
      } catch (error) {
        if (this.isEnding) return;
        // It is made when the server starts next, or in its daily round.
        this.log.warn(`A summary could not be made: ${String(error)}`);
      }
    }
  }

  /**
   * Makes summaries from before, or of an older analysis, anew. In plain SQL, so that versions stay: the
   * tunes have not changed for those who have them open.
   */
  async refresh(): Promise<void> {
    const em = this.em.fork();
    const old = 'select id from tune where (summary->>?)::int is distinct from ?';
    const values = ['version', SUMMARY_VERSION];
    const found = (await em.getConnection().execute(old, values)) as { id: string }[];
    for (let at = 0; at < found.length; at += BATCH) {
      const ids = found.slice(at, at + BATCH).map((each) => each.id);
      if (this.isEnding) return;
      await this.makeAnew(em, ids).catch((error: unknown) => {
        if (!this.isEnding) throw error;
      });
    }
  }

  private async makeAnew(em: EntityManager, ids: readonly string[]): Promise<void> {
    const tunes = await em.find(TuneEntity, { id: { $in: [...ids] } });
    for (const { id, text, meter, key } of tunes) {
      const summary = await this.of({ text, meter, key }, PATIENT);
      // It stays as one that is being made, and is tried again when the server starts next, or in its daily round.
      if (!summary) continue;
      // Of what is stored: another save may have come meanwhile, and asks for its own.
      const sql = 'update tune set summary = ? where id = ? and text = ? and meter = ? and key = ?';
      const values = [JSON.stringify(summary), id, text, meter, key];
      await em.getConnection().execute(sql, values, 'run');
    }
    em.clear();
  }
}
