import { SESSIONS_A_PAGE, type SessionFields } from '@drop-close/core';
import { EntityManager } from '@mikro-orm/postgresql';
import { Injectable } from '@nestjs/common';
import { VersionedStore, type StoredKind } from '../../stored/versionedStore';
import { SessionNew, SessionSave } from './session.dto';
import { SessionEntity } from './session.entity';
import { SessionView } from './session.views';

const SESSIONS: StoredKind<SessionEntity, SessionView> = {
  entity: SessionEntity,
  name: 'session',
  there: (id) => ({ id }),
  view: (session) => new SessionView(session),
};

const fieldsOf = ({ aim, steps, at, begun, ended }: SessionFields) => ({
  ...{ aim, steps, at, begun },
  ended: ended ?? null,
});

@Injectable()
export class SessionsService {
  private readonly sessions: VersionedStore<SessionEntity, SessionView>;

  constructor(private readonly em: EntityManager) {
    this.sessions = new VersionedStore(em, SESSIONS);
  }

  /** The latest first: one page, of those before a session where one is given. */
  async list(before?: string): Promise<SessionView[]> {
    const last = before === undefined ? null : await this.em.findOne(SessionEntity, { id: before });
    const where = last && {
      $or: [{ begun: { $lt: last.begun } }, { begun: last.begun, id: { $lt: last.id } }],
    };
    const order = { orderBy: { begun: 'desc', id: 'desc' }, limit: SESSIONS_A_PAGE } as const;
    const sessions = await this.em.find(SessionEntity, { ...where }, order);
    return sessions.map((session) => new SessionView(session));
  }

  /** Begins a session; one that is there already is given as it is. */
  async create({ id, ...fields }: SessionNew): Promise<SessionView> {
    const there = id === undefined ? null : await this.em.findOne(SessionEntity, { id });
    if (there) return new SessionView(there);
    const own = { ...fieldsOf(fields), ...(id !== undefined && { id }) };
    const session = this.em.create(SessionEntity, own, { partial: true });
    await this.em.flush();
    return new SessionView(session);
  }

  save(id: string, body: SessionSave): Promise<SessionView> {
    return this.sessions.save(id, body, (session) => {
      Object.assign(session, fieldsOf(body));
    });
  }
}
