import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { NoSuchThing } from '../problem/errors';
import { VersionedStore, type StoredKind } from '../stored/versionedStore';
import { TuneEntity } from '../tunes/tune.entity';
import { ArrangementBody, ArrangementSave, setupOf } from './arrangement.dto';
import { ArrangementEntity } from './arrangement.entity';
import { ArrangementView } from './arrangement.views';

const ARRANGEMENTS: StoredKind<ArrangementEntity, ArrangementView> = {
  entity: ArrangementEntity,
  name: 'arrangement',
  there: (id) => ({ id, tune: { deletedAt: null } }),
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
    const where = { tune: tuneId };
    const found = await this.em.find(ArrangementEntity, where, { orderBy: { createdAt: 'asc' } });
    return found.map((arrangement) => new ArrangementView(arrangement));
  }

  async create(tuneId: string, body: ArrangementBody): Promise<ArrangementView> {
    const tune = await this.findTune(tuneId);
    const fields = { tune, name: body.name.trim(), setup: setupOf(body) };
    const arrangement = this.em.create(ArrangementEntity, fields, { partial: true });
    await this.em.flush();
    return new ArrangementView(arrangement);
  }

  read(id: string): Promise<ArrangementView> {
    return this.arrangements.read(id);
  }

  save(id: string, body: ArrangementSave): Promise<ArrangementView> {
    return this.arrangements.save(id, body, (arrangement) => {
      arrangement.name = body.name.trim();
      arrangement.setup = setupOf(body);
    });
  }

  async delete(id: string): Promise<void> {
    await this.em.remove(await this.arrangements.find(id)).flush();
  }

  private async findTune(id: string): Promise<TuneEntity> {
    const tune = await this.em.findOne(TuneEntity, { id, deletedAt: null });
    if (!tune) throw new NoSuchThing('tune', id);
    return tune;
  }
}
