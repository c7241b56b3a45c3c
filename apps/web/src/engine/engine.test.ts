import {
  defaultArrangement,
  defaultInstruments,
  firstWritten,
  voicingKey,
  withLock,
  type BandPlan,
  type SoloNote,
} from '@drop-close/core';
import { createEngine } from './engine';
import { Overtaken, newestWins } from './newest';

const request = (text: string) => ({
  ...firstWritten(text),
  meter: '4/4',
  key: 'C',
  setup: defaultArrangement,
  instruments: defaultInstruments,
});

describe('the engine behind the page', () => {
  it('reads, voices and connects in one answer', () => {
    const chorus = createEngine().voice(request('[A] | Dm7 G7 | oops | C6 |'));
    expect(chorus.timeline.events.map((event) => event.chord.symbol)).toEqual(['Dm7', 'G7', 'C6']);
    expect(chorus.problems).toHaveLength(1);
    expect(chorus.outcome).toMatchObject({ status: 'found' });
  });

  it('answers questions about the chorus that is seen while newer ones are voiced, not for ever', () => {
    const engine = createEngine();
    const [first, second] = [engine.voice(request('| C6 |')), engine.voice(request('| F6 |'))];
    const named = (id: number) =>
      engine.alternatives(id, 0, 5)?.map(({ voicing }) => voicing.family);
    expect(named(first.id)).toHaveLength(5);
    expect(named(second.id)).toHaveLength(5);
    const [seen] = first.outcome.status === 'found' ? first.outcome.path : [];
    expect(engine.tasteChoice(first.id, 0, seen!, [])).toBeDefined();
    for (const text of ['| G7 |', '| Dm7 |', '| Am7 |']) engine.voice(request(text));
    expect(named(first.id)).toBeUndefined();
    expect(named(second.id)).toHaveLength(5);
    expect(engine.tasteChoice(first.id, 0, seen!, [])).toBeUndefined();
    expect(engine.plan(first.id, { feel: 'swing', tempo: 120 })).toBeUndefined();
  });

  it('plays a line over the band, straight eighths swung, and rests without one', () => {
    const engine = createEngine();
    const { id } = engine.voice(request('| Dm7 | G7 |'));
    const notes = [0, 240, 480].map(
      (at) => ({ midi: 62, at, length: 240, velocity: 76 }) as SoloNote,
    );
    const question = { feel: 'swing', tempo: 120 } as const;
    const heard = engine.plan(id, { ...question, solo: { notes, written: true } })!.notes;
    const line = heard.filter(({ part }) => part === 'solo');
    expect(line.map(({ at }) => at)).toEqual([0, expect.closeTo(0.64, 1), 1]);
    const without = engine.plan(id, question)!.notes;
    expect(heard.filter(({ part }) => part !== 'solo')).toEqual(without);
  });

  it('plays a line of two choruses to its end, of some bars only what lies in them', () => {
    const engine = createEngine();
    const { id } = engine.voice(request('| Dm7 | G7 |'));
    const notes = [0, 1920, 3840, 5760].map(
      (at) => ({ midi: 62, at, length: 480, velocity: 76 }) as SoloNote,
    );
    const question = { feel: 'swing', tempo: 120, solo: { notes, written: true } } as const;
    const soloIn = ({ notes: planned }: BandPlan): number[] =>
      planned.filter(({ part }) => part === 'solo').map(({ at }) => at);
    const whole = engine.plan(id, question)!;
    expect([whole.length, soloIn(whole)]).toEqual([16, [0, 4, 8, 12]]);
    const second = engine.plan(id, { ...question, fromBar: 2, toBar: 2 })!;
    expect([second.length, soloIn(second)]).toEqual([4, [0]]);
  });

  it('compares a locked chord with all its candidates, in an order that stays', () => {
    const engine = createEngine();
    const free = engine.voice(request('| Dm7 | G7 | C6 |'));
    const before = engine.alternatives(free.id, 1, 10) ?? [];
    const third = before[2]!;
    const setup = withLock(defaultArrangement, 1, { symbol: 'G7', voicing: third.voicing });
    const held = engine.voice({ ...request('| Dm7 | G7 | C6 |'), setup });
    const after = engine.alternatives(held.id, 1, 10) ?? [];
    expect(after.map(({ voicing }) => voicingKey(voicing))).toEqual(
      before.map(({ voicing }) => voicingKey(voicing)),
    );
    expect(held.outcome.status === 'found' && held.outcome.path[1]).toEqual(third.voicing);
  });

  it('shows the chorus as taking an alternative will make it, and leaves the one in hand alone', () => {
    const engine = createEngine();
    const text = '| Dm7 | G7 | C6 | A7 |';
    const free = engine.voice(request(text));
    const third = (engine.alternatives(free.id, 1, 10) ?? [])[2]!;
    const ghost = engine.preview(free.id, 1, third.voicing);
    expect(ghost?.total).toBeCloseTo(third.total, 6);
    const setup = withLock(defaultArrangement, 1, { symbol: 'G7', voicing: third.voicing });
    expect(engine.alternatives(free.id, 0, 1)).toHaveLength(1);
    const real = engine.voice({ ...request(text), setup });
    expect(real.outcome).toEqual(ghost);
  });

  it('knows other whole paths, each dearer than the one before', () => {
    const engine = createEngine();
    const chorus = engine.voice(request('| Dm7 | G7 | C6 |'));
    const rankedPaths = engine.rankedPaths(chorus.id, 4) ?? [];
    const extras = rankedPaths.map(({ extra }) => extra);
    expect(extras[0]).toBe(0);
    expect(extras).toEqual([...extras].sort((a, b) => a - b));
    const keys = rankedPaths.map(({ path }) => path.map(voicingKey).join('; '));
    expect(new Set(keys).size).toBe(4);
  });

  it('voices arrangements side by side, and keeps the chorus in hand', () => {
    const engine = createEngine();
    const chorus = engine.voice(request('| Dm7 | G7 | C6 |'));
    const shells = { ...defaultArrangement, families: ['shell' as const] };
    const [a, b] = engine.compare([
      request('| Dm7 | G7 | C6 |'),
      { ...request('| Dm7 | G7 | C6 |'), setup: shells },
    ]);
    expect(a?.outcome).toEqual(chorus.outcome);
    expect(b?.outcome).not.toEqual(a?.outcome);
    expect(engine.alternatives(chorus.id, 0, 1)).toHaveLength(1);
  });

  it('reads the changes in the key of the tune, or the one they name themselves', () => {
    const engine = createEngine();
    const changes = {
      meter: '4/4',
      key: 'C',
      writtenAbove: 0,
      school: 'by function' as const,
    };
    expect(engine.read({ ...changes, ...firstWritten('| Dm7 | G7 |') }).homeKey).toBe('C major');
    expect(engine.read({ ...changes, ...firstWritten('key: Bb\n| Cm7 | F7 |') }).homeKey).toBe(
      'Bb major',
    );
    const part = engine.read({ ...changes, writtenAbove: 9, ...firstWritten('| Dm7 | G7 |') });
    expect(part.homeKey).toBe('A major');
  });

  it('gives plain data, which can cross to the page', () => {
    const chorus = createEngine().voice(request('| Dm7 G7 | N.C. |'));
    expect(structuredClone(chorus)).toEqual(chorus);
  });
});

