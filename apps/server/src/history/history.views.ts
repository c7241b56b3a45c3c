import type {
  ArrangementFields,
  ChartPlaces,
  Feel,
  TuneMoment as Moment,
  TuneThen as Then,
} from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';

/** A moment at which a tune or one of its arrangements was saved. */
export class TuneMoment implements Moment {
  @ApiProperty() readonly at: string;

  constructor(at: Date) {
    this.at = at.toISOString();
  }
}

/** An arrangement as it was at a moment. */
export class ArrangementThen implements ArrangementFields {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty({ type: Object }) readonly setup!: ArrangementFields['setup'];
}

/** A tune as it was at a moment, with its arrangements. */
export class TuneThen implements Then {
  @ApiProperty() readonly at!: string;
  @ApiProperty() readonly title!: string;
  @ApiProperty() readonly text!: string;
  @ApiProperty({ type: Object }) readonly places!: ChartPlaces;
  @ApiProperty() readonly key!: string;
  @ApiProperty() readonly meter!: string;
  @ApiProperty() readonly tempo!: number;
  @ApiProperty({ type: String }) readonly feel!: Feel;
  @ApiProperty({ type: [ArrangementThen] }) readonly arrangements!: readonly ArrangementThen[];
}
