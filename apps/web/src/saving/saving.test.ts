import { Refusal, Unreachable } from '../api/client';
import { Autosave, type SendOutcome } from './autosave';
import { KeptRows, type Row, type Unsaved } from './keptRows';

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});
const pass = (ms: number): Promise<void> => jest.advanceTimersByTimeAsync(ms);

/** A text that is kept saved; the server answers as told, after 100 ms. */
function page() {
  const state = { text: 'a', stored: 'a', conflict: false };
  const shown: string[] = [];
  const sent: string[] = [];
  const kept: string[] = [];
  const answers: SendOutcome[] = [];
  const autosave = new Autosave({
    unsaved: () => state.text !== state.stored,
    waiting: () => state.conflict,
    keepHere: () => kept.push(state.text),
    send: async () => {
      const { text } = state;
      if (text === state.stored) return 'saved';
      sent.push(text);
      await new Promise((resolve) => setTimeout(resolve, 100));
      const outcome = answers.shift() ?? 'saved';
      if (outcome === 'saved') state.stored = text;
      return outcome;
    },
    show: (kind) => shown.push(kind),
  });
  const type = (text: string): void => {
    state.text = text;
    autosave.changed();
  };
  return { state, shown, sent, kept, answers, autosave, type };
}

describe('the autosave', () => {
  it('keeps every change here at once and sends when the hand rests', async () => {
    const { type, sent, kept, shown } = page();
    type('b');
    await pass(300);
    type('bc');
    expect(kept).toEqual(['b', 'bc']);
    await pass(499);
    expect(sent).toEqual([]);
    await pass(200);
    expect(sent).toEqual(['bc']);
    expect(shown.at(-1)).toBe('saved');
  });

  it('sends one at a time: what changes meanwhile goes with the next', async () => {
    const { type, sent, autosave, shown } = page();
    type('b');
    const first = autosave.now();
    type('c');
    void autosave.now();
    expect(sent).toEqual(['b']);
    await pass(100);
    await first;
    expect(shown).not.toContain('saved');
    await pass(700);
    expect(sent).toEqual(['b', 'c']);
    expect(shown.at(-1)).toBe('saved');
  });

  it('tries again while the server is away, and says so until it answers', async () => {
    const { type, sent, answers, shown } = page();
    answers.push('unreachable', 'unreachable');
    type('b');
    await pass(600);
    expect(shown).toEqual(['saving', 'offline']);
    type('c');
    expect(shown.at(-1)).toBe('offline');
    await pass(6000);
    expect(sent).toEqual(['b', 'c', 'c']);
    expect(shown.at(-1)).toBe('saved');
  });

  it.each(['refused', 'conflict'] as const)('waits for the player after "%s"', async (outcome) => {
    const { type, sent, answers, shown, state } = page();
    answers.push(outcome);
    type('b');
    await pass(10_000);
    expect(sent).toEqual(['b']);
    expect(shown).toEqual(['saving']);
    state.conflict = outcome === 'conflict';
    type('c');
    await pass(10_000);
    expect(sent).toEqual(outcome === 'conflict' ? ['b'] : ['b', 'c']);
  });
});

interface Shelf extends Row {
  readonly name: string;
}

/** A server with one row, whose answers take 100 ms; it trims names, as servers do. */
function shelves() {
  let stored: Shelf = { id: 'x', version: 1, name: 'one' };
  const saves: string[] = [];
  const shown: Shelf[] = [stored];
  const told: string[] = [];
  const kept = new Map<string, Unsaved<Shelf> | undefined>();
  let refuse: Error | undefined;
  let takeMine: (() => void) | undefined;
  const rows = new KeptRows<Shelf>({
    save: async (row) => {
      saves.push(`${row.name} from ${row.version}`);
      await new Promise((resolve) => setTimeout(resolve, 100));
      if (refuse) throw refuse;
      if (row.version !== stored.version) throw stale(stored);
      stored = { ...row, name: row.name.trim(), version: row.version + 1 };
      return stored;
    },
    show: (row) => shown.push(row),
    keep: (id, unsaved) => kept.set(id, unsaved),
    tell: (why) => told.push(why),
    conflict: (_, take) => {
      takeMine = take;
    },
  });
  return {
    saves,
    told,
    kept: () => kept.get('x'),
    shown: () => shown.at(-1)!,
    rename: (name: string) => {
      const before = shown.at(-1)!;
      rows.change(before, { ...before, name });
    },
    elsewhere: (name: string) => {
      stored = { ...stored, name, version: stored.version + 1 };
    },
    answer: (error: Error | undefined) => {
      refuse = error;
    },
    settle: () => rows.settle('x'),
    takeMine: () => takeMine?.(),
    isAsked: () => takeMine !== undefined,
    stored: () => stored,
  };
}
const stale = (theirs: Shelf): Refusal =>
  new Refusal({ status: 409, title: 'Conflict', detail: 'changed elsewhere', theirs });

