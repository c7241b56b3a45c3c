import { Injectable, type ArgumentMetadata, type PipeTransform } from '@nestjs/common';
import { InvalidBody, Overlong } from '../problem/errors';
import { TimeOver, WorkPool } from '../workers/workPool';
import { bodyClasses, type BodyClass } from './bodies';
import { bodyShape } from './bodyShape';
import { checkBody } from './checkBody';

/** How long a large body may take to check, in ms. */
const LONGEST_CHECK = 6000;

/**
 * Checks every body by its class, to the last field; what is not named there is refused. A large body is
 * checked by a worker and comes back as plain data.
 */
@Injectable()
export class BodyPipe implements PipeTransform {
  constructor(private readonly work: WorkPool) {}

  async transform(value: unknown, { type, metatype }: ArgumentMetadata): Promise<unknown> {
    if (type !== 'body') return value;
    const bodyClass = metatype as BodyClass;
    if (!bodyClasses.has(bodyClass.name))
      throw new Error(`${bodyClass.name} is not in edge/bodies`);
    const { problems, large } = bodyShape(value);
    if (problems.length) throw new InvalidBody(problems);
    if (large) {
      await this.checkAside(bodyClass.name, value);
      return value;
    }
    const outcome = checkBody(bodyClass, value);
    if (outcome.problems.length) throw new InvalidBody(outcome.problems);
    return outcome.checked;
  }

  private async checkAside(name: string, body: unknown): Promise<void> {
    try {
      const problems = await this.work.run('check', { name, body }, LONGEST_CHECK);
      if (problems.length) throw new InvalidBody(problems);
    } catch (error) {
      if (error instanceof TimeOver) throw new Overlong('This is too much to check at once.');
      throw error;
    }
  }
}
