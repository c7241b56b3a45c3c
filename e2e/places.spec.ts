import {
  chorusOf,
  defaultArrangement,
  defaultSection,
  enumerateVoicings,
  fitArrangement,
  fitLine,
  frameOf,
  heldLocks,
  midi,
  positionsIn,
  readWritten,
  rooms,
  settingsOf,
  storeArrangement,
  ticks,
  type Arrangement,
  type SoloView,
  type TuneView,
} from '@drop-close/core';
import type { Page } from '@playwright/test';
import { centreOf, Desk, drag, expect, test } from './desk';

/** Bars of the demo tune that everything is said of, counted from 1: in A, in the bridge, near the end. */
const MARKED = [3, 18, 30] as const;

/** A copy of a demo tune with a lock, a split, a top note, a shape, a device, hits, a plan and a solo. */
async function markedCopy(page: Page, title: string): Promise<TuneView> {
  const tunes = (await (await page.request.get('/api/tunes')).json()) as TuneView[];
  const { id } = tunes.find((tune) => tune.title === title)!;
  const copy = (await (await page.request.post(`/api/tunes/${id}/copy`)).json()) as TuneView;
  const positions = positionsIn(readWritten(copy).chart, copy.places);
  const chorus = chorusOf(readWritten(copy).chart);
  const wholes = MARKED.map((bar) => positions.whole.findIndex((event) => event.bar === bar));
  const symbolAt = (at: number): string => positions.whole[at]!.chord.symbol;
  const room = rooms.alone;
  const settings = { ...settingsOf(defaultArrangement, chorus), room };
  const voicings = wholes.map((at) => {
    const chord = positions.whole[at]!.chord;
    if (chord.kind !== 'chord') throw new Error(`There is no chord in bar ${MARKED[0]}`);
    const moves = enumerateVoicings(chord, settings).filter(({ notes }) =>
      notes.every(({ fret = 0 }) => fret > 0 && fret < 11),
    );
    return moves[0]!;
  });
  const bars = new Map(positions.timeline.bars.map((bar) => [bar.number, bar]));
  // The second part of the split chord counts as a chord of its own.
  const part = (at: number): number => (at > wholes[0]! ? at + 1 : at);
  const setup: Arrangement = {
    ...defaultArrangement,
    room,
    splits: [{ at: wholes[0]!, symbol: symbolAt(wholes[0]!), after: 1 }],
    locks: {
      ...defaultArrangement.locks,
      guitar: wholes.map((at, mark) => {
        return { at: part(at), symbol: symbolAt(at), voicing: voicings[mark]! };
      }),
    },
    line: {
      notes: wholes.slice(1).map((at, mark) => {
        const midiTop = voicings[mark + 1]!.notes.at(-1)!.midi;
        return { at: part(at), symbol: symbolAt(at), midi: midiTop };
      }),
      spans: [{ from: part(wholes[1]!), to: part(wholes[1]!) + 2, shape: 'fall' }],
      keepTop: false,
    },
    comp: {
      ...defaultArrangement.comp,
      hits: MARKED.flatMap((bar) =>
        [0, 32].map((later) => ({
          ...{ bar: bar + later, at: ticks(240), length: ticks(480) },
          ...({ hold: 'full', touch: 'plain', accent: true } as const),
        })),
      ),
      devices: [
        {
          ...{ at: wholes[2]!, symbol: symbolAt(wholes[2]!), chorus: 1 },
          ...({ device: 'slide', variant: 'from below, an eighth early' } as const),
        },
      ],
      plan: [
        MARKED.map((bar) => {
          const { place } = bars.get(bar)!;
          return { from: place, to: place, plan: { ...defaultSection, loudness: 5 as const } };
        }),
        [],
      ],
    },
  };
  const [arrangement] = copy.arrangements;
  const answer = await page.request.put(`/api/arrangements/${arrangement!.id}`, {
    data: { name: 'Marked', setup: storeArrangement(setup, positions), version: 1 },
  });
  expect(answer.status(), await answer.text()).toBe(200);
  const line = {
    written: true,
    notes: MARKED.map((bar) => ({
      midi: midi(72),
      at: ticks(bars.get(bar)!.at * 480 + 480),
      length: ticks(240),
      velocity: 90,
    })),
  };
  const solo = { name: 'Marked', line, over: frameOf(positions) };
  const made = await page.request.post(`/api/tunes/${copy.id}/solos`, { data: solo });
  expect(made.status(), await made.text()).toBe(201);
  return copy;
}

