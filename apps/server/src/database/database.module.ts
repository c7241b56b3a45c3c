import { MikroOrmModule } from '@mikro-orm/nestjs';
import { PostgreSqlDriver } from '@mikro-orm/postgresql';
import { Module } from '@nestjs/common';
import { readConfig } from '../config';
import { databaseOptions } from './mikro-orm.config';

@Module({
  imports: [
    MikroOrmModule.forRootAsync({
      driver: PostgreSqlDriver,
      useFactory: () => databaseOptions(readConfig().databaseUrl),
    }),
  ],
})
export class DatabaseModule {}
