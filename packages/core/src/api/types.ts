/**
 * What goes over the API, said once: the server's classes are checked against these types by the
 * compiler, and the web application uses them as they are.
 */
import type { LandmarkKind } from '../analysis/base/types';
import type { Profile } from '../arrangement/profile/profile';
import type { LineFrame } from '../arrangement/stored/placedLine';
import type { StoredArrangement } from '../arrangement/stored/stored';
import type { ChartPlaces } from '../chart/placeTypes';
import type { Feel } from '../chart/types';
import type { Lick } from '../comp/licks/types';
import type { SoloLine } from '../comp/solo/types';
import type { BookTune } from '../formats/wholeBook/types';

export interface TuneFields {
  readonly title: string;
  /** The changes as typed. */
  readonly text: string;
  /** The identities of what the text holds; left out by those who only know the text. */
  readonly places?: ChartPlaces;
  readonly key: string;
  readonly meter: string;
  readonly tempo: number;
  readonly feel: Feel;
}

/** Tunes that come into the book together; more are sent one group after the other. */
export const MOST_AT_ONCE = 100;
/** Lines that come with one tune. */
export const MOST_INCOMING_SOLOS = 8;

/** Tunes that come into the book together, each with its lines, or not at all. */
export interface NewTunesFields {
  readonly tunes: readonly (NewTuneFields & { readonly solos: readonly SoloFields[] })[];
}

/** A tune that is not in the book yet; its id may be chosen by who sends it. */
export interface NewTuneFields extends TuneFields {
  readonly id?: string;
}

/** Tunes of one answer; who wants more asks for those after the last. */
export const TUNES_A_PAGE = 500;

/** Moments of a history in one answer; earlier ones are asked for from the last of them. */
export const MOMENTS_A_PAGE = 200;

/** What the book shows of a tune. */
export interface TuneGlance {
  readonly id: string;
  readonly title: string;
  readonly key: string;
  readonly meter: string;
  readonly tempo: number;
  readonly feel: Feel;
  /** Section letters in order, `A A B A`; empty where none is labelled. */
  readonly form: string;
  /** The form in words, "32-bar AABA"; empty where it has no name. */
  readonly formName: string;
  /** Bars of one chorus. */
  readonly bars: number;
  /** How many symbols and signs of the chart cannot be read. */
  readonly problems: number;
  /** The key it is heard in, as `Eb major`. */
  readonly homeKey: string;
  /** Kinds of landmarks in it, each once. */
  readonly landmarks: readonly LandmarkKind[];
  readonly version: number;
  readonly updatedAt: string;
}

/** A tune as the book lists it. */
export interface ListedTune extends TuneGlance {
  /** When the tune, an arrangement or a solo line of it was changed last, in any way. */
  readonly changedAt: string;
}

/** A tune whole, with its arrangements. */
export interface TuneView extends TuneGlance {
  readonly text: string;
  readonly places: ChartPlaces;
  readonly arrangements: readonly ArrangementView[];
}

export interface ArrangementFields {
  readonly name: string;
  readonly setup: StoredArrangement;
}

export interface ArrangementView extends ArrangementFields {
  readonly id: string;
  readonly tuneId: string;
  readonly version: number;
}

/** Whether the book has a passphrase, and whether who asks has entered with it. */
export interface DoorView {
  readonly locked: boolean;
  readonly open: boolean;
}

export interface EnterFields {
  readonly passphrase: string;
}

export interface PassphraseFields extends EnterFields {
  /** The one that is set; needed to change it. */
  readonly current?: string;
}

/** A moment at which a tune was saved, as an ISO date. */
export interface TuneMoment {
  readonly at: string;
}

/** A tune as it was at a moment, with its arrangements. */
export interface TuneThen extends Required<TuneFields>, TuneMoment {
  readonly arrangements: readonly (ArrangementFields & { readonly id: string })[];
}

export type ThrownAwayKind = 'tune' | 'arrangement' | 'set' | 'solo' | 'lick' | 'entry';

/** Something that was thrown away and can be put back. */
export interface ThrownAway {
  readonly kind: ThrownAwayKind;
  readonly id: string;
  readonly name: string;
  /** The title of the tune it belongs to, where it is part of one. */
  readonly ofTune: string | null;
  /** When it was thrown away, as an ISO date. */
  readonly at: string;
}

/** Tunes in playing order. */
export interface SetFields {
  readonly name: string;
  readonly tuneIds: readonly string[];
  /** The day it is played, as `2026-12-04`. */
  readonly day?: string;
}

export interface SetView extends SetFields {
  readonly id: string;
  readonly version: number;
}

export interface ProfileView {
  readonly profile: Profile;
  /** 0 while the profile is the one that everybody begins with. */
  readonly version: number;
}

export interface SoloFields {
  readonly name: string;
  readonly line: SoloLine;
  /** What it is played over; left out by those who mean the tune as it is stored. */
  readonly over?: LineFrame;
}

/** A solo line over a tune. */
export interface SoloView extends SoloFields {
  readonly id: string;
  readonly tuneId: string;
  readonly over: LineFrame;
  readonly version: number;
}

/** A phrase of the player's own, with the rhythm of its answer. */
export type LickFields = Lick;

export interface LickView extends LickFields {
  readonly id: string;
  readonly version: number;
}

/** One field of a request that is not as it should be. */
export interface FieldProblem {
  /** Where in the body: `setup.locks.guitar.0.voicing`. */
  readonly path: string;
  readonly message: string;
}

/** An error as it leaves the server. Source: RFC 9457, problem details for HTTP APIs. */
export interface ProblemDetails {
  readonly type: 'about:blank';
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly instance: string;
  /** What whoever runs the server finds in its log. */
  readonly reference: string;
  readonly errors?: readonly FieldProblem[];
  /** On 409: what is stored. */
  readonly theirs?: unknown;
}

/** Solo lines of one tune that are put back at once. */
export const MOST_SOLOS_OF_TUNE = 100;

/** A tune from the archive of a book, with all that hangs on it. */
export type PutTuneFields = TuneFields & Pick<BookTune, 'arrangements' | 'solos'>;