/** Everything that is said of the tune, as the server has it, each by its chord and bar as they are now. */
async function marksOf(page: Page, id: string): Promise<string[]> {
  const tune = (await (await page.request.get(`/api/tunes/${id}`)).json()) as TuneView;
  const [solo] = (await (await page.request.get(`/api/tunes/${id}/solos`)).json()) as SoloView[];
  const { chart } = readWritten(tune);
  const positions = positionsIn(chart, tune.places);
  const { arrangement, unfit } = fitArrangement(tune.arrangements[0]!.setup, positions);
  const chorus = chorusOf(chart, arrangement.splits);
  const { events } = chorus.timeline;
  const chord = (at: number): string => {
    const { bar, chord: sounding } = events[at]!;
    return `${sounding.symbol} in ${bar}`;
  };
  const whole = (at: number): string => {
    const { bar, chord: sounding } = positions.whole[at]!;
    return `${sounding.symbol} in ${bar}`;
  };
  const { held, fallen } = heldLocks(arrangement, chorus.chords);
  const { splits, line, comp } = arrangement;
  const notes = fitLine(solo!.line, solo!.over, positions);
  return [
    ...splits.map(({ at, after }) => `split ${whole(at)} after ${after}`),
    ...held.map(({ at, voicing }) => {
      const frets = voicing.notes.map(({ fret }) => fret).join(' ');
      return `lock ${chord(at)}: ${frets}`;
    }),
    ...fallen.map(({ lock, why }) => `lock of ${lock.symbol}: ${why}`),
    ...line.notes.map((note) => `top ${note.midi} on ${chord(note.at)}`),
    ...line.spans.map(({ from, to, shape }) => `${shape} from ${chord(from)} to ${chord(to)}`),
    ...comp.hits.map(({ bar, at }) => `hit ${bar}+${at}`),
    ...comp.devices.map(({ at, chorus: time, device }) => `${device} at ${whole(at)} in ${time}`),
    ...comp.plan[0]!.map(({ from }) => `plan at bar ${positions.barAt(from)}`),
    ...notes.line.notes.map((note) => `solo ${note.midi} at ${note.at / 1920}`),
    ...notes.unfit.map((note) => `solo ${note.midi}: gone`),
    ...unfit.map(({ kind }) => `${kind}: no place`),
  ];
}

