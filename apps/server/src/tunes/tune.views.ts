import { ApiProperty } from '@nestjs/swagger';
import type {
  ChartPlaces,
  Feel,
  LandmarkKind,
  ListedTune as Listed,
  TuneGlance as Glance,
  TuneView as View,
} from '@drop-close/core';
import { ArrangementView, type ArrangementParts } from '../arrangements/arrangement.views';
import { noSummary } from './summary';
import { writtenChartOf } from './written';
import type { TuneEntity } from './tune.entity';

/** What of a tune is shown at a glance. */
export type Glanced = Pick<
  TuneEntity,
  'id' | 'title' | 'key' | 'meter' | 'tempo' | 'feel' | 'summary' | 'version' | 'updatedAt'
>;

/** What is shown of a tune itself. */
export type TuneParts = Glanced & Pick<TuneEntity, 'text' | 'places'>;

/** What a tune shows at a glance. */
export class TuneGlance implements Glance {
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly title: string;
  @ApiProperty() readonly key: string;
  @ApiProperty() readonly meter: string;
  @ApiProperty() readonly tempo: number;
  @ApiProperty({ type: String }) readonly feel: Feel;
  /** Section letters in order, `A A B A`; empty where none is labelled. */
  @ApiProperty() readonly form: string;
  /** The form in words, "32-bar AABA"; empty where it has no name. */
  @ApiProperty() readonly formName: string;
  /** Bars of one chorus. */
  @ApiProperty() readonly bars: number;
  /** How many places of the chart cannot be read. */
  @ApiProperty() readonly problems: number;
  /** The key it is heard in, as `Eb major`. */
  @ApiProperty() readonly homeKey: string;
  /** Kinds of landmarks in it, each once. */
  @ApiProperty({ type: [String] }) readonly landmarks: readonly LandmarkKind[];
  @ApiProperty() readonly version: number;
  @ApiProperty() readonly updatedAt: string;

  constructor(tune: Glanced) {
    const summary = tune.summary ?? noSummary;
    this.id = tune.id;
    this.title = tune.title;
    this.key = tune.key;
    this.meter = tune.meter;
    this.tempo = tune.tempo;
    this.feel = tune.feel;
    this.form = summary.letters;
    this.formName = summary.form;
    this.bars = summary.bars;
    this.problems = summary.problems;
    this.homeKey = summary.homeKey;
    this.landmarks = summary.landmarks;
    this.version = tune.version;
    this.updatedAt = tune.updatedAt.toISOString();
  }
}

/** A tune as the book lists it. */
export class ListedTune extends TuneGlance implements Listed {
  @ApiProperty() readonly changedAt: string;

  constructor({ changedAt, ...glanced }: Glanced & { readonly changedAt: Date }) {
    super(glanced);
    this.changedAt = changedAt.toISOString();
  }
}

/** A tune whole, with its arrangements. */
export class TuneView extends TuneGlance implements View {
  @ApiProperty() readonly text: string;
  @ApiProperty({ type: Object }) readonly places: ChartPlaces;
  @ApiProperty({ type: [ArrangementView] }) readonly arrangements: ArrangementView[];

  constructor(tune: TuneParts, arrangements: readonly ArrangementParts[]) {
    super(tune);
    this.text = tune.text;
    this.places = writtenChartOf(tune).places;
    this.arrangements = arrangements.map((each) => new ArrangementView(each));
  }
}
