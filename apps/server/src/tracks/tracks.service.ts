import {
  fitArrangement,
  instrumentsOf,
  parseMeter,
  positionsIn,
  readWritten,
  timeline,
  tooLong,
  trackSeconds,
} from '@drop-close/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { setupToday } from '../arrangements/arrangement.views';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { InvalidBody, NoSuchThing } from '../problem/errors';
import { ProfileService } from '../profile/profile.service';
import { SoloEntity } from '../solos/solo.entity';
import { SoloView } from '../solos/solo.views';
import { writtenChartOf } from '../tunes/written';
import type { AskedTrack } from '../jobs/asked';
import { JobDesk } from '../jobs/jobDesk.service';
import { TrackBody } from './track.dto';
import { isTrack, TrackView, type TrackRow } from './track.views';

/** Practice tracks: asked for, listed, given out, thrown away. */
@Injectable()
export class TracksService {
  constructor(
    private readonly em: EntityManager,
    private readonly profiles: ProfileService,
    private readonly desk: JobDesk,
  ) {}

  async list(): Promise<TrackView[]> {
    const rows = await this.desk.list(['track']);
    return rows.filter(isTrack).map((row) => new TrackView(row));
  }

  /** Has a track made of an arrangement as it is stored now. */
  async ask({ tuneId, arrangementId, wish }: TrackBody): Promise<TrackView> {
    const where = { id: arrangementId, tune: { id: tuneId, deletedAt: null }, deletedAt: null };
    const arrangement = await this.em.findOne(ArrangementEntity, where, { populate: ['tune'] });
    if (!arrangement) throw new NoSuchThing('arrangement', arrangementId);
    const { asked, seconds } = await this.askedOf(arrangement, wish);
    const { tune } = arrangement;
    const id = await this.desk.ask({ kind: 'track', title: tune.title, asked, tune, seconds });
    return new TrackView(await this.row(id));
  }

  /** Stops what is being rendered, takes back what waits, throws away what is there. */
  async remove(id: string): Promise<void> {
    await this.row(id);
    await this.desk.remove(id);
  }

  /** The row of a track that is ready. */
  async ready(id: string): Promise<TrackRow & { readonly bytes: number }> {
    const row = await this.row(id);
    if (row.state !== 'ready' || row.bytes === null) throw new NoSuchThing('track', id);
    return { ...row, bytes: row.bytes };
  }

  private async row(id: string): Promise<TrackRow> {
    const row = await this.desk.find(id);
    if (!row || !isTrack(row)) throw new NoSuchThing('track', id);
    return row;
  }

  /** Everything a track is made from, as it is now. */
  private async askedOf(
    arrangement: ArrangementEntity,
    wish: TrackBody['wish'],
  ): Promise<{ readonly asked: AskedTrack; readonly seconds: number }> {
    const { text, places, key, meter, feel } = arrangement.tune;
    const written = writtenChartOf(arrangement.tune);
    const { chart } = readWritten(written, parseMeter(meter));
    const positions = positionsIn(chart, written.places);
    const { arrangement: setup } = fitArrangement(setupToday(arrangement), positions);
    const { length } = timeline(chart);
    const seconds = trackSeconds(length * setup.comp.plan.length, wish);
    const problem = tooLong(seconds, wish.format);
    if (problem !== undefined) throw new InvalidBody([{ path: 'wish', message: problem }]);
    const { profile } = await this.profiles.read();
    const { behind } = setup.comp;
    const solo = behind && (await this.em.findOne(SoloEntity, { id: behind, deletedAt: null }));
    return {
      seconds,
      asked: {
        tune: { text, places: places ?? written.places, meter, key },
        ...{ setup, instruments: instrumentsOf(profile), wish },
        feel: chart.header.feel ?? feel,
        ...(solo && { solo: new SoloView(solo).line }),
      },
    };
  }
}