test('transposed, dragged, lengthened, with a new bridge and a corrected symbol, everything a player decided stays in its place', async ({
  page,
}) => {
  const desk = new Desk(page);
  const { id } = await markedCopy(page, 'Loose Gangway');
  await page.goto(`/tune/${id}/chart`);
  await expect(desk.slot(/bar 1 beat 1/).first()).toBeVisible();
  const first = await marksOf(page, id);
  expect(first.filter((mark) => /no place|gone|changed/.test(mark))).toEqual([]);
  expect(first).toHaveLength(20);
  const text = await desk.text();
  const unfitButton = page.locator('.misfits-button');
  await expect(unfitButton).toHaveCount(0);
  const states: string[][] = [first];
  const reached = async (): Promise<string[]> => {
    await desk.saved();
    const now = await marksOf(page, id);
    states.push(now);
    return now;
  };

  await test.step('up a third: grips, top notes and solo go with the tune', async () => {
    for (let times = 0; times < 3; times += 1) {
      await page.getByRole('button', { name: 'Transpose the tune up a half step' }).click();
    }
    await expect.poll(() => desk.text()).not.toBe(text);
    const up = await reached();
    const solo = up.filter((mark) => mark.startsWith('solo'));
    expect(solo).toEqual(
      first.filter((mark) => mark.startsWith('solo')).map((mark) => mark.replace('72', '75')),
    );
    const frets = (marks: string[]): number[][] =>
      marks.flatMap((mark) => {
        const found = /^lock .+: ([\d ]+)$/.exec(mark)?.[1];
        return found ? [found.split(' ').map(Number)] : [];
      });
    expect(frets(up)).toEqual(frets(first).map((grip) => grip.map((fret) => fret + 3)));
    await expect(unfitButton).toHaveCount(0);
  });

  await test.step('four bars typed in before it: all of it is four bars later', async () => {
    const before = states.at(-1)!;
    const moved = await desk.text();
    await desk.changes.fill(`[Intro]\n| Ab6 | Db7 | Ab6 | Eb7 |\n${moved}`);
    const after = await reached();
    const bars = (marks: string[]): number[] =>
      marks.flatMap((mark) =>
        [...mark.matchAll(/(?:^hit | in |bar )(\d+)/g)].map((m) => Number(m[1])),
      );
    const late = (bar: number): number => (bar > 2 ? bar + (bar > 32 ? 8 : 4) : bar);
    expect(bars(after)).toEqual(bars(before).map(late));
    await expect(unfitButton).toHaveCount(0);
  });

  await test.step('a bar dragged takes what is said of it along', async () => {
    const number = (bar: number) =>
      page.getByRole('button', { name: `Bar ${bar}: move or change it` });
    // Bar 7 is the third of A; it is dragged to the front.
    await drag(page, await centreOf(number(7)), await centreOf(number(5)), /over Bar 5/);
    const after = await reached();
    expect(after.filter((mark) => mark.startsWith('hit 5+'))).toHaveLength(1);
    expect(after.find((mark) => mark.startsWith('split'))).toMatch(/ in 5 /);
    expect(after.filter((mark) => / in 5:/.test(mark) && mark.startsWith('lock'))).toHaveLength(1);
    await expect(unfitButton).toHaveCount(0);
  });

  await test.step('a whole new bridge: hits and plan stay, locks of other chords are told of', async () => {
    const now = await desk.text();
    const bridge = /\[B\]\n([^[]+)/.exec(now)![1]!;
    const other = '| Gb6 | B7 | Gb6 | Ebm7 |\n| Abm7 | Db7 | Gb6 | Ab7 |\n';
    await desk.changes.fill(now.replace(bridge, other));
    const after = await reached();
    expect(after.filter((mark) => mark.startsWith('hit')).length).toBe(6);
    expect(after.filter((mark) => mark.startsWith('plan'))).toHaveLength(3);
    expect(after.filter((mark) => /the chord has changed/.test(mark))).toHaveLength(1);
    await expect(unfitButton).toHaveText(/no longer fits?$/);
  });

  await test.step('a symbol corrected keeps what still holds', async () => {
    const before = states.at(-1)!;
    await desk
      .slot(/bar 5 beat 1/)
      .first()
      .dblclick();
    const field = page.getByRole('textbox', { name: 'Chord in bar 5' });
    const written = await field.inputValue();
    await field.fill(written.replace(/7$/, '9').replace(/^([A-G][b#]?)$/, '$1add9'));
    await field.press('Enter');
    const after = await reached();
    expect(after.filter((mark) => mark.startsWith('hit'))).toEqual(
      before.filter((mark) => mark.startsWith('hit')),
    );
    expect(after.filter((mark) => mark.startsWith('split'))).toHaveLength(1);
  });

  await test.step('undone step by step, and done again, and found after a reload', async () => {
    const last = states.at(-1)!;
    const undo = page.getByRole('button', { name: 'Undo' });
    const redo = page.getByRole('button', { name: 'Redo' });
    let steps = 0;
    while (await undo.isEnabled()) {
      await undo.click();
      steps += 1;
    }
    await desk.reads(text);
    await desk.saved();
    expect(await marksOf(page, id)).toEqual(first);
    for (let step = 0; step < steps; step += 1) await redo.click();
    await desk.saved();
    expect(await marksOf(page, id)).toEqual(last);
    await page.reload();
    await expect(desk.slot(/bar 1 beat 1/).first()).toBeVisible();
    await desk.saved();
    expect(await marksOf(page, id)).toEqual(last);
    await desk.screen('Voice');
    await expect(page.locator('.chord-lock').first()).toBeVisible();
  });
});

test('what no longer fits is listed, put back at the chord in hand, or thrown away', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | A7 |');
  await desk.screen('Voice');
  await desk.chords.nth(1).click();
  await page.keyboard.press('l');
  await desk.screen('Chart');
  await desk.changes.fill('| Dm7 | Cmaj7 | A7 | G7 |');
  await desk.changes.fill('| Dm7 | Cmaj7 | A7 |');
  const button = page.getByRole('button', { name: '1 no longer fits' });
  await button.click();
  const list = page.getByRole('list', { name: 'No longer fits' });
  await expect(list).toContainText('Lock on G7, guitar');
  await expect(list).toContainText('its chord is gone');
  await page.keyboard.press('Escape');

  await test.step('it stands again when its chord is back', async () => {
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(button).toHaveCount(0);
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(button).toBeVisible();
  });

  await test.step('it is put at another chord that it reads as', async () => {
    await desk.changes.fill('| Dm7 | Cmaj7 | A7 | % | G13 |');
    await desk.slot(/^G13/).click();
    await button.click();
    await page.getByRole('button', { name: 'Put here: Lock on G7, guitar' }).click();
    await expect(button).toHaveCount(0);
    await desk.saved();
    await desk.screen('Voice');
    await expect(page.getByRole('button', { name: /^G13/ }).first()).toBeVisible();
  });

  await test.step('or thrown away, and that is undone', async () => {
    await desk.screen('Chart');
    await desk.changes.fill('| Dm7 | Cmaj7 | A7 |');
    await button.click();
    await page.getByRole('button', { name: 'Throw away: Lock on G7, guitar' }).click();
    await expect(button).toHaveCount(0);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(button).toBeVisible();
  });
});

test('notes of a solo whose bar is gone are listed, put at another bar, and that is undone', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | A7 |');
  await desk.saved();
  const id = /tune\/([^/]+)/.exec(page.url())![1]!;
  const notes = [480, 2400].map((at) => ({ midi: 72, at, length: 480, velocity: 80 }));
  const solo = { name: 'Two notes', line: { written: true, notes } };
  await page.request.post(`/api/tunes/${id}/solos`, { data: solo });
  await page.reload();
  await desk.changes.fill('| Dm7 | Cmaj7 | A7 |');
  const button = page.getByRole('button', { name: '1 no longer fits' });
  await desk.slot(/^A7/).click();
  await button.click();
  const list = page.getByRole('list', { name: 'No longer fits' });
  await expect(list).toContainText('One note of “Two notes”');
  await page.getByRole('button', { name: 'Put here: One note of “Two notes”' }).click();
  await expect(button).toHaveCount(0);
  await expect
    .poll(async () => (await marksOf(page, id)).filter((mark) => mark.startsWith('solo')))
    .toEqual(['solo 72 at 0.25', 'solo 72 at 2.25']);
  await page.locator('.ant-notification').getByRole('button', { name: 'Undo' }).click();
  await expect(button).toBeVisible();
});

test('a title typed into the text names the tune in the book too', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('title: Slack Rope\n| Dm7 | G7 |');
  await expect(page.getByRole('heading', { name: 'Slack Rope' })).toBeVisible();
  await desk.saved();
  await desk.openBook();
  await page.getByRole('link', { name: 'Slack Rope', exact: true }).click();
  await desk.screen('Chart');
  const title = page.getByRole('textbox', { name: 'Title' });
  await title.fill('Slack Line');
  await title.press('Enter');
  await desk.reads('title: Slack Line\n| Dm7 | G7 |');
});
