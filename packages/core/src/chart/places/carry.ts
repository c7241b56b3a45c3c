import { pitchClass } from '../../base/units';
import { slotText } from '../slot';
import type { Chart, Slot } from '../types';
import { matchBars } from './matchBars';
import { bestPairing } from './pairing';
import { soundingSlots } from './soundingSlots';
import type { BarIdentity, ChartPlaces, SectionIdentity } from '../placeTypes';

/** What pairs of slots are worth, each step more than all below it in one bar can come to. */
const SAME_CHORD = 1e6;
const SAME_HOLD = 1e3;
const ANY_SLOT = 1;

/** Gives names that no other edit gives. */
type NewId = () => string;

/**
 * The identities of a chart after an edit made on its bars: those that the edit left on bars and
 * sections stay, what is new gets its own, and of a bar that was copied the first keeps its name. In a
 * bar that was written in, slots keep theirs with their chords, and what took a chord's place takes
 * its name too.
 *
 * @param chart the chart that was edited, with its identities
 * @param after what the edit made of it; bars carry what identities they still have
 * @param seed begins the names of what is new; one that no edit of this chart has had
 * @param moved how many semitones the edit transposed the chart
 */
export function carryPlaces(
  chart: Chart,
  after: Chart,
  { transposed }: ChartPlaces,
  seed: string,
  moved = 0,
): ChartPlaces {
  const newId = idsFrom(seed);
  const keep = keepOnce();
  const slotsBefore = slotsById(chart);
  const sounding = soundingSlots(after);
  let written = 0;
  const sections = after.sections.map((section): SectionIdentity => {
    const bars = section.bars.map(({ identity }): BarIdentity => {
      const slots = sounding[written]!;
      written += 1;
      const id = keep(identity?.id);
      if (id === undefined) return { id: newId(), slots: slots.map(newId) };
      const before = slotsBefore.get(id);
      // Transposed chords may be called what their neighbours were; they are where they were.
      const inPlace = moved !== 0 && before?.slots.length === slots.length;
      return { id, slots: inPlace ? before.ids : carrySlots(before, slots, newId) };
    });
    return { id: keep(section.id) ?? newId(), bars };
  });
  return { transposed: pitchClass(transposed + moved), sections };
}

/** The identities of a chart after its text was typed or pasted over: bars are found again by what they are. */
export const carryTyped = (
  before: Chart,
  after: Chart,
  places: ChartPlaces,
  seed: string,
): ChartPlaces => carryPlaces(before, matchBars(before, after), places, seed);

function idsFrom(seed: string): NewId {
  let count = 0;
  return () => {
    count += 1;
    return `${seed}-${count}`;
  };
}

/** Lets each name through once. */
function keepOnce(): (id: string | undefined) => string | undefined {
  const seen = new Set<string>();
  return (id) => {
    if (id === undefined || seen.has(id)) return undefined;
    seen.add(id);
    return id;
  };
}

interface NamedSlots {
  readonly ids: readonly string[];
  readonly slots: readonly Slot[];
}

function slotsById(chart: Chart): ReadonlyMap<string, NamedSlots> {
  const sounding = soundingSlots(chart);
  const bars = chart.sections.flatMap(({ bars: inside }) => inside);
  return new Map(
    bars.flatMap(({ identity }, written) =>
      identity ? [[identity.id, { ids: identity.slots, slots: sounding[written]! }] as const] : [],
    ),
  );
}

function carrySlots(
  before: NamedSlots | undefined,
  slots: readonly Slot[],
  newId: NewId,
): readonly string[] {
  if (!before) return slots.map(newId);
  const partners = bestPairing(before.slots.length, slots.length, (old, now) =>
    worth(before.slots[old]!, slots[now]!),
  );
  return partners.map((partner) =>
    partner === undefined ? newId() : (before.ids[partner] ?? newId()),
  );
}

function worth(a: Slot, b: Slot): number {
  if (slotText(a) !== slotText(b)) return ANY_SLOT;
  return a.kind === 'hold' ? SAME_HOLD : SAME_CHORD;
}
