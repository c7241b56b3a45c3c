import {
  frameOf,
  positionsIn,
  type LineFrame,
  type SoloLine,
  type SoloView as View,
} from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';
import { writtenOf } from '../tunes/written';
import type { SoloEntity } from './solo.entity';
import { fromStored } from './storedLine';

export class SoloView implements View {
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly tuneId: string;
  @ApiProperty() readonly name: string;
  @ApiProperty({ type: Object }) readonly line: SoloLine;
  @ApiProperty({ type: Object }) readonly over: LineFrame;
  @ApiProperty() readonly version: number;

  /** @param solo with its tune loaded */
  constructor(solo: SoloEntity) {
    this.id = solo.id;
    this.tuneId = solo.tune.id;
    this.name = solo.name;
    this.line = fromStored(solo.line);
    this.over = frameToday(solo);
    this.version = solo.version;
  }
}

/** What a stored line is over; one of the first shape is over its tune as that is stored. */
export function frameToday({ line, tune }: SoloEntity): LineFrame {
  if (line.version === 2) return line.over;
  const { chart, places } = writtenOf(tune);
  return frameOf(positionsIn(chart, places));
}
