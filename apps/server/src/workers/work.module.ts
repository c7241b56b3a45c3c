import { Global, Module } from '@nestjs/common';
import { WorkPool } from './workPool';

@Global()
@Module({ providers: [WorkPool], exports: [WorkPool] })
export class WorkModule {}
