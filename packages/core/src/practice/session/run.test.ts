import type { SessionPart } from './planSession';
import {
  beginRun,
  finishStep,
  isOver,
  minutesPlayed,
  moveStep,
  spend,
  stepBack,
  stepNow,
  tellSession,
  type SessionStep,
} from './run';

const roots = { kind: 'layer', layer: 'roots', tuneId: 't1' } as const;
const comp = { kind: 'layer', layer: 'comp', tuneId: 't1' } as const;
const PARTS: readonly SessionPart[] = [
  { kind: 'due', item: roots, minutes: 2 },
  { kind: 'new', item: comp, minutes: 5 },
  { kind: 'rest', minutes: 5 },
  { kind: 'tune', tuneId: 't1', minutes: 10 },
];
const run = beginRun(PARTS);
const ids = ({ steps }: { steps: readonly SessionStep[] }) => steps.map(({ id }) => id).join(' ');
const nameOf = ({ id }: SessionStep): string => id;

describe('a session as it goes', () => {
  it('begins at its first part with nothing spent', () => {
    expect(stepNow(run)).toEqual({
      ...{ id: 's1', kind: 'due', item: 'layer / roots / t1', minutes: 2 },
      ...{ seconds: 0, state: 'to come' },
    });
    expect(isOver(run)).toBe(false);
  });
  it('counts time to the part in hand', () => {
    const later = spend(finishStep(spend(run, 90), 'done', 'good'), 30);
    expect(later.steps.map(({ seconds }) => seconds)).toEqual([90, 30, 0, 0]);
    expect(minutesPlayed(later)).toBe(2);
  });
  it('counts no rest as practice, and a few seconds as a minute', () => {
    const resting = spend(finishStep(finishStep(run, 'done'), 'done'), 300);
    expect(minutesPlayed(resting)).toBe(0);
    expect(minutesPlayed(spend(run, 5))).toBe(1);
  });
  it('is over after its last part, and time after that counts for nothing', () => {
    const over = PARTS.reduce((so) => finishStep(so, 'done'), run);
    expect(isOver(over)).toBe(true);
    expect(spend(over, 60)).toEqual(over);
    expect(stepNow(stepBack(over))).toMatchObject({ id: 's4', state: 'to come' });
  });
  it('lets what is to come be put in another order, and nothing that is over', () => {
    expect(ids(moveStep(run, 3, 0))).toBe('s4 s1 s2 s3');
    const later = finishStep(run, 'done');
    expect(ids(moveStep(later, 3, 0))).toBe('s1 s4 s2 s3');
    expect(moveStep(later, 0, 2)).toBe(later);
  });
  it('is told in two lines: how much and what went well, and what to come back to', () => {
    const good = finishStep(spend(run, 120), 'done', 'good');
    const bad = finishStep(spend(good, 300), 'done', 'again');
    expect(tellSession(bad, nameOf)).toEqual([
      '7 minutes, 2 of 3 done; went well: s1.',
      'To come back to: s2.',
    ]);
    expect(tellSession(good, nameOf)[1]).toBe('Left for another day: s2 and s4.');
    const over = PARTS.reduce((so) => finishStep(so, 'done', 'easy'), run);
    expect(tellSession(over, nameOf)[1]).toBe('Nothing is left over.');
  });
});
