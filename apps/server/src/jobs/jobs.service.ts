import {
  fitArrangement,
  instrumentsOf,
  parseMeter,
  positionsIn,
  readWritten,
  SHEET_LABELS,
} from '@drop-close/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { setupToday } from '../arrangements/arrangement.views';
import { NoSuchThing } from '../problem/errors';
import { ProfileService } from '../profile/profile.service';
import { SetEntity } from '../sets/set.entity';
import { TuneEntity } from '../tunes/tune.entity';
import { writtenChartOf } from '../tunes/written';
import type { AskedTune } from './asked';
import { EtudesBody, PartsBody } from './job.dto';
import { isOther, JobView, type OtherRow } from './job.views';
import { JobDesk } from './jobDesk.service';

/** As long as a title may be. */
const LONGEST_TITLE = 120;

/** The parts of a set and études in all keys: asked for, listed, thrown away. */
@Injectable()
export class JobsService {
  constructor(
    private readonly em: EntityManager,
    private readonly profiles: ProfileService,
    private readonly desk: JobDesk,
  ) {}

  async list(): Promise<JobView[]> {
    const rows = await this.desk.list(['parts', 'etudes']);
    return rows.filter(isOther).map((row) => new JobView(row));
  }

  /** Has a document of every tune of a set written for every reader, each with the first of its arrangements. */
  async askParts({ setId, kind, readers, numbers }: PartsBody): Promise<JobView> {
    const set = await this.em.findOne(SetEntity, { id: setId, deletedAt: null });
    if (!set) throw new NoSuchThing('set', setId);
    const { profile } = await this.profiles.read();
    const asked = {
      ...{ setId, kind, readers, numbers, tunes: await this.tunesOf(set) },
      ...{ school: profile.writing.school, instruments: instrumentsOf(profile) },
    };
    const title = `${set.name}, ${SHEET_LABELS[kind]}`.slice(0, LONGEST_TITLE);
    return this.view(await this.desk.ask({ kind: 'parts', title, asked }));
  }

  async askEtudes({ request, tempo }: EtudesBody): Promise<JobView> {
    const { profile } = await this.profiles.read();
    const asked = { request, tempo, instruments: instrumentsOf(profile) };
    return this.view(await this.desk.ask({ kind: 'etudes', title: 'Étude in all keys', asked }));
  }

  async remove(id: string): Promise<void> {
    await this.row(id);
    await this.desk.remove(id);
  }

  /** A job whose file can be had. */
  async ready(id: string): Promise<OtherRow & { readonly bytes: number }> {
    const row = await this.row(id);
    if (row.state !== 'ready' || !row.bytes) throw new NoSuchThing('file', id);
    return { ...row, bytes: row.bytes };
  }

  private async view(id: string): Promise<JobView> {
    return new JobView(await this.row(id));
  }

  private async row(id: string): Promise<OtherRow> {
    const row = await this.desk.find(id);
    if (!row || !isOther(row)) throw new NoSuchThing('job', id);
    return row;
  }

  /** The tunes of a set in its order, a tune as often as it is played; thrown away ones left out. */
  private async tunesOf({ tuneIds }: SetEntity): Promise<AskedTune[]> {
    const where = { id: { $in: [...new Set(tuneIds)] }, deletedAt: null };
    const found = await this.em.find(TuneEntity, where, { populate: ['arrangements'] });
    const byId = new Map(found.map((tune) => [tune.id, tune]));
    return tuneIds.flatMap((id) => {
      const tune = byId.get(id);
      return tune ? [askedTune(tune)] : [];
    });
  }
}

function askedTune(tune: TuneEntity): AskedTune {
  const { title, text, places, key, meter, feel, tempo } = tune;
  const written = writtenChartOf(tune);
  const { chart } = readWritten(written, parseMeter(meter));
  const [first] = tune.arrangements.getItems();
  if (!first) throw new NoSuchThing('arrangement', tune.id);
  const { arrangement: setup } = fitArrangement(
    setupToday(first),
    positionsIn(chart, written.places),
  );
  return {
    ...{ title, setup },
    text: { text, places: places ?? written.places, meter, key: chart.header.key ?? key },
    feel: chart.header.feel ?? feel,
    tempo: chart.header.tempo ?? tempo,
  };
}
