import { EntityManager } from '@mikro-orm/core';
import { frameOf, positionsIn } from '@drop-close/core';
import { Injectable } from '@nestjs/common';
import { NoSuchThing } from '../problem/errors';
import { checkRoom } from '../stored/room';
import { VersionedStore, type StoredKind } from '../stored/versionedStore';
import { TuneEntity } from '../tunes/tune.entity';
import { writtenOf } from '../tunes/written';
import { SoloBody, SoloSave } from './solo.dto';
import { SoloEntity } from './solo.entity';
import { SoloView, frameToday } from './solo.views';
import { fromStored, toStored } from './storedLine';

const SOLOS: StoredKind<SoloEntity, SoloView> = {
  entity: SoloEntity,
  name: 'solo line',
  there: (id) => ({ id, deletedAt: null }),
  with: ['tune'],
  view: (solo) => new SoloView(solo),
};

@Injectable()
export class SolosService {
  private readonly solos: VersionedStore<SoloEntity, SoloView>;

  constructor(private readonly em: EntityManager) {
    this.solos = new VersionedStore(em, SOLOS);
  }

  async list(tuneId: string): Promise<SoloView[]> {
    await this.findTune(tuneId);
    const where = { tune: tuneId, deletedAt: null };
    const found = await this.em.find(SoloEntity, where, { orderBy: { createdAt: 'asc' } });
    return found.map((solo) => new SoloView(solo));
  }

  /** A line that says nothing of what it is played over is over the tune as it is stored. */
  async create(tuneId: string, { name, line, over }: SoloBody): Promise<SoloView> {
    const tune = await this.findTune(tuneId);
    const { chart, places } = writtenOf(tune);
    const frame = over ?? frameOf(positionsIn(chart, places));
    const stored = toStored(line, structuredClone(frame));
    await checkRoom(this.em, 'solo', { line, over: frame }, { tuneId });
    const fields = { tune, name: name.trim(), line: stored };
    const solo = this.em.create(SoloEntity, fields, { partial: true });
    await this.em.flush();
    return new SoloView(solo);
  }

  save(id: string, body: SoloSave): Promise<SoloView> {
    return this.solos.save(id, body, async (solo) => {
      const line = toStored(body.line, structuredClone(body.over ?? frameToday(solo)));
      const sent = { line: body.line, over: line.over };
      await checkRoom(this.em, 'solo', sent, { id, tuneId: solo.tune.id });
      solo.name = body.name.trim();
      solo.line = line;
    });
  }

  delete(id: string): Promise<void> {
    return this.solos.throwAway(id);
  }

  /** Takes a deletion back. */
  restore(id: string): Promise<SoloView> {
    return this.solos.restore(id, ({ tune, line }) =>
      checkRoom(this.em, 'solo', { line: fromStored(line) }, { tuneId: tune.id }),
    );
  }

  private async findTune(id: string): Promise<TuneEntity> {
    const tune = await this.em.findOne(TuneEntity, { id, deletedAt: null });
    if (!tune) throw new NoSuchThing('tune', id);
    return tune;
  }
}
