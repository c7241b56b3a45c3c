import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { monitorEventLoopDelay } from 'node:perf_hooks';

/** Durations that are looked back on. */
const LOOKED_BACK_ON = 1000;

/** How finely the event loop is watched, in ms. */
const WATCHED_EACH = 10;
const NS_PER_MS = 1e6;

/** Counts requests, so that whoever runs the server can see how it fares. */
@Injectable()
export class Figures implements OnModuleDestroy {
  private readonly since = new Date();
  private requests = 0;
  private refused = 0;
  private failed = 0;
  private readonly durations: number[] = [];
  private readonly loop = monitorEventLoopDelay({ resolution: WATCHED_EACH });

  constructor() {
    this.loop.enable();
  }

  onModuleDestroy(): void {
    this.loop.disable();
  }

  /** @param ms how long it took to answer */
  count(status: number, ms: number): void {
    this.requests += 1;
    if (status >= 500) this.failed += 1;
    else if (status >= 400) this.refused += 1;
    this.durations[this.requests % LOOKED_BACK_ON] = ms;
  }

  now() {
    const sorted = this.durations.filter(Number.isFinite).sort((a, b) => a - b);
    const at = (part: number): number =>
      Math.round(sorted[Math.floor((sorted.length - 1) * part)] ?? 0);
    return {
      since: this.since.toISOString(),
      requests: this.requests,
      refused: this.refused,
      failed: this.failed,
      /** Of the last 1000 answers, in ms. */
      durations: { half: at(0.5), nineteenOfTwenty: at(0.95), longest: at(1) },
      /** The longest that everybody waited because one request was worked on, since this was asked last, in ms. */
      longestHold: this.longestHold(),
      memoryMb: Math.round(process.memoryUsage.rss() / 1e6),
    };
  }

  private longestHold(): number {
    const hold = Math.round(this.loop.max / NS_PER_MS);
    this.loop.reset();
    return hold;
  }
}
