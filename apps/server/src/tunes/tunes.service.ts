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
  searchedWords,
  TUNES_A_PAGE,
  storeArrangement,
  type ChartPlaces,
  type ParsedChart,
  type StoredArrangement,
  type TuneFields,
} from '@drop-close/core';
import { randomUUID } from 'node:crypto';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { setupToday } from '../arrangements/arrangement.views';
import { InvalidBody } from '../problem/errors';
import { ProfileService } from '../profile/profile.service';
import { SoloEntity } from '../solos/solo.entity';
import { checkRoom } from '../stored/room';
import { unlessSame, VersionedStore, type StoredKind } from '../stored/versionedStore';
import { SummariesService } from './summaries.service';
import { summaryMeanwhile, type TuneSummary } from './summary';
import { LONGEST_TITLE, TuneBody, TuneNew, TuneSave } from './tune.dto';
import { TuneEntity } from './tune.entity';
import { readTune, saveTune, type TuneChange } from './tuneRows';
import { ListedTune, TuneView, type Glanced, type TuneParts } from './tune.views';
import { writtenChartOf } from './written';

const COPY = ' (copy)';

/** The columns of a glance. */
const GLANCED = [
  'id',
  'title',
  'key',
  'meter',
  'tempo',
  'feel',
  'summary',
  'version',
  'updated_at',
] as const;

/** A tune's last change, or that of what hangs on it. */
const CHANGED_AT = `greatest(updated_at,
  (select max(greatest(a.updated_at, a.deleted_at)) from arrangement a where a.tune_id = tune.id),
  (select max(greatest(s.updated_at, s.deleted_at)) from solo_line s where s.tune_id = tune.id))`;

/** A tune of the list as the database gives it. */
interface ListedRow extends Omit<Glanced, 'updatedAt'> {
  readonly updated_at: string | Date;
  readonly changed_at: string | Date;
}

const viewOf = (tune: TuneEntity): TuneView => new TuneView(tune, tune.arrangements.getItems());

const TUNES: StoredKind<TuneEntity, TuneView> = {
  entity: TuneEntity,
  name: 'tune',
  there: (id) => ({ id, deletedAt: null }),
  with: ['arrangements'],
  view: viewOf,
};

@Injectable()
export class TunesService {
  private readonly tunes: VersionedStore<TuneEntity, TuneView>;

  constructor(
    private readonly em: EntityManager,
    private readonly profiles: ProfileService,
    private readonly summaries: SummariesService,
  ) {
    this.tunes = new VersionedStore(em, TUNES);
  }

  /**
   * The tunes by title, up to `TUNES_A_PAGE`; only what a list shows is read.
   * @param after the last tune of the page before; the first page where none is given
   * @param search words that the title holds, in any order; every tune where it is empty
   */
  async list(after: string | undefined, search: string): Promise<ListedTune[]> {
    const words = searchedWords(search);
    const holds = words.map(() => ' and searched like plain_letters(?)').join('');
    const sql = `
      select ${GLANCED.join(', ')}, ${CHANGED_AT} as changed_at from tune
      where deleted_at is null${holds}
        and (?::uuid is null or (title, id) > (select title, id from tune where id = ?))
      order by title, id limit ${TUNES_A_PAGE}`;
    const values = [...words.map(anywhere), after ?? null, after ?? null];
    const rows = (await this.em.getConnection().execute(sql, values)) as ListedRow[];
    return rows.map(({ updated_at: updated, changed_at: changed, ...row }) => {
      return new ListedTune({ ...row, updatedAt: new Date(updated), changedAt: new Date(changed) });
    });
  }

  async read(id: string): Promise<TuneView> {
    const { tune, arrangements } = await readTune(this.em, id);
    return new TuneView(tune, arrangements);
  }

