import { MikroORM } from '@mikro-orm/core';
import { Controller, Get, ServiceUnavailableException } from '@nestjs/common';
import { ApiOkResponse, ApiProperty, ApiTags } from '@nestjs/swagger';

export class Health {
  @ApiProperty() readonly status: 'ok' = 'ok' as const;
  @ApiProperty() readonly database: 'ok' = 'ok' as const;
}

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(private readonly orm: MikroORM) {}

  /** Asks the database, so that "ok" means that saving works. */
  @Get()
  @ApiOkResponse({ type: Health })
  async check(): Promise<Health> {
    if (await this.orm.isConnected()) return new Health();
    throw new ServiceUnavailableException('The database does not answer.');
  }
}
