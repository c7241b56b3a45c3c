import { EntityManager } from '@mikro-orm/core';
import type { AnyArrangement } from '@drop-close/core';
import { Injectable } from '@nestjs/common';
import { LastArrangement, NoSuchThing, TooManyArrangements } from '../problem/errors';
import { checkRoom } from '../stored/room';
import { VersionedStore, type StoredKind } from '../stored/versionedStore';
import { TuneEntity } from '../tunes/tune.entity';
import { ArrangementBody, ArrangementSave, setupOf } from './arrangement.dto';
import { ArrangementEntity } from './arrangement.entity';
import { ArrangementView } from './arrangement.views';

/** Of one tune; a tune is read with all of them. */
const MOST_ARRANGEMENTS = 20;

const ARRANGEMENTS: StoredKind<ArrangementEntity, ArrangementView> = {
  entity: ArrangementEntity,
  name: 'arrangement',
  there: (id) => ({ id, deletedAt: null, tune: { deletedAt: null } }),
  with: ['tune'],
  view: (arrangement) => new ArrangementView(arrangement),
};

@Injectable()
export class ArrangementsService {
  private readonly arrangements: VersionedStore<ArrangementEntity, ArrangementView>;

  constructor(private readonly em: EntityManager) {
    this.arrangements = new VersionedStore(em, ARRANGEMENTS);
  }

  async list(tuneId: string): Promise<ArrangementView[]> {
    await this.findTune(tuneId);
    const where = { tune: tuneId, deletedAt: null };
    const found = await this.em.find(ArrangementEntity, where, { orderBy: { createdAt: 'asc' } });
    return found.map((arrangement) => new ArrangementView(arrangement));
  }

  async create(tuneId: string, body: ArrangementBody): Promise<ArrangementView> {
    const tune = await this.findTune(tuneId);
    await this.checkOneMore(tuneId, body.setup);
    const fields = { tune, name: body.name.trim(), setup: setupOf(body) };
    const arrangement = this.em.create(ArrangementEntity, fields, { partial: true });
    await this.em.flush();
    return new ArrangementView(arrangement);
  }

  read(id: string): Promise<ArrangementView> {
    return this.arrangements.read(id);
  }

  save(id: string, body: ArrangementSave): Promise<ArrangementView> {
    return this.arrangements.save(id, body, async (arrangement) => {
      const { tune } = arrangement;
      await checkRoom(this.em, 'arrangement', body.setup, { id, tuneId: tune.id });
      arrangement.name = body.name.trim();
      arrangement.setup = setupOf(body);
    });
  }

  /** A tune keeps the last of its arrangements: without one it cannot be voiced. */
  async delete(id: string): Promise<void> {
    const { tune } = await this.arrangements.find(id);
    if ((await this.count(tune.id)) === 1) throw new LastArrangement();
    await this.arrangements.throwAway(id);
  }

  /** Takes a deletion back. */
  restore(id: string): Promise<ArrangementView> {
    return this.arrangements.restore(id, ({ tune, setup }) => this.checkOneMore(tune.id, setup));
  }

  private async checkOneMore(tuneId: string, setup: AnyArrangement): Promise<void> {
    if ((await this.count(tuneId)) >= MOST_ARRANGEMENTS) throw new TooManyArrangements();
    await checkRoom(this.em, 'arrangement', setup, { tuneId });
  }

  private count(tuneId: string): Promise<number> {
    return this.em.count(ArrangementEntity, { tune: tuneId, deletedAt: null });
  }

  private async findTune(id: string): Promise<TuneEntity> {
    const tune = await this.em.findOne(TuneEntity, { id, deletedAt: null });
    if (!tune) throw new NoSuchThing('tune', id);
    return tune;
  }
}
