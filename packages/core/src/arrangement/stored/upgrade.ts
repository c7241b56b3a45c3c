import { analyzeChart } from '../../analysis/analyzeChart';
import { identify } from '../../chart/places/identify';
import type { ChartPlaces } from '../../chart/placeTypes';
import type { Chart } from '../../chart/types';
import type { SectionPlan } from '../../comp/comping';
import { noComp } from '../../comp/defaults';
import type { AppliedDevice } from '../../movement/types';
import { defaultWeights } from '../../connect/base/data';
import { rooms } from '../../voicing/data';
import { forEachInstrument } from '../../voicing/base/instruments';
import type { RoomId } from '../../voicing/base/types';
import { defaultArrangement, noLine } from './defaults';
import { sectionsOf } from './chorusSections';
import { oldVariant } from './oldVariants';
import { positionsIn } from './positions';
import { storeArrangement } from './store';
import { ARRANGEMENT_VERSION, type StoredArrangement } from './stored';
import type { Arrangement, Lock } from './types';

/** The seventh shape: no scales kept for chords. */
interface ArrangementV7 extends Omit<StoredArrangement, 'version' | 'scales'> {
  readonly version: 7;
}

/** The sixth shape: nothing asked of voicings besides their families, no opened scales, four weights fewer. */
interface ArrangementV6 extends Omit<
  ArrangementV7,
  'version' | 'weights' | 'asked' | 'pools' | 'stayInPlace'
> {
  readonly version: 6;
  readonly weights: Omit<Arrangement['weights'], 'top' | 'voices' | 'bottom' | 'lie'>;
}

/** Up to the fifth shape there were two instruments. */
interface LocksV5 {
  readonly guitar: readonly Lock[];
  readonly keyboard: readonly Lock[];
}

/** The fifth shape: everything by its position in the chorus. */
export interface ArrangementV5 extends Omit<
  Arrangement,
  'locks' | 'comp' | 'weights' | 'asked' | 'pools' | 'scales' | 'stayInPlace'
> {
  readonly version: 5;
  readonly weights: ArrangementV6['weights'];
  readonly locks: LocksV5;
  readonly comp: Omit<Arrangement['comp'], 'plan'> & {
    readonly plan: readonly (readonly SectionPlan[])[];
  };
}

/** The fourth shape: nothing of comping. */
interface ArrangementV4 extends Omit<ArrangementV5, 'version' | 'comp'> {
  readonly version: 4;
}

/** The third shape: no splits, no top line, nothing said of returns, and three weights fewer. */
interface ArrangementV3 extends Omit<
  ArrangementV4,
  'version' | 'weights' | 'splits' | 'line' | 'returns'
> {
  readonly version: 3;
  readonly weights: Omit<ArrangementV6['weights'], 'drift' | 'line' | 'variety'>;
}

/** The second shape: no weight for block shifts. */
interface ArrangementV2 extends Omit<ArrangementV3, 'version' | 'weights'> {
  readonly version: 2;
  readonly weights: Omit<ArrangementV3['weights'], 'parallel'>;
}

/** The first shape: one of five rooms by its name, no tensions, no weight for the sound. */
interface ArrangementV1 extends Omit<ArrangementV2, 'version' | 'room' | 'tensions' | 'weights'> {
  readonly version: 1;
  readonly room: RoomId;
  readonly weights: Omit<ArrangementV2['weights'], 'sound'>;
}

/** An arrangement in any shape that was ever saved. */
export type AnyArrangement =
  | StoredArrangement
  | ArrangementV7
  | ArrangementV6
  | ArrangementV5
  | ArrangementV4
  | ArrangementV3
  | ArrangementV2
  | ArrangementV1;

/** The chart that positions of older shapes were counted in. */
export interface ChartWithPlaces {
  readonly chart: Chart;
  readonly places: ChartPlaces;
}

/** Brings an arrangement stored in an older shape up to today's; one of today's is returned as it is. */
export function upgradeArrangement(
  stored: AnyArrangement,
  written: ChartWithPlaces,
): StoredArrangement {
  switch (stored.version) {
    case ARRANGEMENT_VERSION:
      return stored;
    case 7:
      return { ...stored, version: ARRANGEMENT_VERSION, scales: [] };
    case 6: {
      const { asked, stayInPlace } = defaultArrangement;
      const weights = { ...defaultWeights, ...stored.weights };
      return upgradeArrangement(
        { ...stored, version: 7, weights, asked, pools: [], stayInPlace },
        written,
      );
    }
    case 5:
      return byPlace(stored, written);
    case 4:
      return upgradeArrangement(
        { ...stored, version: 5, comp: { ...noComp, plan: [[]] } },
        written,
      );
    case 3:
      return upgradeArrangement(
        {
          ...stored,
          version: 4,
          weights: { ...defaultWeights, ...stored.weights },
          splits: [],
          line: noLine,
          returns: 'free',
        },
        written,
      );
    case 2:
      return upgradeArrangement(
        { ...stored, version: 3, weights: { ...defaultWeights, ...stored.weights } },
        written,
      );
    case 1:
      return upgradeArrangement(
        {
          ...stored,
          version: 2,
          room: rooms[stored.room],
          tensions: 'as written',
          weights: { ...defaultWeights, ...stored.weights },
        },
        written,
      );
  }
}

/** Positions become the places they name in the chart as it is. */
function byPlace(
  { version, comp, ...rest }: ArrangementV5,
  { chart, places }: ChartWithPlaces,
): StoredArrangement {
  const positions = positionsIn(identify(chart, places), places);
  const planned = comp.plan.some((sections) => sections.length > 0);
  const sections = planned
    ? sectionsOf({ timeline: positions.timeline, analysis: analyzeChart(chart) })
    : [];
  const { asked, pools, scales, stayInPlace } = defaultArrangement;
  const arrangement: Arrangement = {
    ...rest,
    weights: { ...defaultWeights, ...rest.weights },
    asked,
    pools,
    scales,
    stayInPlace,
    locks: { ...forEachInstrument(() => []), ...rest.locks },
    comp: {
      ...comp,
      devices: comp.devices.map((device): AppliedDevice => {
        return { ...device, variant: oldVariant(device.device, device.variant) };
      }),
      plan: comp.plan.map((plans) =>
        plans.flatMap((plan, at) => {
          const section = sections[at];
          return section ? [{ from: section.from, to: section.to, plan }] : [];
        }),
      ),
    },
  };
  return storeArrangement(arrangement, positions);
}
