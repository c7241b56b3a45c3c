import { EntityManager, OptimisticLockError } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { arrangementFor, upgradeArrangement, type Arrangement } from '@drop-close/core';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { NoSuchThing, StaleSave } from '../problem/errors';
import { ProfileService } from '../profile/profile.service';
import { SoloEntity } from '../solos/solo.entity';
import { SUMMARY_VERSION, summarize } from './summary';
import { LONGEST_TITLE, TuneBody, TuneSave } from './tune.dto';
import { TuneEntity } from './tune.entity';
import { TuneGlance, TuneView } from './tune.views';

const COPY = ' (copy)';

@Injectable()
export class TunesService {
  constructor(
    private readonly em: EntityManager,
    private readonly profiles: ProfileService,
  ) {}

  async list(): Promise<TuneGlance[]> {
    const tunes = await this.em.find(
      TuneEntity,
      { deletedAt: null },
      { orderBy: { title: 'asc' } },
    );
    await this.refreshSummaries(tunes);
    return tunes.map((tune) => new TuneGlance(tune));
  }

  async read(id: string): Promise<TuneView> {
    return new TuneView(await this.find(id));
  }

  /** A new tune comes with one arrangement as its player begins, so that it can be voiced at once. */
  async create(body: TuneBody): Promise<TuneView> {
    const own = fields(body);
    const summary = summarize(own);
    const tune = this.em.create(TuneEntity, { ...own, summary }, { partial: true });
    const { profile } = await this.profiles.read();
    const first = { tune, name: 'First arrangement', setup: arrangementFor(profile) };
    this.em.create(ArrangementEntity, first, { partial: true });
    await this.em.flush();
    return new TuneView(tune);
  }

  /** The same tune once more, with all its arrangements and solo lines. */
  async copy(id: string): Promise<TuneView> {
    const tune = await this.find(id);
    const { text, key, meter, tempo, feel, summary } = tune;
    const title = `${tune.title.slice(0, LONGEST_TITLE - COPY.length)}${COPY}`;
    const copied = { title, text, key, meter, tempo, feel, summary };
    const copy = this.em.create(TuneEntity, copied, { partial: true });
    const solos = await this.copySolos(id, copy);
    for (const { name, setup } of tune.arrangements) {
      const own = behindOwn(upgradeArrangement(setup), solos);
      this.em.create(ArrangementEntity, { tune: copy, name, setup: own }, { partial: true });
    }
    await this.em.flush();
    return new TuneView(copy);
  }

  /** @returns by the id of each solo line the id of its copy */
  private async copySolos(id: string, copy: TuneEntity): Promise<ReadonlyMap<string, string>> {
    const where = { tune: id, deletedAt: null };
    const solos = await this.em.find(SoloEntity, where, { orderBy: { createdAt: 'asc' } });
    return new Map(
      solos.map((solo) => {
        const { name, line, createdAt } = solo;
        const fields = { tune: copy, name, line, createdAt };
        return [solo.id, this.em.create(SoloEntity, fields, { partial: true }).id];
      }),
    );
  }

  async save(id: string, body: TuneSave): Promise<TuneView> {
    const tune = await this.find(id);
    if (tune.version !== body.version) throw new StaleSave(body, new TuneView(tune));
    const own = fields(body);
    this.em.assign(tune, { ...own, summary: summarize(own) });
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

  /**
   * Summaries from before, or of an older analysis, are made anew and kept. In plain SQL, so that the
   * version stays: the tune itself has not changed for those who have it open.
   */
  private async refreshSummaries(tunes: readonly TuneEntity[]): Promise<void> {
    for (const tune of tunes) {
      if (tune.summary?.version === SUMMARY_VERSION) continue;
      const summary = summarize(tune);
      const sql = 'update tune set summary = ? where id = ?';
      await this.em.getConnection().execute(sql, [JSON.stringify(summary), tune.id]);
      tune.summary = summary;
    }
    this.em.clear();
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

/** An arrangement that is comped behind the copies of the solo lines. */
function behindOwn(setup: Arrangement, copies: ReadonlyMap<string, string>): Arrangement {
  const { behind } = setup.comp;
  const own = behind === null ? null : (copies.get(behind) ?? null);
  return { ...setup, comp: { ...setup.comp, behind: own } };
}

/** A body as plain data. */
type TuneFields = Pick<TuneBody, 'title' | 'text' | 'key' | 'meter' | 'tempo' | 'feel'>;

const fields = ({ title, text, key, meter, tempo, feel }: TuneBody): TuneFields => ({
  title: title.trim(),
  text,
  key,
  meter,
  tempo,
  feel,
});
