import {
  ARRANGEMENT_VERSION,
  upgradeArrangement,
  type StoredArrangement,
  type ArrangementView as View,
} from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';
import { writtenOf, type WrittenTune } from '../tunes/written';
import type { ArrangementEntity } from './arrangement.entity';

/** What of an arrangement is shown, and the tune that it is of. */
export type ArrangementParts = Pick<
  ArrangementEntity,
  'id' | 'name' | 'setup' | 'version' | 'updatedAt'
> & { readonly tune: WrittenTune & { readonly id: string } };

export class ArrangementView implements View {
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly tuneId: string;
  @ApiProperty() readonly name: string;
  @ApiProperty({ type: Object }) readonly setup: StoredArrangement;
  @ApiProperty() readonly version: number;
  @ApiProperty() readonly updatedAt: string;

  constructor(arrangement: ArrangementParts) {
    this.id = arrangement.id;
    this.tuneId = arrangement.tune.id;
    this.name = arrangement.name;
    this.setup = setupToday(arrangement);
    this.version = arrangement.version;
    this.updatedAt = arrangement.updatedAt.toISOString();
  }
}

/** The setup of an arrangement in the shape of today. */
export const setupToday = ({
  setup,
  tune,
}: Pick<ArrangementParts, 'setup' | 'tune'>): StoredArrangement =>
  setup.version === ARRANGEMENT_VERSION ? setup : upgradeArrangement(setup, writtenOf(tune));
