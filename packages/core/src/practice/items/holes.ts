/**
 * The map of holes: forms down, keys across, and how well each is known. Strength is told by a number and a word, so that
 * it can be drawn as a pattern.
 */
import type { FamilyId, Inversion } from '../../voicing/base/types';
import { knownAt } from '../schedule/scheduleOf';
import type { Schedule } from '../schedule/types';
import { KEY_GROUPS, type FormItem, type KeyGroup, type PracticeItem, type Quality } from './items';

export const STRENGTHS = ['never', 'lost', 'fading', 'known', 'firm'] as const;
export type Strength = (typeof STRENGTHS)[number];

/** From this stability on, in days, what is known is firm. Source: FSRS counts an interval of three weeks as mature. */
const FIRM_DAYS = 21;
const KNOWN = 0.85;
const FADING = 0.6;

/** How well something is known at a moment, in ms since 1970. */
export function strengthOf(schedule: Schedule | undefined, now: number): Strength {
  if (!schedule) return 'never';
  const known = knownAt(schedule, now);
  if (known < FADING) return 'lost';
  if (known < KNOWN) return 'fading';
  return schedule.stability >= FIRM_DAYS ? 'firm' : 'known';
}

/** A row of the map: one form, whatever the quality. */
export interface HoleRow {
  readonly family: FamilyId;
  readonly where: string;
  readonly inversion: Inversion;
  /** One for each group of keys, in their order. */
  readonly cells: readonly HoleCell[];
}

export interface HoleCell {
  readonly keys: KeyGroup;
  /** The weakest of its qualities; never where one of those that are practised anywhere is missing here. */
  readonly strength: Strength;
  /** Percent known now, over the qualities; 0 where none was practised. */
  readonly percent: number;
  /** The quality that is known least there: what to practise. */
  readonly quality: Quality;
}

/** What is known of an item. */
export interface Known {
  readonly item: PracticeItem;
  readonly schedule: Schedule | undefined;
}

/** Rows in the order in which they come; forms that nobody has begun have none. */
export function mapOfHoles(all: readonly Known[], now: number): HoleRow[] {
  const forms = all.flatMap(({ item, schedule }) =>
    item.kind === 'form' ? [{ item, schedule }] : [],
  );
  const rows = new Map<string, PractisedForm[]>();
  for (const form of forms) {
    const { family, where, inversion } = form.item;
    const name = `${family} ${where} ${inversion}`;
    rows.set(name, [...(rows.get(name) ?? []), form]);
  }
  return [...rows.values()].map((own) => {
    const { family, where, inversion } = own[0]!.item;
    const qualities = [...new Set(own.map(({ item }) => item.quality))];
    const cells = KEY_GROUPS.map((keys) => cellOf(keys, qualities, own, now));
    return { family, where, inversion, cells };
  });
}

interface PractisedForm {
  readonly item: FormItem;
  readonly schedule: Schedule | undefined;
}

function cellOf(
  keys: KeyGroup,
  qualities: readonly Quality[],
  row: readonly PractisedForm[],
  now: number,
): HoleCell {
  const here = qualities.map((quality) => {
    const form = row.find(({ item }) => item.keys === keys && item.quality === quality);
    const schedule = form?.schedule;
    return { quality, schedule, known: schedule ? knownAt(schedule, now) : 0 };
  });
  const sum = here.reduce((total, { known }) => total + known, 0);
  const least = Math.min(...here.map(({ known }) => known));
  return {
    keys,
    strength: weakest(here.map(({ schedule }) => strengthOf(schedule, now))),
    percent: Math.round((sum / qualities.length) * 100),
    quality: here.find(({ known }) => known === least)!.quality,
  };
}

const weakest = (strengths: readonly Strength[]): Strength =>
  STRENGTHS.find((each) => strengths.includes(each)) ?? 'never';

/**
 * How ready a tune is for a day, 0..1: how much of its items will still be known then. What was never practised counts
 * as unknown, and so do layers that are wanted and have no item.
 * @param wanted how many items the tune would have if all of it were practised; at least one
 * @param day in ms since 1970
 */
export function readiness(
  tuneId: string,
  all: readonly Known[],
  wanted: number,
  day: number,
): number {
  const own = all.filter(({ item }) => item.kind === 'layer' && item.tuneId === tuneId);
  const known = own.reduce((sum, { schedule }) => sum + (schedule ? knownAt(schedule, day) : 0), 0);
  return known / Math.max(wanted, own.length, 1);
}
