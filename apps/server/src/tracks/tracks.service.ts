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
import { InvalidBody, NoSuchThing, Overlong } from '../problem/errors';
import { ProfileService } from '../profile/profile.service';
import { SoloEntity } from '../solos/solo.entity';
import { SoloView } from '../solos/solo.views';
import { writtenChartOf } from '../tunes/written';
import type { AskedTrack } from './asked';
import { TrackBody } from './track.dto';
import { TrackEntity } from './track.entity';
import { TrackView, type TrackRow } from './track.views';
import { TrackQueue } from './trackQueue';
import { TrackStore, type TrackPiece } from './trackStore';
import { TrackWorker } from './trackWorker.service';

/** Tracks that wait at once. */
const MOST_WAITING = 20;
/** What all files may take together, in bytes. */
const MOST_BYTES = 1_000_000_000;

/** Practice tracks: asked for, listed, given out, thrown away. */
@Injectable()
export class TracksService {
  constructor(
    private readonly em: EntityManager,
    private readonly profiles: ProfileService,
    private readonly store: TrackStore,
    private readonly queue: TrackQueue,
    private readonly worker: TrackWorker,
  ) {}

  async list(): Promise<TrackView[]> {
    return (await this.store.list()).map((row) => new TrackView(row));
  }

  /** Has a track made of an arrangement as it is stored now. */
  async ask({ tuneId, arrangementId, wish }: TrackBody): Promise<TrackView> {
    const where = { id: arrangementId, tune: { id: tuneId, deletedAt: null }, deletedAt: null };
    const arrangement = await this.em.findOne(ArrangementEntity, where, { populate: ['tune'] });
    if (!arrangement) throw new NoSuchThing('arrangement', arrangementId);
    await this.checkRoom();
    const { asked, seconds } = await this.askedOf(arrangement, wish);
    const { tune } = arrangement;
    const fields = { tune, title: tune.title, asked, seconds };
    const track = this.em.create(TrackEntity, fields, { partial: true });
    await this.em.flush();
    await this.queue.send(track.id);
    await this.worker.begin();
    return new TrackView(await this.row(track.id));
  }

  /** Stops what is being rendered, takes back what waits, throws away what is there. */
  async remove(id: string): Promise<void> {
    await this.row(id);
    await this.store.remove(id);
  }

  /** The row of a track that is ready. */
  async ready(id: string): Promise<TrackRow & { readonly bytes: number }> {
    const row = await this.row(id);
    if (row.state !== 'ready' || row.bytes === null) throw new NoSuchThing('track', id);
    return { ...row, bytes: row.bytes };
  }

  pieces(id: string, first: number, last: number): Promise<TrackPiece[]> {
    return this.store.pieces(id, first, last);
  }

  private async row(id: string): Promise<TrackRow> {
    const row = await this.store.find(id);
    if (!row) throw new NoSuchThing('track', id);
    return row;
  }

  private async checkRoom(): Promise<void> {
    const { waiting, bytes } = await this.store.load();
    if (waiting >= MOST_WAITING) {
      throw new Overlong(`${MOST_WAITING} tracks wait already; let some of them finish first.`);
    }
    if (bytes >= MOST_BYTES) {
      throw new Overlong('The tracks take a gigabyte together; throw some of them away first.');
    }
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