  /**
   * A new tune comes with one arrangement as its player begins, so that it can be voiced at once. One that
   * was made by an earlier sending of the same is given again.
   */
  async create({ id, ...body }: TuneNew): Promise<TuneView> {
    const made = id && (await this.em.findOne(TuneEntity, { id }, { populate: ['arrangements'] }));
    if (made) return unlessSame(body, viewOf(made));
    const summary = await this.summaries.of(body);
    const tune = await this.begin({ ...body, ...(id && { id }) }, summary);
    await this.em.flush();
    if (!summary) this.summaries.later(tune.id);
    return viewOf(tune);
  }

  /** A new tune with its first arrangement, not yet written to the database. */
  async begin({ id, ...body }: TuneNew, summary?: TuneSummary): Promise<TuneEntity> {
    const own = { ...this.fieldsOf(body), ...(summary && { summary }), ...(id && { id }) };
    const tune = this.em.create(TuneEntity, own, { partial: true });
    const { profile } = await this.profiles.read();
    const { chart } = readWritten(writtenChartOf(tune), parseMeter(tune.meter));
    const setup = storeArrangement(arrangementFor(profile), positionsIn(chart, own.places));
    const first = { tune, name: 'First arrangement', setup };
    this.em.create(ArrangementEntity, first, { partial: true });
    return tune;
  }

  /** What is stored of a body that comes by itself, with a summary for the meantime. */
  fieldsOf(body: TuneBody): TuneFields & { places: ChartPlaces; summary: TuneSummary } {
    const byText = () => firstWritten(body.text, parseMeter(body.meter)).places;
    const parsed = parseChart(body.text, parseMeter(body.meter));
    return { ...fields(body, parsed, byText), summary: summaryMeanwhile(parsed, null) };
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
    return viewOf(copy);
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

  /**
   * Answers at once; the analysis for the tune's summary follows. A save of what is stored already is no
   * conflict, as in `VersionedStore`.
   */
  async save(id: string, body: TuneSave): Promise<TuneView> {
    const { tune, arrangements } = await readTune(this.em, id);
    if (tune.version !== body.version) return unlessSame(body, new TuneView(tune, arrangements));
    const own = { text: body.text, places: body.places };
    await checkRoom(this.em, 'tune', own, { tuneId: id });
    const change = changed(tune, body);
    const saved = await saveTune(this.em, tune, change);
    if (!saved) return unlessSame(body, await this.read(id));
    if (change.summary !== tune.summary) this.summaries.later(id);
    return new TuneView(saved, arrangements);
  }

  delete(id: string): Promise<void> {
    return this.tunes.throwAway(id);
  }

  /** Takes a deletion back. */
  restore(id: string): Promise<TuneView> {
    return this.tunes.restore(id);
  }
}

/** A pattern of the database for a text that holds a word. */
const anywhere = (word: string): string => `%${word.replace(/[\\%_]/g, '\\$&')}%`;

/** What a save makes of a tune; the same summary where nothing changes that it tells. */
function changed(tune: TuneParts, body: TuneSave): TuneChange {
  const parsed = parseChart(body.text, parseMeter(body.meter));
  const byText = (): ChartPlaces => {
    const seed = randomUUID().slice(0, 8);
    return retyped(writtenChartOf(tune), body.text, seed, parseMeter(body.meter)).places;
  };
  const { text, meter, key } = tune;
  const isNew = text !== body.text || meter !== body.meter || key !== body.key;
  const summary = isNew ? summaryMeanwhile(parsed, tune.summary) : tune.summary;
  return { ...fields(body, parsed, byText), summary };
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
function fields(
  body: TuneBody,
  { chart }: ParsedChart,
  byText: () => ChartPlaces,
): TuneFields & { places: ChartPlaces } {
  const { text, key, meter, tempo, feel } = body;
  const places: ChartPlaces = body.places ?? byText();
  if (!placesFit(chart, places)) throw new InvalidBody([MISFIT]);
  const own = { title: chart.header.title ?? body.title.trim(), text, key, meter, tempo, feel };
  return { ...own, places };
}

const MISFIT = {
  path: 'places',
  message:
    'places should name every section and bar of the text; left out, bars are found by what they are',
};
