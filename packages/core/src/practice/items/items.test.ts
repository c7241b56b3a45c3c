import { random } from '../../testing/random';
import { A_DAY, scheduleOf } from '../schedule/scheduleOf';
import { GRADES, type Grade, type Schedule } from '../schedule/types';
import { mapOfHoles, readiness, strengthOf, type Known } from './holes';
import {
  itemKey,
  itemOf,
  KEY_GROUPS,
  LAYERS,
  QUALITIES,
  type FormItem,
  type PracticeItem,
} from './items';
import { knownByTune } from './byTune';
import { nextLayers } from './next';
import { itemInWords } from './words';
import { planSession } from '../session/planSession';

const NOW = 20_500 * A_DAY;
const practised = (daysAgo: number, ...grades: Grade[]): Schedule =>
  scheduleOf(
    grades.map((grade, at) => {
      const time = NOW - daysAgo * A_DAY - (grades.length - 1 - at) * 10 * A_DAY;
      return { kind: 'review', id: `${at}`, item: 'i', grade, at: time, received: time };
    }),
  )!;
const form = (change: Partial<FormItem> = {}): FormItem => ({
  kind: 'form',
  ...{ family: 'drop2', quality: 'maj7', where: '5432', inversion: 0, keys: 'C F Bb' },
  ...change,
});
const layer = (name: (typeof LAYERS)[number], tuneId = 't1', section?: string): PracticeItem => ({
  ...{ kind: 'layer', layer: name, tuneId },
  ...(section !== undefined && { section }),
});

describe('an item in words', () => {
  it.each<[PracticeItem, string]>([
    [layer('guide tones'), 'guide tones of Loose Gangway'],
    [layer('memory'), 'Loose Gangway by heart'],
    [layer('comp', 't1', 's1'), 'comping Loose Gangway, one section'],
    [layer('roots', 't9'), 'roots of a tune that is not in the book'],
    [form({ inversion: 1 }), 'drop 2, first inversion, strings 5432: Cmaj7, Fmaj7 and B♭maj7'],
    [form({ where: 'left' }), 'drop 2, root position, left hand: Cmaj7, Fmaj7 and B♭maj7'],
  ])('%j is “%s”', (item, words) => {
    const titles = new Map([['t1', 'Loose Gangway']]);
    expect(itemInWords(item, (id) => titles.get(id))).toBe(words);
  });
});

describe('the layer that comes next', () => {
  it('is the first that was never practised over the whole tune', () => {
    expect(nextLayers(['t1'], [])).toEqual([layer('numbers')]);
    const known = [layer('numbers'), layer('roots'), layer('shells')].map((item): Known => ({
      item,
      schedule: practised(1, 'good'),
    }));
    expect(nextLayers(['t2', 't1'], known)).toEqual([layer('numbers', 't2'), layer('arpeggios')]);
    const section = { item: layer('numbers', 't3', 's1'), schedule: practised(1, 'good') };
    expect(nextLayers(['t3'], [section])).toEqual([layer('numbers', 't3')]);
    const all = LAYERS.map((name) => ({ item: layer(name), schedule: practised(1, 'good') }));
    expect(nextLayers(['t1'], all)).toEqual([]);
  });
});

