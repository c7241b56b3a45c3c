import { EntityManager, OptimisticLockError } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { defaultArrangement } from '@drop-close/core';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { NoSuchThing, StaleSave } from '../problem/errors';
import { TuneBody, TuneSave } from './tune.dto';
import { TuneEntity } from './tune.entity';
import { TuneGlance, TuneView } from './tune.views';

@Injectable()
export class TunesService {
  constructor(private readonly em: EntityManager) {}

  async list(): Promise<TuneGlance[]> {
    const tunes = await this.em.find(
      TuneEntity,
      { deletedAt: null },
      { orderBy: { title: 'asc' } },
    );
    return tunes.map((tune) => new TuneGlance(tune));
  }

  async read(id: string): Promise<TuneView> {
    return new TuneView(await this.find(id));
  }

  /** A new tune comes with one arrangement, so that it can be voiced at once. */
  async create(body: TuneBody): Promise<TuneView> {
    const tune = this.em.create(TuneEntity, fields(body), { partial: true });
    const first = { tune, name: 'First arrangement', setup: defaultArrangement };
    this.em.create(ArrangementEntity, first, { partial: true });
    await this.em.flush();
    return new TuneView(tune);
  }

  async save(id: string, body: TuneSave): Promise<TuneView> {
    const tune = await this.find(id);
    if (tune.version !== body.version) throw new StaleSave(body, new TuneView(tune));
    this.em.assign(tune, fields(body));
    try {
      await this.em.flush();
    } catch (error) {
      if (!(error instanceof OptimisticLockError)) throw error;
      throw new StaleSave(body, await this.stored(id));
    }
    return new TuneView(tune);
  }

  async delete(id: string): Promise<void> {
    const tune = await this.find(id);
    tune.deletedAt = new Date();
    await this.em.flush();
  }

  /** Takes a deletion back. */
  async restore(id: string): Promise<TuneView> {
    const tune = await this.em.findOne(TuneEntity, { id }, { populate: ['arrangements'] });
    if (!tune) throw new NoSuchThing('tune', id);
    tune.deletedAt = null;
    await this.em.flush();
    return new TuneView(tune);
  }

  private async find(id: string): Promise<TuneEntity> {
    const where = { id, deletedAt: null };
    const tune = await this.em.findOne(TuneEntity, where, { populate: ['arrangements'] });
    if (!tune) throw new NoSuchThing('tune', id);
    return tune;
  }

  private async stored(id: string): Promise<TuneView> {
    this.em.clear();
    return this.read(id);
  }
}

const fields = ({ title, text, key, meter, tempo, feel }: TuneBody): TuneBody => ({
  title: title.trim(),
  text,
  key,
  meter,
  tempo,
  feel,
});
