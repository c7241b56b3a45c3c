import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { frameOf, positionsIn } from '@drop-close/core';
import { SoloEntity } from '../solos/solo.entity';
import { toStored } from '../solos/storedLine';
import { checkRoom } from '../stored/room';
import { SummariesService } from '../tunes/summaries.service';
import { TunesService } from '../tunes/tunes.service';
import { TuneEntity } from '../tunes/tune.entity';
import { writtenOf } from '../tunes/written';
import type { TunesBody } from './incoming.dto';

/** Puts what was read from text and files into the book. */
@Injectable()
export class IncomingService {
  constructor(
    private readonly em: EntityManager,
    private readonly tunes: TunesService,
    private readonly summaries: SummariesService,
  ) {}

  /**
   * All of them, or none. What an earlier sending of the same has made is left as it is.
   * @returns their ids, in order
   */
  async putIn({ tunes }: TunesBody): Promise<string[]> {
    const ids = await this.em.transactional(async () => {
      const made: string[] = [];
      for (const { solos, ...fields } of tunes) {
        const there = fields.id && (await this.em.findOne(TuneEntity, { id: fields.id }));
        const tune = there || (await this.tunes.begin(fields));
        if (!there) await this.putLines(tune, solos);
        made.push(tune.id);
      }
      return made;
    });
    for (const id of ids) this.summaries.later(id);
    return ids;
  }

  private async putLines(tune: TuneEntity, solos: TunesBody['tunes'][number]['solos']) {
    const { chart, places } = writtenOf(tune);
    const frame = frameOf(positionsIn(chart, places));
    for (const { name, line } of solos) {
      await checkRoom(this.em, 'solo', { line, over: frame }, { tuneId: tune.id });
      const fields = { tune, name: name.trim(), line: toStored(line, structuredClone(frame)) };
      this.em.create(SoloEntity, fields, { partial: true });
      // Each is weighed beside those before it.
      await this.em.flush();
    }
  }
}
