import { dayOf, dayNumber, itemOf, type LogEntry, type PracticeNoteFields } from '@drop-close/core';
import { randomUUID } from 'node:crypto';
import type { ItemsService } from '../practice/items/items.service';
import type { LogService } from '../practice/log/log.service';

/** When on a day the group practises, in hours after its beginning; and between two things, in ms. */
const EVENING = 18;
const APART = 150_000;
const AT_ONCE = 200;

/** The day it is by this machine's calendar. */
export function today(): string {
  const now = new Date();
  return dayOf(Math.floor((now.getTime() - now.getTimezoneOffset() * 60_000) / 86_400_000));
}

/** 1 January 1970 was a Thursday. */
const THURSDAY = 4;
const DAYS = 7;
/** Time is left to practise for it. */
const AHEAD = 3;

/** The next day of the week, 0 a Sunday, that is some days ahead. */
export function nextOn(weekday: number): string {
  const from = (dayNumber(today()) ?? 0) + AHEAD;
  return dayOf(from + ((((weekday - from - THURSDAY) % DAYS) + DAYS) % DAYS));
}

/** Writes the logbook of the demo, and what was practised in it. @param idOf of a tune by its title */
export async function loadPractice(
  items: ItemsService,
  log: LogService,
  entries: readonly LogEntry[],
  idOf: (title: string) => string | undefined,
): Promise<void> {
  const named = entries.map((entry) => ({ ...entry, ...withIds(entry, idOf) }));
  for (let from = 0; from < named.length; from += AT_ONCE) {
    const some = named.slice(from, from + AT_ONCE);
    await log.add(some);
    await items.add(some.flatMap((entry, at) => noteOf(entry, from + at)));
  }
}

/** @throws when it names a tune that is not there */
function withIds({ item }: LogEntry, idOf: (title: string) => string | undefined) {
  const read = item === undefined ? undefined : itemOf(item);
  if (!read?.ok || read.value.kind !== 'layer') return {};
  const id = idOf(read.value.tuneId);
  if (id === undefined) throw new Error(`practice.csv: there is no tune "${read.value.tuneId}".`);
  return { item: `layer / ${read.value.layer} / ${id}` };
}

function noteOf({ day, item, grade, tempo }: LogEntry, place: number): PracticeNoteFields[] {
  if (item === undefined || !grade) return [];
  const at = new Date(`${day}T00:00:00`).setHours(EVENING) + (place % 20) * APART;
  return [
    {
      ...{ id: randomUUID(), item, kind: 'review', at: Math.round(at), grade },
      ...(tempo !== undefined && { tempo }),
    },
  ];
}
