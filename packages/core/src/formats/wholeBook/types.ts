import type { Profile } from '../../arrangement/profile/profile';
import type { LineFrame } from '../../arrangement/stored/placedLine';
import type { StoredArrangement } from '../../arrangement/stored/stored';
import type { ChartPlaces } from '../../chart/placeTypes';
import type { Feel } from '../../chart/types';
import type { Lick } from '../../comp/licks/types';
import type { SoloLine } from '../../comp/solo/types';
import type { LogEntry } from '../../practice/log/log';
import type { PracticeNote } from '../../practice/schedule/types';
import type { SessionRun } from '../../practice/session/run';

/** Of the files of a book; a later one may hold more. */
export const BOOK_SCHEMA = 1;

interface Identified {
  readonly id: string;
}

export interface BookArrangement extends Identified {
  readonly name: string;
  readonly setup: StoredArrangement;
}

export interface BookSolo extends Identified {
  readonly name: string;
  readonly line: SoloLine;
  readonly over: LineFrame;
}

/** A tune with all that hangs on it. */
export interface BookTune extends Identified {
  readonly title: string;
  readonly text: string;
  readonly places: ChartPlaces;
  readonly key: string;
  readonly meter: string;
  readonly tempo: number;
  readonly feel: Feel;
  readonly arrangements: readonly BookArrangement[];
  readonly solos: readonly BookSolo[];
}

export interface BookSet extends Identified {
  readonly name: string;
  readonly tuneIds: readonly string[];
  readonly day?: string;
}

export type BookLick = Lick & Identified;
export type BookEntry = LogEntry & Identified;
/** When it reached the book is of that book alone. */
export type BookNote = PracticeNote extends infer N
  ? N extends PracticeNote
    ? Omit<N, 'received'>
    : never
  : never;

export interface BookSession extends SessionRun, Identified {
  readonly aim: { readonly kind: 'due' | 'tune' | 'set'; readonly id?: string };
  readonly begun: number;
  readonly ended?: number;
}

/** Everything in a book but what it was before. */
export interface WholeBook {
  readonly tunes: readonly BookTune[];
  readonly sets: readonly BookSet[];
  readonly licks: readonly BookLick[];
  readonly notes: readonly BookNote[];
  readonly sessions: readonly BookSession[];
  readonly entries: readonly BookEntry[];
  /** Hands, instruments and ways of writing; missing in a book nobody has set up. */
  readonly profile?: Profile;
}