describe('an item is named by what it is', () => {
  it.each<[PracticeItem, string]>([
    [layer('guide tones', 't1', 's2'), 'layer / guide tones / t1 / s2'],
    [layer('memory'), 'layer / memory / t1'],
    [form(), 'form / drop2 / maj7 / 5432 / 0 / C F Bb'],
    [form({ where: 'left right', inversion: 3 }), 'form / drop2 / maj7 / left right / 3 / C F Bb'],
  ])('%j is %s, and back', (item, key) => {
    expect(itemKey(item)).toBe(key);
    expect(itemOf(key)).toEqual({ ok: true, value: item });
  });

  it.each([
    ['tune / t1', 'An item is a layer or a form; "tune" is neither.'],
    ['layer / scales / t1', /^"scales" is no layer; there are numbers, roots/],
    ['layer / roots', 'A layer is of one tune, or of one section of it.'],
    ['layer / roots / t1 / s1 / x', 'A layer is of one tune, or of one section of it.'],
    ['form / drop9 / maj7 / 5432 / 0 / C F Bb', '"drop9" is no family of voicings.'],
    ['form / drop2 / maj9 / 5432 / 0 / C F Bb', /^"maj9" is no quality/],
    ['form / drop2 / maj7 / 99 / 0 / C F Bb', '"99" is neither a string set, as 5432, nor hands.'],
    ['form / drop2 / maj7 / 5432 / 4 / C F Bb', '"4" is no inversion; there are 0 to 3.'],
    ['form / drop2 / maj7 / 5432 / 0 / C G', '"C G" is no group of keys.'],
  ])('"%s" is none, and why', (key, why) => {
    const read = itemOf(key);
    expect(!read.ok && read.problem).toEqual(
      typeof why === 'string' ? why : (expect.stringMatching(why) as unknown),
    );
  });
});

describe('the map of holes', () => {
  it('tells strength by what is known now and how firmly', () => {
    expect(strengthOf(undefined, NOW)).toBe('never');
    expect(strengthOf(practised(0, 'good'), NOW)).toBe('known');
    expect(strengthOf(practised(5, 'good'), NOW)).toBe('fading');
    expect(strengthOf(practised(400, 'again'), NOW)).toBe('lost');
    expect(strengthOf(practised(1, 'good', 'good', 'easy'), NOW)).toBe('firm');
  });

  it('has a row for each form, and a hole where a quality is missing in a group of keys', () => {
    const all: Known[] = [
      { item: form(), schedule: practised(0, 'good') },
      { item: form({ quality: '7' }), schedule: practised(0, 'good') },
      { item: form({ keys: 'A D G' }), schedule: practised(0, 'good') },
      { item: form({ inversion: 1 }), schedule: undefined },
      { item: layer('roots'), schedule: practised(0, 'good') },
    ];
    const [first, second, ...rest] = mapOfHoles(all, NOW);
    expect(rest).toEqual([]);
    expect(first).toMatchObject({ family: 'drop2', where: '5432', inversion: 0 });
    expect(first?.cells).toEqual([
      { keys: 'C F Bb', strength: 'known', percent: 100, quality: 'maj7' },
      { keys: 'Eb Ab Db', strength: 'never', percent: 0, quality: 'maj7' },
      { keys: 'Gb B E', strength: 'never', percent: 0, quality: 'maj7' },
      // Its maj7 is known there, its dominant seventh is the hole.
      { keys: 'A D G', strength: 'never', percent: 50, quality: '7' },
    ]);
    expect(second?.cells.every(({ strength }) => strength === 'never')).toBe(true);
  });

  it('is as weak as its weakest quality', () => {
    const all: Known[] = [
      { item: form(), schedule: practised(0, 'good') },
      { item: form({ quality: '7' }), schedule: practised(400, 'again') },
    ];
    expect(mapOfHoles(all, NOW)[0]?.cells[0]?.strength).toBe('lost');
  });
});

describe('what is known of each tune', () => {
  it('is its share of all layers, and how many of its items are due', () => {
    const all: Known[] = [
      { item: layer('roots'), schedule: practised(0, 'good') },
      { item: layer('shells'), schedule: practised(400, 'good') },
      { item: layer('roots', 't2'), schedule: practised(0, 'easy') },
      { item: form(), schedule: practised(400, 'good') },
      { item: layer('roots', 't3'), schedule: undefined },
    ];
    const byTune = knownByTune(all, NOW, NOW);
    expect([...byTune.keys()]).toEqual(['t1', 't2']);
    expect(byTune.get('t2')).toEqual({ share: 1 / LAYERS.length, due: 0 });
    expect(byTune.get('t1')?.due).toBe(1);
    expect(byTune.get('t1')?.share).toBe(readiness('t1', all, LAYERS.length, NOW));
  });
});

