import type { SessionPart } from '@drop-close/core';
import { beginSession, session, useSession } from './sessionStore';

const PARTS: readonly SessionPart[] = [
  { kind: 'due', item: { kind: 'layer', layer: 'roots', tuneId: 't1' }, minutes: 2 },
  { kind: 'rest', minutes: 5 },
  { kind: 'tune', tuneId: 't1', minutes: 10 },
];
const now = () => useSession.getState();
const seconds = (): number[] => now().session?.steps.map((step) => step.seconds) ?? [];

describe('the session that goes on', () => {
  beforeEach(() => {
    beginSession({ kind: 'due' }, PARTS);
  });
  it('counts the time of the step in hand, but not while it is paused', () => {
    session.tick(10);
    session.pause(true);
    session.tick(10);
    session.pause(false);
    session.finish('done', 'good');
    session.tick(5);
    expect(seconds()).toEqual([10, 5, 0]);
  });
  it('ends with its last step, and goes on after all', () => {
    PARTS.forEach(() => {
      session.finish('done');
    });
    expect(now().session).toBeUndefined();
    expect(now().ended).toMatchObject({ at: 3, aim: { kind: 'due' } });
    session.goOn();
    expect(now().session).toMatchObject({ at: 2 });
    expect(now().session).not.toHaveProperty('ended');
    expect(now().ended).toBeUndefined();
  });
  it('is ended before its time, with what was done', () => {
    session.tick(60);
    session.finish('done', 'easy');
    session.end();
    expect(now().ended?.steps.map(({ state }) => state)).toEqual(['done', 'to come', 'to come']);
    session.close();
    expect(now().ended).toBeUndefined();
  });
  it('does nothing where none goes on', () => {
    session.end();
    session.close();
    session.tick(5);
    session.finish('done');
    expect(now()).toMatchObject({ session: undefined, ended: undefined });
  });
});