describe('newest wins', () => {
  const later = () => {
    const waiting: (() => void)[] = [];
    const task = (value: number): Promise<number> =>
      new Promise((resolve) =>
        waiting.push(() => {
          resolve(value);
        }),
      );
    return { task, release: () => waiting.shift()?.() };
  };

  it('runs the first and the last of a burst, and tells the rest', async () => {
    const { task, release } = later();
    const ask = newestWins(task);
    const asked = [ask(1), ask(2), ask(3)];
    const outcomes = Promise.allSettled(asked);
    release();
    await new Promise((tick) => setTimeout(tick));
    release();
    const [first, second, third] = await outcomes;
    expect(first).toMatchObject({ status: 'rejected', reason: expect.any(Overtaken) as unknown });
    expect(second).toMatchObject({ status: 'rejected', reason: expect.any(Overtaken) as unknown });
    expect(third).toEqual({ status: 'fulfilled', value: 3 });
  });

  it('goes on after a failure', async () => {
    let fails = true;
    const ask = newestWins((value: number) =>
      fails ? Promise.reject(new Error('broken')) : Promise.resolve(value),
    );
    await expect(ask(1)).rejects.toThrow('broken');
    fails = false;
    await expect(ask(2)).resolves.toBe(2);
  });
});

describe('what the sheet of a voicing asks for', () => {
  const voiced = () => {
    const engine = createEngine();
    const chorus = engine.voice(request('| Cmaj7 | N.C. |'));
    if (chorus.outcome.status !== 'found') throw new Error(chorus.outcome.why);
    return { engine, chorus, path: chorus.outcome.path };
  };

  it('lays out every grip of a family for a chord, and nothing under N.C.', () => {
    const { engine, chorus } = voiced();
    const table = engine.browse(chorus.id, 0, 'drop2');
    expect(table?.rows).toEqual(['R', '3', '5', '7']);
    expect(engine.browse(chorus.id, 1, 'drop2')).toBeUndefined();
  });

  it('finds easier forms of a grip that stretches', () => {
    const { engine, chorus } = voiced();
    const hard = engine
      .browse(chorus.id, 0, 'close')!
      .cells.flat(2)
      .find(({ ease }) => ease === 'stretch')!;
    expect(engine.easier(chorus.id, 0, hard)?.length).toBeGreaterThan(0);
  });

  it('answers nothing about a chorus that is no longer the one in hand', () => {
    const { engine, chorus, path } = voiced();
    expect(engine.browse(chorus.id + 1, 0, 'drop2')).toBeUndefined();
    expect(engine.easier(chorus.id + 1, 0, path[0]!)).toBeUndefined();
  });
});
