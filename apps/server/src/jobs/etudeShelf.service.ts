import {
  ETUDE_LINE,
  etudeSetup,
  etudeTune,
  inList,
  positionsIn,
  storeArrangement,
  type Etude,
  type EtudeBook,
} from '@drop-close/core';
import { EntityManager, RequestContext } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { SetsService } from '../sets/sets.service';
import { SolosService } from '../solos/solos.service';
import { TunesService } from '../tunes/tunes.service';
import { writtenOf } from '../tunes/written';
import type { AskedEtudes } from './asked';
import { JobStore } from './jobStore';
import { NotWanted } from './piecesOf';

/** Puts études in the book as a set: all of them, or none where that fails or nobody wants them any more. */
@Injectable()
export class EtudeShelf {
  constructor(
    private readonly em: EntityManager,
    private readonly store: JobStore,
    private readonly tunes: TunesService,
    private readonly solos: SolosService,
    private readonly sets: SetsService,
  ) {}

  /** @throws NotWanted */
  async put(jobId: string, { tempo }: AskedEtudes, book: EtudeBook): Promise<void> {
    const { name, etudes, without } = book;
    const notes = without.length ? [`There is no such étude in ${inList(without)}.`] : [];
    await RequestContext.create(this.em, () =>
      this.em.transactional(async () => {
        const tuneIds: string[] = [];
        for (const etude of etudes) tuneIds.push(await this.putOne(etude, tempo));
        const set = await this.sets.create({ name, tuneIds });
        const finished = await this.store.finish(jobId, { result: { setId: set.id, notes } });
        if (!finished) throw new NotWanted();
      }),
    );
  }

  private async putOne(etude: Etude, tempo: number): Promise<string> {
    const { id } = await this.tunes.create(etudeTune(etude, tempo));
    const where = { tune: { id } };
    const arrangement = await this.em.findOneOrFail(ArrangementEntity, where, {
      populate: ['tune'],
    });
    const { line } = etude;
    const solo = line && (await this.solos.create(id, { name: ETUDE_LINE, line }));
    const { chart, places } = writtenOf(arrangement.tune);
    arrangement.setup = storeArrangement(etudeSetup(etude, solo?.id), positionsIn(chart, places));
    await this.em.flush();
    return id;
  }
}
