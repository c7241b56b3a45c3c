import { ENTRIES_A_PAGE, type LogEntry } from '@drop-close/core';
import { EntityManager } from '@mikro-orm/postgresql';
import { Injectable } from '@nestjs/common';
import { randomUUID } from 'node:crypto';
import { VersionedStore, type StoredKind } from '../../stored/versionedStore';
import { EntryBody, EntrySave } from './entry.dto';
import { EntryEntity } from './entry.entity';
import { EntryView } from './entry.views';

const ENTRIES: StoredKind<EntryEntity, EntryView> = {
  entity: EntryEntity,
  name: 'entry of the logbook',
  there: (id) => ({ id, deletedAt: null }),
  view: (entry) => new EntryView(entry),
};

const fieldsOf = ({ day, minutes, what, item, tempo, key, grade, notes }: LogEntry) => ({
  ...{ day, minutes, what: what.trim() },
  ...{ item: item ?? null, tempo: tempo ?? null, key: key ?? null },
  ...{ grade: grade ?? null, notes: notes?.trim() ?? null },
});

/** The logbook: entries by themselves, by hand and from files; edited, thrown away, put back. */
@Injectable()
export class LogService {
  private readonly entries: VersionedStore<EntryEntity, EntryView>;

  constructor(private readonly em: EntityManager) {
    this.entries = new VersionedStore(em, ENTRIES);
  }

  /** The latest days first: one page, of those before an entry where one is given. */
  async list(before?: string): Promise<EntryView[]> {
    const last = before === undefined ? null : await this.em.findOne(EntryEntity, { id: before });
    const where = last && {
      $or: [{ day: { $lt: last.day } }, { day: last.day, id: { $lt: last.id } }],
    };
    const entries = await this.em.find(
      EntryEntity,
      { deletedAt: null, ...where },
      { orderBy: { day: 'desc', id: 'desc' }, limit: ENTRIES_A_PAGE },
    );
    return entries.map((entry) => new EntryView(entry));
  }

  /** Adds entries; those that are there already stay as they are. @returns all of them as they are stored */
  async add(bodies: readonly EntryBody[]): Promise<EntryView[]> {
    const rows = bodies.map((body) => ({ id: body.id ?? randomUUID(), ...fieldsOf(body) }));
    if (rows.length) {
      await this.em.upsertMany(EntryEntity, rows, { onConflictAction: 'ignore' });
    }
    this.em.clear();
    const ids = rows.map(({ id }) => id);
    const stored = await this.em.find(EntryEntity, { id: { $in: ids } });
    return stored.map((entry) => new EntryView(entry));
  }

  save(id: string, body: EntrySave): Promise<EntryView> {
    return this.entries.save(id, body, (entry) => {
      Object.assign(entry, fieldsOf(body));
    });
  }

  delete(id: string): Promise<void> {
    return this.entries.throwAway(id);
  }

  /** Takes a deletion back. */
  restore(id: string): Promise<EntryView> {
    return this.entries.restore(id);
  }
}