describe('a row that is kept saved', () => {
  it('goes through two quick changes without meeting itself', async () => {
    const shelf = shelves();
    shelf.rename('two');
    await pass(50);
    shelf.rename('three ');
    expect(shelf.shown().name).toBe('three ');
    await pass(1000);
    expect(shelf.saves).toEqual(['two from 1', 'three  from 2']);
    expect(shelf.shown()).toEqual({ id: 'x', version: 3, name: 'three' });
    await pass(10_000);
    expect(shelf.saves).toHaveLength(2);
  });

  it('is stored as it is in hand before it is thrown away', async () => {
    const shelf = shelves();
    shelf.rename('two');
    await pass(50);
    // While the first is on its way.
    shelf.rename('three');
    let isSettled = false;
    void shelf.settle().then(() => {
      isSettled = true;
    });
    await pass(120);
    expect([isSettled, shelf.stored().name]).toEqual([false, 'two']);
    await pass(200);
    expect([isSettled, shelf.stored().name]).toEqual([true, 'three']);
    await shelf.settle();
    expect(shelf.saves).toHaveLength(2);
  });

  it('does not hold up throwing away where the server is away', async () => {
    const shelf = shelves();
    shelf.answer(new Unreachable('away'));
    shelf.rename('two');
    let isSettled = false;
    void shelf.settle().then(() => {
      isSettled = true;
    });
    await pass(500);
    expect(isSettled).toBe(true);
  });

  it('is shown as another place has it, until the player takes their own', async () => {
    const shelf = shelves();
    shelf.elsewhere('theirs');
    shelf.rename('mine');
    await pass(1000);
    expect(shelf.shown()).toMatchObject({ name: 'theirs', version: 2 });
    shelf.takeMine();
    await pass(1000);
    expect(shelf.stored()).toEqual({ id: 'x', version: 3, name: 'mine' });
    expect(shelf.shown()).toEqual(shelf.stored());
  });

  it('that an earlier visit sent, and could not note any more, is no conflict', async () => {
    const shelf = shelves();
    shelf.elsewhere('two');
    shelf.rename('two');
    await pass(1000);
    expect(shelf.shown()).toEqual({ id: 'x', version: 2, name: 'two' });
    expect([shelf.isAsked(), shelf.kept()]).toEqual([false, undefined]);
    shelf.rename('three');
    await pass(1000);
    expect(shelf.stored()).toEqual({ id: 'x', version: 3, name: 'three' });
  });

  it('waits for a server that is away, and says so', async () => {
    const shelf = shelves();
    shelf.answer(new Unreachable('away'));
    shelf.rename('two');
    await pass(500);
    expect(shelf.told).toEqual([expect.stringMatching(/^The server does not answer/)]);
    expect(shelf.shown().name).toBe('two');
    shelf.answer(undefined);
    await pass(5000);
    expect(shelf.stored().name).toBe('two');
  });

  it('is kept in this browser, with what it was before, until the server has it', async () => {
    const shelf = shelves();
    shelf.answer(new Unreachable());
    shelf.rename('two');
    await pass(500);
    expect(shelf.kept()).toMatchObject({ before: { name: 'one' }, row: { name: 'two' } });
    shelf.answer(undefined);
    await pass(5000);
    expect(shelf.kept()).toBeUndefined();
  });

  it('gives way to the stored one where the server refuses it, with the reason', async () => {
    const shelf = shelves();
    const errors = [{ path: 'name', message: 'The name is too long.' }];
    shelf.answer(new Refusal({ status: 400, title: 'Bad', detail: 'Some fields', errors }));
    shelf.rename('two');
    await pass(500);
    expect(shelf.told).toEqual(['The name is too long.']);
    expect(shelf.shown().name).toBe('one');
    await pass(10_000);
    expect(shelf.saves).toHaveLength(1);
  });
});
