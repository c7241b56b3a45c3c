/** Quiet time after the last change before it is sent, in ms. */
const SETTLE = 500;
/** Between tries while the server is away, in ms. */
const RETRY = 2500;

/** How a send went. What was refused, or stands against another version, or has no place, waits for the player. */
export type SendOutcome = 'saved' | 'unreachable' | 'refused' | 'gone' | 'conflict';

/** Something that is kept saved: in this browser at once, where it has a copy there, on the server when the hand rests. */
export interface Saved {
  /** Whether it differs from what the server is known to have. */
  readonly unsaved: () => boolean;
  /** Whether nothing is to be sent until the player has decided. */
  readonly waiting: () => boolean;
  readonly keepHere: () => void;
  /** Sends what differs, and notes how far the server has it. */
  readonly send: () => Promise<SendOutcome>;
  readonly show: (state: 'saving' | 'saved' | 'offline') => void;
}

/**
 * Keeps one thing saved. One send is under way at a time; changes made meanwhile go with the next; while
 * the server is away it is tried again until it answers.
 */
export class Autosave {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending: Promise<void> | undefined;
  private away = false;

  /** @param settle quiet time after a change before it is sent, in ms */
  constructor(
    private readonly saved: Saved,
    private readonly settle = SETTLE,
  ) {}

  /** Says that the thing has changed. */
  changed(): void {
    this.saved.keepHere();
    if (!this.saved.unsaved() || this.saved.waiting()) return;
    if (!this.away) this.saved.show('saving');
    this.after(this.settle);
  }

  /** Sends now what is unsaved. @returns once nothing is under way */
  now(): Promise<void> {
    this.sending ??= this.send().finally(() => {
      this.sending = undefined;
    });
    return this.sending;
  }

  /** Tries again when the browser says that the network is back; until the returned function is called. */
  watch(): () => void {
    const onOnline = (): void => void this.now();
    window.addEventListener('online', onOnline);
    return () => {
      window.removeEventListener('online', onOnline);
    };
  }

  /** Forgets a send that was still to come. */
  stop(): void {
    clearTimeout(this.timer);
  }

  private after(delay: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.now(), delay);
  }

  private async send(): Promise<void> {
    clearTimeout(this.timer);
    if (this.saved.waiting()) return;
    const outcome = await this.saved.send();
    this.away = outcome === 'unreachable';
    this.saved.keepHere();
    if (outcome === 'unreachable') {
      this.saved.show('offline');
      this.after(RETRY);
    } else if (outcome === 'saved') {
      if (this.saved.unsaved()) this.after(this.settle);
      else this.saved.show('saved');
    }
  }
}
