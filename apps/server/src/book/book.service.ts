import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { setupOf } from '../arrangements/arrangement.dto';
import { LickBody } from '../licks/lick.dto';
import { LickEntity } from '../licks/lick.entity';
import { InvalidBody } from '../problem/errors';
import { SetBody } from '../sets/set.dto';
import { SetEntity } from '../sets/set.entity';
import { SoloEntity } from '../solos/solo.entity';
import { toStored } from '../solos/storedLine';
import { checkRoom } from '../stored/room';
import { SummariesService } from '../tunes/summaries.service';
import { TunesService } from '../tunes/tunes.service';
import { TuneEntity } from '../tunes/tune.entity';
import { PutTuneBody } from './book.dto';

/** Something that hangs on a tune and can be thrown away. */
interface Hanging {
  readonly id: string;
  readonly tune: { readonly id: string };
  deletedAt: Date | null;
}

/** Puts what comes from an archive where it was: what is there is written over, what was thrown away is there again. */
@Injectable()
export class BookService {
  constructor(
    private readonly em: EntityManager,
    private readonly tunes: TunesService,
    private readonly summaries: SummariesService,
  ) {}

  /** A tune with its arrangements and solo lines, as they were: others that hang on it are thrown away. */
  async putTune(id: string, body: PutTuneBody): Promise<void> {
    await this.em.transactional(async () => {
      const tune = await this.tuneWith(id, body);
      await this.putArrangements(tune, body.arrangements);
      await this.putSolos(tune, body.solos);
    });
    this.summaries.later(id);
  }

  async putSet(id: string, { name, tuneIds, day }: SetBody): Promise<void> {
    await checkRoom(this.em, 'set', { name, tuneIds }, { id });
    const fields = { name: name.trim(), tuneIds: [...tuneIds], day: day ?? null, deletedAt: null };
    const stored = await this.em.findOne(SetEntity, { id });
    if (stored) Object.assign(stored, fields);
    else this.em.create(SetEntity, { id, ...fields }, { partial: true });
    await this.em.flush();
  }

  async putLick(id: string, { name, key, notes, answer }: LickBody): Promise<void> {
    const fields = { name, key, notes, answer, deletedAt: null };
    await checkRoom(this.em, 'lick', fields, { id });
    const stored = await this.em.findOne(LickEntity, { id });
    if (stored) Object.assign(stored, fields);
    else this.em.create(LickEntity, { id, ...fields }, { partial: true });
    await this.em.flush();
  }

  private async tuneWith(id: string, body: PutTuneBody): Promise<TuneEntity> {
    const fields = this.tunes.fieldsOf(body);
    await checkRoom(this.em, 'tune', { text: body.text, places: body.places }, { tuneId: id });
    const stored = await this.em.findOne(TuneEntity, { id });
    if (!stored) return this.em.create(TuneEntity, { id, ...fields }, { partial: true });
    return Object.assign(stored, fields, { deletedAt: null });
  }

  private async putArrangements(
    tune: TuneEntity,
    bodies: PutTuneBody['arrangements'],
  ): Promise<void> {
    const ids = bodies.map(({ id }) => id);
    const stored = await this.em.find(ArrangementEntity, { $or: [{ tune: tune.id }, { id: ids }] });
    const own = this.hanging(tune, 'arrangements', ids, stored);
    const now = Date.now();
    bodies.forEach((body, at) => {
      const fields = { name: body.name.trim(), setup: setupOf(body), deletedAt: null };
      const there = own.get(body.id);
      if (there) Object.assign(there, fields);
      else {
        // They stand in the order in which they were made.
        const made = { ...fields, id: body.id, tune, createdAt: new Date(now + at) };
        this.em.create(ArrangementEntity, made, { partial: true });
      }
    });
    await this.em.flush();
  }

  private async putSolos(tune: TuneEntity, bodies: PutTuneBody['solos']): Promise<void> {
    const ids = bodies.map(({ id }) => id);
    const stored = await this.em.find(SoloEntity, { $or: [{ tune: tune.id }, { id: ids }] });
    const own = this.hanging(tune, 'solos', ids, stored);
    const now = Date.now();
    for (const [at, { id, name, line, over }] of bodies.entries()) {
      await checkRoom(this.em, 'solo', { line, over }, { id, tuneId: tune.id });
      const fields = { name: name.trim(), line: toStored(line, structuredClone(over)) };
      const there = own.get(id);
      if (there) Object.assign(there, fields, { deletedAt: null });
      else {
        const made = { ...fields, id, tune, createdAt: new Date(now + at) };
        this.em.create(SoloEntity, made, { partial: true });
      }
      // Each is weighed beside those before it.
      await this.em.flush();
    }
  }

  /**
   * What hangs on a tune by its ids; what is not among those that come is thrown away.
   * @throws InvalidBody where an id is that of another tune's
   */
  private hanging<T extends Hanging>(
    tune: TuneEntity,
    field: string,
    ids: readonly string[],
    stored: readonly T[],
  ): ReadonlyMap<string, T> {
    const stray = stored.find((each) => each.tune.id !== tune.id);
    if (stray) {
      const path = `${field}.${ids.indexOf(stray.id)}.id`;
      throw new InvalidBody([{ path, message: 'belongs to another tune of this book' }]);
    }
    const now = new Date();
    for (const each of stored) if (!ids.includes(each.id)) each.deletedAt ??= now;
    return new Map(stored.map((each) => [each.id, each]));
  }
}
