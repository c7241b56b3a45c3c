import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import {
  arrangementFor,
  firstWritten,
  parseChart,
  parseMeter,
  placesFit,
  positionsIn,
  readWritten,
  retyped,
  storeArrangement,
  type ChartPlaces,
  type StoredArrangement,
} from '@drop-close/core';
import { randomUUID } from 'node:crypto';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { setupToday } from '../arrangements/arrangement.views';
import { InvalidBody } from '../problem/errors';
import { ProfileService } from '../profile/profile.service';
import { SoloEntity } from '../solos/solo.entity';
import { VersionedStore, type StoredKind } from '../stored/versionedStore';
import { SUMMARY_VERSION, summarize } from './summary';
import { LONGEST_TITLE, TuneBody, TuneSave } from './tune.dto';
import { TuneEntity } from './tune.entity';
import { TuneGlance, TuneView } from './tune.views';
import { writtenChartOf } from './written';

const COPY = ' (copy)';

const TUNES: StoredKind<TuneEntity, TuneView> = {
  entity: TuneEntity,
  name: 'tune',
  there: (id) => ({ id, deletedAt: null }),
  with: ['arrangements'],
  view: (tune) => new TuneView(tune),
};

@Injectable()
export class TunesService {
  private readonly tunes: VersionedStore<TuneEntity, TuneView>;

  constructor(
    private readonly em: EntityManager,
    private readonly profiles: ProfileService,
  ) {
    this.tunes = new VersionedStore(em, TUNES);
  }

  async list(): Promise<TuneGlance[]> {
    const tunes = await this.em.find(
      TuneEntity,
      { deletedAt: null },
      { orderBy: { title: 'asc' } },
    );
    await this.refreshSummaries(tunes);
    return tunes.map((tune) => new TuneGlance(tune));
  }

  read(id: string): Promise<TuneView> {
    return this.tunes.read(id);
  }

  /** A new tune comes with one arrangement as its player begins, so that it can be voiced at once. */
  async create(body: TuneBody): Promise<TuneView> {
    const own = fields(body, () => firstWritten(body.text, parseMeter(body.meter)).places);
    const tune = this.em.create(TuneEntity, own, { partial: true });
    const { profile } = await this.profiles.read();
    const { chart } = readWritten(writtenChartOf(tune), parseMeter(tune.meter));
    const setup = storeArrangement(arrangementFor(profile), positionsIn(chart, own.places));
    const first = { tune, name: 'First arrangement', setup };
    this.em.create(ArrangementEntity, first, { partial: true });
    await this.em.flush();
    return new TuneView(tune);
  }

  /** The same tune once more, with all its arrangements and solo lines. */
  async copy(id: string): Promise<TuneView> {
    const tune = await this.tunes.find(id);
    const { text, places, key, meter, tempo, feel, summary } = tune;
    const title = `${tune.title.slice(0, LONGEST_TITLE - COPY.length)}${COPY}`;
    const copied = { title, text, places, key, meter, tempo, feel, summary };
    const copy = this.em.create(TuneEntity, copied, { partial: true });
    const solos = await this.copySolos(id, copy);
    for (const arrangement of tune.arrangements) {
      const setup = behindOwn(setupToday(arrangement), solos);
      const fields = { tune: copy, name: arrangement.name, setup };
      this.em.create(ArrangementEntity, fields, { partial: true });
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

  save(id: string, body: TuneSave): Promise<TuneView> {
    return this.tunes.save(id, body, (tune) => {
      const seed = randomUUID().slice(0, 8);
      const before = writtenChartOf(tune);
      const byText = () => retyped(before, body.text, seed, parseMeter(body.meter)).places;
      this.em.assign(tune, fields(body, byText));
    });
  }

  delete(id: string): Promise<void> {
    return this.tunes.throwAway(id);
  }

  /** Takes a deletion back. */
  restore(id: string): Promise<TuneView> {
    return this.tunes.restore(id);
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
}

/** An arrangement that is comped behind the copies of the solo lines. */
function behindOwn(
  setup: StoredArrangement,
  copies: ReadonlyMap<string, string>,
): StoredArrangement {
  const { behind } = setup.comp;
  const own = behind === null ? null : (copies.get(behind) ?? null);
  return { ...setup, comp: { ...setup.comp, behind: own } };
}

/**
 * A body as it is stored. Where it says nothing of places, they are those of its text by itself; a title
 * in the text is the tune's.
 */
function fields(body: TuneBody, byText: () => ChartPlaces) {
  const { text, key, meter, tempo, feel } = body;
  const { chart } = parseChart(text, parseMeter(meter));
  const places: ChartPlaces = body.places ? structuredClone(body.places) : byText();
  if (!placesFit(chart, places)) throw new InvalidBody([MISFIT]);
  const own = { title: chart.header.title ?? body.title.trim(), text, key, meter, tempo, feel };
  return { ...own, places, summary: summarize(own) };
}

const MISFIT = {
  path: 'places',
  message:
    'places should name every section and bar of the text; left out, bars are found by what they are',
};
