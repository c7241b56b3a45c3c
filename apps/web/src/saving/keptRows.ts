import equal from 'fast-deep-equal';
import { Refusal, Unreachable } from '../api/client';
import { Autosave, type SendOutcome } from './autosave';

/** Something small that is stored as one row and saved by its version. */
export interface Row {
  readonly id: string;
  readonly version: number;
}

/** Where rows of one kind are stored, and who hears of it. */
export interface RowStore<T extends Row> {
  readonly save: (row: T) => Promise<T>;
  /** Shows a row as it is in hand, or as it is stored by now. */
  readonly show: (row: T) => void;
  /** Keeps a row that is not saved in this browser, with what it was before; none forgets it. */
  readonly keep: (id: string, unsaved: Unsaved<T> | undefined) => void;
  /** Says why a row is not saved; one that the server refused is not tried again. */
  readonly tell: (why: string) => void;
  /** Two places changed a row: the stored one is shown, and the player may take `mine` after all. */
  readonly conflict: (mine: T, takeMine: () => void) => void;
}

/** A row as it was before it was changed, and as it is in hand. */
export interface Unsaved<T> {
  readonly before: T;
  readonly row: T;
}

interface Kept<T> {
  inHand: T;
  stored: T;
  readonly autosave: Autosave;
}

/**
 * Keeps rows saved as they are changed, each by itself: a change made while the one before is on its way
 * goes with the next save, so that no two saves of a row start from one version.
 */
export class KeptRows<T extends Row> {
  private readonly kept = new Map<string, Kept<T>>();

  constructor(private readonly store: RowStore<T>) {}

  /** Takes up a change of a row that was `before`. */
  change(before: T, row: T): void {
    const kept = this.kept.get(row.id) ?? this.begin(before);
    kept.inHand = row;
    this.store.show(row);
    kept.autosave.changed();
  }

  /**
   * Sends what is not saved of a row now, as before it is thrown away: what comes back is then as it was in hand.
   * @returns once it is saved, or could not be
   */
  async settle(id: string): Promise<void> {
    // One save may be under way, and what was changed since goes with another.
    await this.kept.get(id)?.autosave.now();
    await this.kept.get(id)?.autosave.now();
  }

  private begin(row: T): Kept<T> {
    const kept: Kept<T> = {
      inHand: row,
      stored: row,
      autosave: new Autosave(
        {
          unsaved: () => !sameContent(kept.inHand, kept.stored),
          waiting: () => false,
          keepHere: () => {
            this.keepHere(kept);
          },
          send: () => this.send(kept),
          show: (state) => {
            if (state === 'offline') this.store.tell(AWAY);
            if (state === 'saved') this.kept.delete(row.id);
          },
        },
        AT_ONCE,
      ),
    };
    this.kept.set(row.id, kept);
    return kept;
  }

  private keepHere({ inHand, stored }: Kept<T>): void {
    const isSaved = sameContent(inHand, stored);
    this.store.keep(inHand.id, isSaved ? undefined : { before: stored, row: inHand });
  }

  private async send(kept: Kept<T>): Promise<SendOutcome> {
    const sent = kept.inHand;
    if (sameContent(sent, kept.stored)) return 'saved';
    try {
      const stored = await this.store.save({ ...sent, version: kept.stored.version });
      return this.taken(kept, sent, stored);
    } catch (error) {
      return this.notSaved(kept, sent, error);
    }
  }

  private taken(kept: Kept<T>, sent: T, stored: T): SendOutcome {
    kept.stored = stored;
    if (kept.inHand === sent) {
      kept.inHand = stored;
      this.store.show(stored);
    }
    return 'saved';
  }

  private notSaved(kept: Kept<T>, sent: T, error: unknown): SendOutcome {
    if (error instanceof Unreachable) return 'unreachable';
    if (!(error instanceof Refusal)) throw error;
    const { problem } = error;
    const mine = kept.inHand;
    const isStale = problem.status === 409;
    const theirs = problem.theirs as T;
    // An earlier visit sent it, and was closed before this browser had noted that.
    if (isStale && sameContent(theirs, sent)) return this.taken(kept, sent, theirs);
    if (isStale) kept.stored = theirs;
    this.kept.delete(mine.id);
    this.store.keep(mine.id, undefined);
    this.store.show(kept.stored);
    if (isStale) {
      this.store.conflict(mine, () => {
        this.change(kept.stored, mine);
      });
      return 'conflict';
    }
    this.store.tell(problem.errors?.[0]?.message ?? error.message);
    return 'refused';
  }
}

/** A row is changed as a whole, not letter by letter. */
const AT_ONCE = 0;
const AWAY =
  'The server does not answer. Your change is kept in this browser and sent as soon as it does.';

/** Same but for the version, which the server counts. */
const sameContent = <T extends Row>(a: T, b: T): boolean =>
  equal({ ...a, version: 0 }, { ...b, version: 0 });