describe('how ready a tune is', () => {
  it('is what of it is known on the day, what was never practised counted as unknown', () => {
    const all: Known[] = [
      { item: layer('roots'), schedule: practised(0, 'good') },
      { item: layer('shells'), schedule: undefined },
      { item: layer('roots', 't2'), schedule: practised(0, 'good') },
    ];
    expect(readiness('t1', all, 1, NOW)).toBeCloseTo(0.5, 5);
    expect(readiness('t1', all, 4, NOW)).toBeCloseTo(0.25, 5);
    expect(readiness('t1', all, 1, NOW + 30 * A_DAY)).toBeLessThan(0.5);
    expect(readiness('t3', all, 1, NOW)).toBe(0);
  });
});

describe('a session', () => {
  // Worked by hand: ten minutes due, five new, the last five through the tune.
  it('of twenty minutes is what is due, one new thing and one tune through', () => {
    const known: Known[] = [
      { item: layer('roots', 't2'), schedule: practised(4, 'good') },
      { item: form(), schedule: practised(90, 'good') },
      { item: layer('shells', 't2'), schedule: practised(0, 'good') },
      { item: layer('voicings', 't2'), schedule: undefined },
    ];
    expect(planSession({ minutes: 20, now: NOW }, known, ['t1', 't2'])).toEqual([
      { kind: 'due', item: form(), minutes: 2 },
      { kind: 'due', item: layer('roots', 't2'), minutes: 2 },
      { kind: 'new', item: layer('voicings', 't2'), minutes: 5 },
      { kind: 'tune', tuneId: 't2', minutes: 11 },
    ]);
    const forOther = planSession({ minutes: 20, now: NOW, tunes: ['t1'] }, known, ['t1', 't2']);
    expect(forOther).toEqual([
      { kind: 'due', item: form(), minutes: 2 },
      { kind: 'tune', tuneId: 't1', minutes: 18 },
    ]);
  });

  it('has a rest of five minutes after twenty-five of work, and none at its end', () => {
    const parts = planSession({ minutes: 50, now: NOW }, [], ['t1']);
    expect(parts).toEqual([
      { kind: 'tune', tuneId: 't1', minutes: 25 },
      { kind: 'rest', minutes: 5 },
      { kind: 'tune', tuneId: 't1', minutes: 25 },
    ]);
  });

  it('is empty where there is nothing to practise', () => {
    expect(planSession({ minutes: 20, now: NOW }, [], [])).toEqual([]);
  });

  it('keeps its minutes, its aim and its order, and has no long stretch without a rest: five hundred wishes', () => {
    for (let seed = 1; seed <= 500; seed += 1) {
      const next = random(seed);
      const of = <T>(items: readonly T[]): T => items[Math.floor(next() * items.length)]!;
      const known = Array.from({ length: Math.floor(next() * 30) }, (): Known => {
        const item =
          next() < 0.5
            ? layer(of(LAYERS), of(['t1', 't2', 't3']))
            : form({ quality: of(QUALITIES), keys: of(KEY_GROUPS) });
        const schedule = next() < 0.3 ? undefined : practised(next() * 40, of(GRADES), of(GRADES));
        return { item, schedule };
      });
      const minutes = 5 + Math.floor(next() * 90);
      const aim = next() < 0.5 ? { tunes: [of(['t1', 't2'])] } : {};
      const parts = planSession({ minutes, now: NOW, ...aim }, known, ['t1', 't2', 't3']);
      const work = parts.filter(({ kind }) => kind !== 'rest');
      expect(work.reduce((sum, part) => sum + part.minutes, 0)).toBe(minutes);
      expect(work.every((part) => part.minutes > 0)).toBe(true);
      let since = 0;
      for (const part of parts) {
        since = part.kind === 'rest' ? 0 : since + part.minutes;
        expect(since).toBeLessThanOrEqual(25);
      }
      expect(parts.at(-1)?.kind).not.toBe('rest');
      const items = work.flatMap((part) => ('item' in part ? [part.item] : []));
      for (const item of items) {
        if (aim.tunes && item.kind === 'layer') expect(aim.tunes).toContain(item.tuneId);
      }
      expect(work.filter(({ kind }) => kind === 'new').length).toBeLessThanOrEqual(2);
    }
  });
});
