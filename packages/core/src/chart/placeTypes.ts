/**
 * Names a written bar and what stands in it, for as long as the chart lives and wherever edits take it.
 * `slots` names what sounds in the bar from its beginning, `%` filled in: one name a slot.
 */
export interface BarIdentity {
  readonly id: string;
  readonly slots: readonly string[];
}

export interface SectionIdentity {
  readonly id: string;
  readonly bars: readonly BarIdentity[];
}

/** The identities of a chart's sections and bars, kept beside its text in the order of the text. */
export interface ChartPlaces {
  /** How far the tune has been transposed since its identities were given, 0..11 semitones up. */
  readonly transposed: number;
  readonly sections: readonly SectionIdentity[];
}

/** A bar of the chorus: a written bar, and which of the times it is played, from 0. */
export interface BarPlace {
  readonly bar: string;
  readonly pass: number;
}

/** A chord of the chorus, or a part of one that the player has split. */
export interface ChordPlace {
  readonly slot: string;
  /** Which of the times its bar is played, from 0. */
  readonly pass: number;
  /** How many quarters after the chord its part begins; missing at its beginning. */
  readonly after?: number;
}

/** A section of the chorus. */
export interface SectionPlace {
  readonly section: string;
  /** Which of the times its first bar is played, from 0. */
  readonly pass: number;
}

/** Tells places apart: the same text for the same place, none other for another. */
export const chordKey = ({ slot, pass, after = 0 }: ChordPlace): string =>
  `${slot} ${pass} ${after}`;
export const barKey = ({ bar, pass }: BarPlace): string => `${bar} ${pass}`;
export const sectionKey = ({ section, pass }: SectionPlace): string => `${section} ${pass}`;
