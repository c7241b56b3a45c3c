import { random } from '../../testing/random';
import { gradeOf, nextTempo } from './grades';
import {
  A_DAY,
  dueByDay,
  inOrder,
  knownAt,
  LONGEST_INTERVAL,
  scheduleOf,
  scheduleSince,
} from './scheduleOf';
import { GRADES, type Grade, type PracticeNote, type Review } from './types';

const DAY = 20_000 * A_DAY;
let count = 0;
const review = (grade: Grade, day: number, change: Partial<Review> = {}): Review => {
  count += 1;
  const at = DAY + day * A_DAY;
  return { kind: 'review', id: `r${count}`, item: 'i', grade, at, received: at, ...change };
};

/**
 * FSRS-6 with its default parameters, written from its published formulas (open-spaced-repetition, "The Algorithm",
 * FSRS-6; parameters from memory), without steps within a day.
 */
const W = [
  0.212, 1.2931, 2.3065, 8.2956, 6.4133, 0.8334, 3.0194, 0.001, 1.8722, 0.1666, 0.796, 1.4835,
  0.0614, 0.2629, 1.6483, 0.6014, 1.8729, 0.5425, 0.0912, 0.0658, 0.1542,
];
const w = (at: number): number => W[at]!;
const DECAY = -w(20);
const FACTOR = 0.9 ** (1 / DECAY) - 1;
const clamp = (value: number, low: number, high: number) => Math.min(Math.max(value, low), high);
const firstDifficulty = (g: number): number => w(4) - Math.exp(w(5) * (g - 1)) + 1;
const remembered = (days: number, stability: number): number =>
  (1 + (FACTOR * days) / stability) ** DECAY;

function byFormula(reviews: readonly { grade: Grade; day: number }[]) {
  let stability = 0;
  let difficulty = 0;
  reviews.forEach(({ grade, day }, at) => {
    const g = GRADES.indexOf(grade) + 1;
    if (at === 0) {
      stability = w(g - 1);
      difficulty = clamp(firstDifficulty(g), 1, 10);
      return;
    }
    const r = remembered(day - reviews[at - 1]!.day, stability);
    const growth =
      Math.exp(w(8)) *
      (11 - difficulty) *
      stability ** -w(9) *
      (Math.exp(w(10) * (1 - r)) - 1) *
      (grade === 'hard' ? w(15) : 1) *
      (grade === 'easy' ? w(16) : 1);
    const forgotten =
      w(11) * difficulty ** -w(12) * ((stability + 1) ** w(13) - 1) * Math.exp(w(14) * (1 - r));
    stability = grade === 'again' ? Math.min(forgotten, stability) : stability * (1 + growth);
    const moved = difficulty - w(6) * (g - 3) * ((10 - difficulty) / 9);
    difficulty = clamp(w(7) * firstDifficulty(4) + (1 - w(7)) * moved, 1, 10);
  });
  return { stability, difficulty };
}

describe('when an item is due', () => {
  it('is worked out as the published formulas have it, over two hundred histories', () => {
    for (let seed = 1; seed <= 200; seed += 1) {
      const next = random(seed);
      let day = 0;
      const history = Array.from({ length: 1 + Math.floor(next() * 9) }, () => {
        const grade = GRADES[Math.floor(next() * GRADES.length)]!;
        const here = { grade, day };
        day += 1 + Math.floor(next() * 30);
        return here;
      });
      const schedule = scheduleOf(history.map((each) => review(each.grade, each.day)))!;
      const wanted = byFormula(history);
      expect(schedule.stability).toBeCloseTo(wanted.stability, 3);
      expect(schedule.difficulty).toBeCloseTo(wanted.difficulty, 4);
      expect(schedule.reviews).toBe(history.length);
      const days = (schedule.due - schedule.practisedAt) / A_DAY;
      expect(days).toBe(clamp(Math.round(wanted.stability), 1, LONGEST_INTERVAL));
    }
  });

  // By hand: the first stability of "good" is 2.3065 days, and the interval for nine in ten is the stability.
  it('is after two days when it went well at first', () => {
    const schedule = scheduleOf([review('good', 0)])!;
    expect((schedule.due - DAY) / A_DAY).toBe(2);
    expect(knownAt(schedule, DAY + 2.3065 * A_DAY)).toBeCloseTo(0.9, 4);
    expect(knownAt(schedule, DAY - A_DAY)).toBe(1);
  });

  it('is unknown of what was never practised, also where it was put off', () => {
    expect(scheduleOf([])).toBeUndefined();
    const put = { kind: 'put', id: 'p', item: 'i', at: DAY, received: DAY, due: DAY } as const;
    expect(scheduleOf([put])).toBeUndefined();
  });

  it('is the day the player put it to, until it is practised again', () => {
    const first = review('good', 0);
    const due = DAY + 9 * A_DAY;
    const put = { kind: 'put', id: 'p', item: 'i', at: DAY + 5, received: DAY + 5, due } as const;
    expect(scheduleOf([first, put])?.due).toBe(due);
    expect(scheduleOf([first, put])).toMatchObject({ reviews: 1, practisedAt: DAY });
    const later = scheduleOf([first, put, review('good', 9)])!;
    expect(later).toEqual(scheduleOf([first, { ...review('good', 9) }]));
  });
});

