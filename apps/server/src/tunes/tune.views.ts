import { formOf, parseChart, parseMeter } from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';
import { ArrangementView } from '../arrangements/arrangement.views';
import type { TuneEntity } from './tune.entity';

/** What a tune shows at a glance. */
export class TuneGlance {
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly title: string;
  @ApiProperty() readonly key: string;
  @ApiProperty() readonly meter: string;
  @ApiProperty() readonly tempo: number;
  @ApiProperty() readonly feel: string;
  /** Section letters in order, `A A B A`; empty where none is labelled. */
  @ApiProperty() readonly form: string;
  /** Bars of one chorus. */
  @ApiProperty() readonly bars: number;
  /** How many places of the chart cannot be read. */
  @ApiProperty() readonly problems: number;
  @ApiProperty() readonly version: number;
  @ApiProperty() readonly updatedAt: string;

  constructor(tune: TuneEntity) {
    const { chart, problems } = parseChart(tune.text, parseMeter(tune.meter));
    const form = formOf(chart);
    this.id = tune.id;
    this.title = tune.title;
    this.key = tune.key;
    this.meter = tune.meter;
    this.tempo = tune.tempo;
    this.feel = tune.feel;
    this.form = form.letters;
    this.bars = form.bars;
    this.problems = problems.length;
    this.version = tune.version;
    this.updatedAt = tune.updatedAt.toISOString();
  }
}

/** A tune whole, with its arrangements. */
export class TuneView extends TuneGlance {
  @ApiProperty() readonly text: string;
  @ApiProperty({ type: [ArrangementView] }) readonly arrangements: ArrangementView[];

  constructor(tune: TuneEntity) {
    super(tune);
    this.text = tune.text;
    this.arrangements = tune.arrangements.getItems().map((item) => new ArrangementView(item));
  }
}
