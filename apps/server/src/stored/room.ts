import type { EntityManager } from '@mikro-orm/core';
import { Overlong } from '../problem/errors';

/** How much goes out in one answer, in bytes of JSON; with what a view adds it stays under 1 MB. */
const MOST = 780_000;
/** Twenty of this size are less than what `MOST` leaves to 1 MB: most saves of arrangements look at nothing. */
const SMALL = 10_000;

/** What is put where. */
interface Place {
  /** Of the thing, where it is there already. */
  readonly id?: string;
  /** Of its tune, where it has one. */
  readonly tuneId?: string;
}

/** A sum in SQL, and the values of its question marks. */
interface Sum {
  readonly sql: string;
  readonly values: readonly unknown[];
}

/** Things that go out in one answer together. */
interface Shelf {
  /** What is said to be full. */
  readonly name: string;
  /** How much the others on it weigh. */
  readonly others: (place: Place) => Sum;
  /** How much the thing itself weighs as it is stored now. */
  readonly before: (place: Place) => Sum;
  /** A thing up to this size is put there without looking at the others; in bytes. */
  readonly small: number;
}

/** Bytes of a row, by its table. */
const SIZES = {
  tune: `octet_length(text) + octet_length(coalesce(places, '{}')::text)`,
  arrangement: 'octet_length(setup::text)',
  // Notes are stored without the names of their fields.
  solo_line: `octet_length(line::text) + 40 * jsonb_array_length(line->'notes')`,
  lick: 'octet_length(notes) + octet_length(answer) + octet_length(name) + 200',
  tune_set: 'octet_length(tune_ids::text) + octet_length(name) + 200',
} as const;
type Table = keyof typeof SIZES;

const sizeOf = (table: Table, id: string | undefined): Sum => ({
  sql: `coalesce((select ${SIZES[table]} from ${table} where id = ?), 0)`,
  values: [id ?? null],
});

const othersIn = (table: Table, { id }: Place): Sum => ({
  sql: `coalesce((
    select sum(${SIZES[table]}) from ${table} where deleted_at is null and id is distinct from ?), 0)`,
  values: [id ?? null],
});

const othersOfTune = (table: Table, { id, tuneId }: Place): Sum => ({
  sql: `coalesce((
    select sum(${SIZES[table]}) from ${table}
    where tune_id = ? and deleted_at is null and id is distinct from ?), 0)`,
  values: [tuneId, id ?? null],
});

const plus = (a: Sum, b: Sum): Sum => ({
  sql: `${a.sql} + ${b.sql}`,
  values: [...a.values, ...b.values],
});

const TUNE = 'A tune and its arrangements';

const SHELVES = {
  tune: {
    name: TUNE,
    others: ({ tuneId = '' }) => othersOfTune('arrangement', { tuneId }),
    before: ({ tuneId }) => sizeOf('tune', tuneId),
    small: SMALL,
  },
  arrangement: {
    name: TUNE,
    others: (place) => plus(sizeOf('tune', place.tuneId), othersOfTune('arrangement', place)),
    before: ({ id }) => sizeOf('arrangement', id),
    small: SMALL,
  },
  solo: {
    name: 'The solo lines of a tune',
    others: (place) => othersOfTune('solo_line', place),
    before: ({ id }) => sizeOf('solo_line', id),
    small: 0,
  },
  lick: {
    name: 'The licks of the book',
    others: (place) => othersIn('lick', place),
    before: ({ id }) => sizeOf('lick', id),
    small: 0,
  },
  set: {
    name: 'The sets of the book',
    others: (place) => othersIn('tune_set', place),
    before: ({ id }) => sizeOf('tune_set', id),
    small: 0,
  },
} as const satisfies Readonly<Record<string, Shelf>>;

/**
 * Whether a thing can be put beside the others. In a book that is overfull already, what becomes no larger can.
 * @throws Overlong where they would be too much for one answer
 */
export async function checkRoom(
  em: EntityManager,
  kind: keyof typeof SHELVES,
  thing: unknown,
  place: Place = {},
): Promise<void> {
  const { name, small, ...shelf }: Shelf = SHELVES[kind];
  const own = Buffer.byteLength(JSON.stringify(thing));
  if (own <= small) return;
  const [others, before] = [shelf.others(place), shelf.before(place)];
  const sql = `select ${others.sql} as others, ${before.sql} as before`;
  const values = [...others.values, ...before.values];
  // Within a transaction what it has put there counts.
  const within = em.getTransactionContext<unknown>();
  const rows: unknown = await em.getConnection().execute(sql, values, 'all', within);
  const [row] = rows as Record<string, string>[];
  const all = own + Number(row?.['others']);
  if (all <= MOST || own <= Number(row?.['before'])) return;
  throw new Overlong(
    `${name} may take up to ${inKB(MOST)} together; this would make it ${inKB(all)}. Throw one of them away first.`,
  );
}

const inKB = (bytes: number): string => `${Math.ceil(bytes / 1000)} kB`;
