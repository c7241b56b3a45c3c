/** What is practised as it goes over the API. */
import type { LogEntry } from '../practice/log/log';
import type { Grade, PracticeNote, Recalled, Schedule } from '../practice/schedule/types';
import type { SessionRun } from '../practice/session/run';

/** A note of an item as it is sent: what it is of its kind, see `PracticeNote`. */
export interface PracticeNoteFields {
  /** A UUID, chosen by who notes it; the same one never counts twice. */
  readonly id: string;
  readonly item: string;
  readonly kind: PracticeNote['kind'];
  /** In ms since 1970, by the clock of the device. */
  readonly at: number;
  /** Of a review. */
  readonly grade?: Grade;
  /** Of a review that was played in time. */
  readonly tempo?: number;
  /** Of a review of a chart by heart. */
  readonly recalled?: Recalled;
  /** Of a `put`, in ms since 1970. */
  readonly due?: number;
  /** Of a note that takes another back: its id. */
  readonly of?: string;
}

export interface PracticeNotesFields {
  readonly notes: readonly PracticeNoteFields[];
}

/** An item that was practised, and what follows from its notes. */
export interface PracticeItemView extends Schedule {
  readonly item: string;
}

/** Items of one answer; who wants more asks for those after the last. */
export const ITEMS_A_PAGE = 2500;

/** An entry of the logbook; its id may be chosen by who sends it. */
export interface EntryFields extends LogEntry {
  readonly id?: string;
}

export interface EntriesFields {
  readonly entries: readonly EntryFields[];
}

export interface EntryView extends LogEntry {
  readonly id: string;
  readonly version: number;
}

/** Entries of one answer, the latest days first; who wants more asks for those before the last. */
export const ENTRIES_A_PAGE = 2000;

/** Sessions that are given at once: those that are looked back on. */
export const SESSIONS_A_PAGE = 20;

/** What a session is for. */
export interface SessionAim {
  readonly kind: 'due' | 'tune' | 'set';
  /** Of the tune or the set. */
  readonly id?: string;
}

/** A session as it goes. */
export interface SessionFields extends SessionRun {
  readonly aim: SessionAim;
  /** In ms since 1970. */
  readonly begun: number;
  /** In ms since 1970; not there while it goes on. */
  readonly ended?: number;
}

export interface NewSessionFields extends SessionFields {
  readonly id?: string;
}

export interface SessionView extends SessionFields {
  readonly id: string;
  readonly version: number;
}
