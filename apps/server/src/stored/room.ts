import type { EntityManager } from '@mikro-orm/core';
import { Overlong } from '../problem/errors';

/** How much goes out in one answer, in bytes of JSON; with what a view adds it stays under 1 MB. */
const MOST = 780_000;

/** Things that go out in one answer together. */
interface Shelf {
  /** What is said to be full. */
  readonly name: string;
  /** How much the others weigh: SQL with the id of the one put there, then, where `ofTune`, its tune's. */
  readonly others: string;
  readonly ofTune: boolean;
  /** A thing up to this size is put there without looking at the others; in bytes. */
  readonly small: number;
}

const inTune = (table: string, size: string, tune: string): Pick<Shelf, 'others' | 'ofTune'> => ({
  others: `
    select ${tune} + coalesce((
      select sum(${size}) from ${table} thing
      where thing.tune_id = tune.id and deleted_at is null and thing.id is distinct from ?), 0) as bytes
    from tune where id = ?`,
  ofTune: true,
});

const inBook = (table: string, size: string): Pick<Shelf, 'others' | 'ofTune'> => ({
  others: `
    select coalesce(sum(${size} + octet_length(name) + 200), 0) as bytes from ${table}
    where deleted_at is null and id is distinct from ?`,
  ofTune: false,
});

const TUNE = 'A tune and its arrangements';
/** Twenty of this size are less than what `MOST` leaves to 1 MB: most saves look at nothing. */
const SMALL_ARRANGEMENT = 10_000;

/** Notes are stored without the names of their fields. */
const SOLO_SIZE = `octet_length(line::text) + 40 * jsonb_array_length(line->'notes')`;

export const SHELVES = {
  tune: {
    name: TUNE,
    ...inTune('arrangement', 'octet_length(setup::text)', '0'),
    small: SMALL_ARRANGEMENT,
  },
  arrangement: {
    name: TUNE,
    ...inTune(
      'arrangement',
      'octet_length(setup::text)',
      `octet_length(text) + octet_length(coalesce(places, '{}')::text)`,
    ),
    small: SMALL_ARRANGEMENT,
  },
  solo: { name: 'The solo lines of a tune', ...inTune('solo_line', SOLO_SIZE, '0'), small: 0 },
  lick: {
    name: 'The licks of the book',
    ...inBook('lick', 'octet_length(notes) + octet_length(answer)'),
    small: 0,
  },
  set: {
    name: 'The sets of the book',
    ...inBook('tune_set', 'octet_length(tune_ids::text)'),
    small: 0,
  },
} as const satisfies Readonly<Record<string, Shelf>>;

/**
 * Whether a thing can be put beside the others.
 * @param id of the thing, where it is there already
 * @param tuneId of its tune, where it has one
 * @throws Overlong where they would be too much for one answer
 */
export async function checkRoom(
  em: EntityManager,
  kind: keyof typeof SHELVES,
  thing: unknown,
  { id, tuneId }: { readonly id?: string; readonly tuneId?: string } = {},
): Promise<void> {
  const { name, others, ofTune, small }: Shelf = SHELVES[kind];
  const own = Buffer.byteLength(JSON.stringify(thing));
  if (own <= small) return;
  const values = ofTune ? [id ?? null, tuneId] : [id ?? null];
  const rows = (await em.getConnection().execute(others, values)) as { bytes: string }[];
  const all = own + Number(rows[0]?.bytes ?? 0);
  if (all <= MOST) return;
  throw new Overlong(
    `${name} may take up to ${inKB(MOST)} together; this would make it ${inKB(all)}. Throw one of them away first.`,
  );
}

const inKB = (bytes: number): string => `${Math.ceil(bytes / 1000)} kB`;