describe('a schedule to which notes are added', () => {
  it('is the one of all notes together, wherever a history is cut: 300 histories', () => {
    for (let seed = 1; seed <= 300; seed += 1) {
      const next = random(seed);
      let day = 0;
      const notes = Array.from({ length: 2 + Math.floor(next() * 8) }, (_, at): PracticeNote => {
        day += 1 + Math.floor(next() * 15);
        const time = DAY + day * A_DAY;
        const own = { id: `n${at}`, item: 'i', at: time, received: time };
        if (next() < 0.25) return { ...own, kind: 'put', due: time + 3 * A_DAY };
        const grade = GRADES[Math.floor(next() * 4)]!;
        return { ...own, kind: 'review', grade, ...(next() < 0.5 && { tempo: 60 + at }) };
      });
      const cut = Math.floor(next() * notes.length);
      const first = scheduleOf(notes.slice(0, cut));
      expect(scheduleSince(first, notes.slice(cut))).toEqual(scheduleOf(notes));
    }
  });
});

describe('a note that was a slip', () => {
  it('counts as never noted, whichever of the two arrives first', () => {
    const [first, slip] = [review('good', 0), review('again', 3)];
    const own = { item: 'i', at: DAY + 4 * A_DAY, received: DAY + 4 * A_DAY };
    const taken = { kind: 'taken back', id: 'b', of: slip.id, ...own } as const;
    expect(scheduleOf([first, slip, taken])).toEqual(scheduleOf([first]));
    expect(scheduleOf([taken, slip, first])).toEqual(scheduleOf([first]));
    expect(scheduleOf([slip, taken])).toBeUndefined();
  });
});

describe('what is known of the last time', () => {
  it('is its grade, and the tempo of the last time it was played in time', () => {
    const played = review('good', 0, { tempo: 96 });
    expect(scheduleOf([played])).toMatchObject({ grade: 'good', tempo: 96 });
    const graded = scheduleOf([played, review('hard', 2)]);
    expect(graded).toMatchObject({ grade: 'hard', tempo: 96 });
    expect(scheduleOf([review('easy', 0)])).not.toHaveProperty('tempo');
  });
});

describe('notes that arrive from several devices', () => {
  it('count once each, whatever the order they arrive in: a thousand histories', () => {
    for (let seed = 1; seed <= 1000; seed += 1) {
      const next = random(seed);
      const notes = Array.from({ length: 2 + Math.floor(next() * 6) }, (_, at): PracticeNote => {
        const time = DAY + Math.floor(next() * 20) * A_DAY;
        const own = { id: `${at % 4}`, item: 'i', at: time, received: time };
        return next() < 0.2
          ? { ...own, id: `p${at % 4}`, kind: 'put', due: time + A_DAY }
          : { ...own, kind: 'review', grade: GRADES[Math.floor(next() * 4)]! };
      });
      // The same id is the same note.
      const same = notes.map((note) => notes.find(({ id }) => id === note.id)!);
      const shuffled = [...same, ...same.slice(0, 2)]
        .map((note) => ({ note, key: next() }))
        .sort((a, b) => a.key - b.key)
        .map(({ note }) => note);
      expect(scheduleOf(shuffled)).toEqual(scheduleOf(same));
      expect(inOrder(shuffled)).toHaveLength(new Set(same.map(({ id }) => id)).size);
    }
  });

  it('of a clock that runs ahead count when they arrived', () => {
    const ahead = review('good', 400, { received: DAY + A_DAY });
    expect(scheduleOf([ahead])?.practisedAt).toBe(DAY + A_DAY);
  });

  it('of a clock that was set back, or long offline, count when they were noted', () => {
    const [first, second] = [review('good', 0), review('again', 3)];
    const late = review('good', 1, { received: DAY + 30 * A_DAY });
    expect(scheduleOf([first, second, late])).toEqual(scheduleOf([first, late, second]));
    expect(inOrder([first, second, late]).map(({ id }) => id)).toEqual([
      first.id,
      late.id,
      second.id,
    ]);
  });

  it('twice on a day make it no better known', () => {
    const [first, again] = [review('good', 0), review('good', 0, { at: DAY + 1000 })];
    expect(scheduleOf([first, again])?.stability).toBe(scheduleOf([first])?.stability);
  });
});

describe('the load of the coming days', () => {
  it('is what comes due on each, what is overdue today', () => {
    const due = [-9, 0, 0.5, 1, 1.2, 6, 7].map((days) => ({ due: DAY + days * A_DAY }));
    expect(dueByDay(due, DAY, 7)).toEqual([3, 2, 0, 0, 0, 0, 1]);
  });
});

describe('what is measured', () => {
  it.each<[Parameters<typeof gradeOf>[0], Grade]>([
    [{ right: 0.79 }, 'again'],
    [{ right: 0.8 }, 'hard'],
    [{ right: 0.94 }, 'hard'],
    [{ right: 0.96 }, 'good'],
    [{ right: 1 }, 'easy'],
    [{ right: 1, slowness: 1.5 }, 'good'],
    [{ right: 1, slowness: 2.1 }, 'hard'],
    [{ right: 1, detour: 1.2 }, 'good'],
    [{ right: 1, detour: 1.6 }, 'hard'],
  ])('%j is %s', (measured, grade) => {
    expect(gradeOf(measured)).toBe(grade);
  });

  it('moves the tempo up after a clean pass, never beyond the goal, and down after another', () => {
    expect(nextTempo(100, true, 140)).toBe(105);
    expect(nextTempo(138, true, 140)).toBe(140);
    expect(nextTempo(150, true, 140)).toBe(150);
    expect(nextTempo(100, false, 140)).toBe(92);
    expect(nextTempo(31, false, 140)).toBe(30);
    let tempo = 30;
    for (let pass = 0; pass < 60; pass += 1) tempo = nextTempo(tempo, true, 200);
    expect(tempo).toBe(200);
  });
});
