import equal from 'fast-deep-equal';
import type { StoredArrangement, StoredComp } from '../arrangement/stored/stored';
import { INSTRUMENT_IDS, labelOfInstrument } from '../voicing/base/instruments';
import { familyOf } from '../voicing/families';
import { itemsByKey } from './items';

/** What changed in an arrangement, in words; none where nothing did. */
export function tellSetups(before: StoredArrangement, after: StoredArrangement): string[] {
  return [
    ...CHOICES.flatMap((tell) => tell(before, after)),
    ...INSTRUMENT_IDS.flatMap((id) =>
      tellItems(`setup.locks.${id}`, before.locks[id] ?? [], after.locks[id] ?? [], LOCKS),
    ),
    ...LISTS.flatMap(({ path, of, words }) => tellItems(path, of(before), of(after), words)),
  ];
}

type Tell = (before: StoredArrangement, after: StoredArrangement) => string[];

/** Says one choice, before and after. */
const choice =
  (name: string, of: (setup: StoredArrangement) => string): Tell =>
  (before, after) => {
    const [was, is] = [of(before), of(after)];
    return was === is ? [] : [`${name}: ${was} → ${is}`];
  };

/** Says that something with many parts changed. */
const changed =
  (words: string, of: (setup: StoredArrangement) => unknown): Tell =>
  (before, after) =>
    equal(of(before), of(after)) ? [] : [words];

const yesNo = (value: boolean): string => (value ? 'yes' : 'no');

const CHOICES: readonly Tell[] = [
  choice('instrument', ({ instrument }) => labelOfInstrument(instrument).toLowerCase()),
  choice('hands', ({ keyboardHands }) => keyboardHands),
  choice('room', ({ room }) => room.label),
  (before, after) =>
    before.room.label === after.room.label && !equal(before.room, after.room)
      ? ['register of the room']
      : [],
  choice('families', ({ families }) => families.map((id) => familyOf(id).label).join(', ')),
  choice('tensions', ({ tensions }) => tensions),
  changed('voices, strings and lowest note asked for', ({ asked }) => asked),
  changed('what smoothness weighs', ({ weights }) => weights),
  choice('loop', ({ loop }) => yesNo(loop)),
  choice('repeated passages', ({ returns }) => returns),
  choice('stay in place', ({ stayInPlace }) => yesNo(stayInPlace)),
  choice('common tone kept on top', ({ line }) => yesNo(line.keepTop)),
  changed('shapes of the top line', ({ line }) => line.spans),
  changed('plan of the choruses', ({ comp }) => comp.plan),
  choice('bass', ({ comp }) => comp.bass),
  choice('drums', ({ comp }) => comp.drums),
  choice('ending', ({ comp }) => comp.ending ?? 'as written'),
  choice('swing', ({ comp }) => `${comp.swing} %`),
  changed('who is comped behind, and how closely', ({ comp }) => followed(comp)),
];

const followed = ({ behind, ownLine, strictness, yields }: StoredComp): unknown[] => [
  behind,
  ownLine ?? false,
  strictness,
  yields,
];

/** How a number of things is said: one, and more. */
type Words = readonly [one: string, more: string];

const LOCKS: Words = ['lock', 'locks'];

const LISTS: readonly {
  readonly path: string;
  readonly of: (setup: StoredArrangement) => readonly unknown[];
  readonly words: Words;
}[] = [
  { path: 'setup.splits', of: ({ splits }) => splits, words: ['split', 'splits'] },
  {
    path: 'setup.pools',
    of: ({ pools }) => pools,
    words: ['opened scale', 'opened scales'],
  },
  { path: 'setup.scales', of: ({ scales }) => scales, words: ['kept scale', 'kept scales'] },
  {
    path: 'setup.line.notes',
    of: ({ line }) => line.notes,
    words: ['top note', 'top notes'],
  },
  {
    path: 'setup.comp.hits',
    of: ({ comp }) => comp.hits,
    words: ['bar of hits', 'bars of hits'],
  },
  {
    path: 'setup.comp.devices',
    of: ({ comp }) => comp.devices,
    words: ['movement', 'movements'],
  },
];

/** "2 locks added", "1 lock removed", "3 bars of hits changed"; counted by chord or bar. */
function tellItems(
  path: string,
  before: readonly unknown[],
  after: readonly unknown[],
  [one, more]: Words,
): string[] {
  const [was, is] = [itemsByKey(path, before)!, itemsByKey(path, after)!];
  const added = [...is.keys()].filter((key) => !was.has(key)).length;
  const removed = [...was.keys()].filter((key) => !is.has(key)).length;
  const other = [...is].filter(([key, item]) => was.has(key) && !equal(was.get(key), item)).length;
  const counted = (count: number, what: string): string[] =>
    count ? [`${count} ${count === 1 ? one : more} ${what}`] : [];
  return [...counted(added, 'added'), ...counted(removed, 'removed'), ...counted(other, 'changed')];
}
