import {
  ITEMS_A_PAGE,
  itemOf,
  scheduleOf,
  type PracticeNote,
  type PracticeNoteFields,
} from '@drop-close/core';
import { EntityManager } from '@mikro-orm/postgresql';
import { Injectable } from '@nestjs/common';
import { PracticeItemView, type ItemRow } from './item.views';
import { noteOf, type NoteRow } from './noteRows';

/** More than anybody has time for in a day. */
const MOST_DUE = 500;
/** Items whose notes are read at once when everything is reckoned again. */
const AT_ONCE = 500;

const FIELDS =
  'item, due, stability, difficulty, reviews, lapses, practised_at, practice_item.grade, practice_item.tempo, practice_item.recalled';
/** Items of tunes that are thrown away wait with them. */
const THERE = `
  practice_item.due is not null and (practice_item.tune_id is null
    or exists (select from tune where tune.id = practice_item.tune_id and tune.deleted_at is null))`;

/** Items, what was noted of them, and when each is due. Notes are only added; all else follows from them. */
@Injectable()
export class ItemsService {
  constructor(private readonly em: EntityManager) {}

  /** Every practised item by its name: one page, of those after one where it is given. */
  async list(after = ''): Promise<PracticeItemView[]> {
    const sql = `select ${FIELDS} from practice_item where ${THERE} and item > ? order by item limit ?`;
    return this.views(sql, [after, ITEMS_A_PAGE]);
  }

  /** What is due by a time, in ms since 1970, the longest due first. */
  async due(by: number): Promise<PracticeItemView[]> {
    const sql = `select ${FIELDS} from practice_item where ${THERE} and due <= ? order by due limit ?`;
    return this.views(sql, [by, MOST_DUE]);
  }

  /** Everything that was noted of an item, in the order in which it arrived. */
  async notesOf(item: string): Promise<PracticeNote[]> {
    return this.read('select * from practice_note where item = ? order by received, id', [item]);
  }

  /**
   * Adds notes; those that are there already count once. Of notes of one item that arrive at the same moment, each
   * sees the others, or is seen by them.
   * @returns what is known now of the items they are of
   */
  async add(notes: readonly PracticeNoteFields[]): Promise<PracticeItemView[]> {
    if (!notes.length) return [];
    const items = [...new Set(notes.map(({ item }) => item))].sort();
    await this.em.transactional(async (em) => {
      await this.hold(em, items);
      const received = Date.now();
      const rows = notes.map((note) => ({ ...note, received }));
      await run(
        em,
        `insert into practice_note (id, item, kind, at, received, grade, tempo, recalled, due, of)
        select id, item, kind, at, received, grade, tempo, recalled, due, of
        from jsonb_to_recordset(?::jsonb) as note (id uuid, item text, kind text, at bigint, received bigint,
          grade text, tempo smallint, recalled jsonb, due bigint, of uuid)
        on conflict (id) do nothing`,
        [JSON.stringify(rows)],
      );
      await this.reckon(em, items);
    });
    return this.views(`select ${FIELDS} from practice_item where ${THERE} and item in (?)`, [
      items,
    ]);
  }

  /** Works out everything again from the notes, as if nothing but them had been kept. */
  async rebuild(): Promise<void> {
    await this.em.transactional(async (em) => {
      const noted = (await run(
        em,
        'select distinct item from practice_note order by item',
        [],
      )) as {
        item: string;
      }[];
      for (let from = 0; from < noted.length; from += AT_ONCE) {
        const items = noted.slice(from, from + AT_ONCE).map(({ item }) => item);
        await this.hold(em, items);
        await this.reckon(em, items);
      }
    });
  }

  /** Nobody else adds to these items until the transaction ends. In their order, so that no two wait for each other. */
  private async hold(em: EntityManager, items: string[]): Promise<void> {
    const rows = items.map((item) => ({ item, tune_id: tuneOf(item) }));
    await run(
      em,
      `insert into practice_item (item, tune_id)
      select item, tune_id from jsonb_to_recordset(?::jsonb) as own (item text, tune_id uuid) order by item
      on conflict (item) do nothing`,
      [JSON.stringify(rows)],
    );
    await run(em, 'select from practice_item where item in (?) order by item for update', [items]);
  }

  private async reckon(em: EntityManager, items: string[]): Promise<void> {
    const notes = await this.read('select * from practice_note where item in (?)', [items], em);
    const byItem = new Map(items.map((item): [string, PracticeNote[]] => [item, []]));
    for (const note of notes) byItem.get(note.item)?.push(note);
    const rows = items.map((item) => ({ item, ...scheduleOf(byItem.get(item) ?? []) }));
    await run(
      em,
      `update practice_item set due = now.due, stability = now.stability, difficulty = now.difficulty,
        reviews = now.reviews, lapses = now.lapses, practised_at = now."practisedAt", grade = now.grade,
        tempo = now.tempo, recalled = now.recalled
      from jsonb_to_recordset(?::jsonb) as now (item text, due bigint, stability double precision,
        difficulty double precision, reviews integer, lapses integer, "practisedAt" bigint, grade text,
        tempo smallint, recalled jsonb)
      where practice_item.item = now.item`,
      [JSON.stringify(rows)],
    );
  }

  private async read(
    sql: string,
    values: unknown[],
    em: EntityManager = this.em,
  ): Promise<PracticeNote[]> {
    return ((await run(em, sql, values)) as NoteRow[]).map(noteOf);
  }

  private async views(sql: string, values: unknown[]): Promise<PracticeItemView[]> {
    return ((await run(this.em, sql, values)) as ItemRow[]).map((row) => new PracticeItemView(row));
  }
}

/** In the transaction that is under way, if there is one. */
const run = (em: EntityManager, sql: string, values: unknown[]): Promise<unknown> =>
  em.getConnection().execute(sql, values, 'all', em.getTransactionContext());

/** The tune an item is of. */
function tuneOf(key: string): string | null {
  const read = itemOf(key);
  return read.ok && read.value.kind === 'layer' ? read.value.tuneId : null;
}
