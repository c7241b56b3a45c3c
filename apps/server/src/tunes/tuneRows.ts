/**
 * Tunes as they are read and saved with every edit: one statement each, past the entities, whose making costs
 * more than the rest of such a request.
 */
import type { ChartPlaces, TuneFields } from '@drop-close/core';
import type { EntityManager } from '@mikro-orm/core';
import type { ArrangementParts } from '../arrangements/arrangement.views';
import { NoSuchThing } from '../problem/errors';
import type { TuneSummary } from './summary';
import type { TuneParts } from './tune.views';

/** A tune with its arrangements. */
export interface TuneWhole {
  readonly tune: TuneParts;
  readonly arrangements: readonly ArrangementParts[];
}

interface TuneRow extends Omit<TuneParts, 'updatedAt'> {
  readonly updated_at: string | Date;
  readonly arrangements: readonly ArrangementRow[] | null;
}

interface ArrangementRow extends Omit<ArrangementParts, 'tune' | 'updatedAt'> {
  readonly updatedAt: string;
}

const READ = `
  select id, title, text, places, key, meter, tempo, feel, summary, version, updated_at, (
    select json_agg(json_build_object('id', a.id, 'name', a.name, 'setup', a.setup, 'version', a.version,
      'updatedAt', a.updated_at) order by a.created_at)
    from arrangement a where a.tune_id = tune.id and a.deleted_at is null
  ) as arrangements
  from tune where id = ? and deleted_at is null`;

/** @throws NoSuchThing where there is none, or it is thrown away */
export async function readTune(em: EntityManager, id: string): Promise<TuneWhole> {
  const [row] = (await em.getConnection().execute(READ, [id])) as (TuneRow | undefined)[];
  if (!row) throw new NoSuchThing('tune', id);
  const { arrangements, updated_at: updatedAt, ...own } = row;
  const tune = { ...own, updatedAt: new Date(updatedAt) };
  const parts = (arrangements ?? []).map((each) => {
    return { ...each, tune, updatedAt: new Date(each.updatedAt) };
  });
  return { tune, arrangements: parts };
}

/** What a save changes of a tune. */
export type TuneChange = TuneFields & {
  readonly places: ChartPlaces;
  readonly summary: TuneSummary | null;
};

const SAVE = `
  update tune set title = ?, text = ?, places = ?, key = ?, meter = ?, tempo = ?, feel = ?, summary = ?,
    updated_at = ?, version = version + 1
  where id = ? and version = ? and deleted_at is null returning version`;

/**
 * Saves a tune over the version it was read in.
 * @returns it as it is stored now, or `undefined` where another save came first; then nothing is changed
 */
export async function saveTune(
  em: EntityManager,
  { id, version }: TuneParts,
  change: TuneChange,
): Promise<TuneParts | undefined> {
  const { title, text, places, key, meter, tempo, feel, summary } = change;
  const updatedAt = new Date();
  const json = [JSON.stringify(places), summary && JSON.stringify(summary)];
  const values = [title, text, json[0], key, meter, tempo, feel, json[1], updatedAt, id, version];
  const [saved] = (await em.getConnection().execute(SAVE, values)) as { version: number }[];
  return saved && { id, ...change, version: saved.version, updatedAt };
}
