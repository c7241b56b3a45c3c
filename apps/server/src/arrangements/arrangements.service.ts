import { EntityManager, OptimisticLockError } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { NoSuchThing, StaleSave } from '../problem/errors';
import { TuneEntity } from '../tunes/tune.entity';
import { ArrangementBody, ArrangementSave, setupOf } from './arrangement.dto';
import { ArrangementEntity } from './arrangement.entity';
import { ArrangementView } from './arrangement.views';

@Injectable()
export class ArrangementsService {
  constructor(private readonly em: EntityManager) {}

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

  async read(id: string): Promise<ArrangementView> {
    return new ArrangementView(await this.find(id));
  }

  async save(id: string, body: ArrangementSave): Promise<ArrangementView> {
    const arrangement = await this.find(id);
    if (arrangement.version !== body.version) {
      throw new StaleSave(body, new ArrangementView(arrangement));
    }
    arrangement.name = body.name.trim();
    arrangement.setup = setupOf(body);
    try {
      await this.em.flush();
    } catch (error) {
      if (!(error instanceof OptimisticLockError)) throw error;
      this.em.clear();
      throw new StaleSave(body, await this.read(id));
    }
    return new ArrangementView(arrangement);
  }

  async delete(id: string): Promise<void> {
    await this.em.remove(await this.find(id)).flush();
  }

  private async find(id: string): Promise<ArrangementEntity> {
    const where = { id, tune: { deletedAt: null } };
    const arrangement = await this.em.findOne(ArrangementEntity, where);
    if (!arrangement) throw new NoSuchThing('arrangement', id);
    return arrangement;
  }

  private async findTune(id: string): Promise<TuneEntity> {
    const tune = await this.em.findOne(TuneEntity, { id, deletedAt: null });
    if (!tune) throw new NoSuchThing('tune', id);
    return tune;
  }
}
