import { MikroORM } from '@mikro-orm/core';
import { Controller, Get, ServiceUnavailableException } from '@nestjs/common';
import { Outside } from '../door/outside';
import { WorkPool } from '../workers/workPool';
import { ApiOkResponse, ApiProperty, ApiTags } from '@nestjs/swagger';

export class Health {
  @ApiProperty() readonly status: 'ok' = 'ok' as const;
  @ApiProperty() readonly database: 'ok' = 'ok' as const;
  /** What waits to be done beside the requests. */
  @ApiProperty({ type: Object }) readonly work: ReturnType<WorkPool['state']>;

  constructor(work: WorkPool) {
    this.work = work.state();
  }
}

@ApiTags('health')
@Outside()
@Controller('health')
export class HealthController {
  constructor(
    private readonly orm: MikroORM,
    private readonly work: WorkPool,
  ) {}

  /** Asks the database, so that "ok" means that saving works. */
  @Get()
  @ApiOkResponse({ type: Health })
  async check(): Promise<Health> {
    if (await this.orm.isConnected()) return new Health(this.work);
    throw new ServiceUnavailableException('The database does not answer.');
  }
}
