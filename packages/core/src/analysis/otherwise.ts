import { prettyNote } from '../pitch/spelling';
import { keyLabel, type ChartReading } from './readings/chartReading';
import type { OtherReading } from './base/types';

/** Readings that cost this much more than the best are still honest, in tenths. */
const HONEST_IN_KEY = 10;
const HONEST_KEY = 20;
const MOST = 3;

/** Other honest ways to hear a chord: in its key, and in a key the whole chart could have there. */
export function otherwise(tune: ChartReading, at: number): OtherReading[] {
  const moment = tune.moments[at]!;
  const { key, tonic, reading } = moment;
  const here = moment.readings
    .slice(1)
    .filter(
      (other) => other.cost <= reading.cost + HONEST_IN_KEY && other.numeral !== reading.numeral,
    )
    .map((other) => ({
      key: keyLabel(tonic, key),
      numeral: other.numeral,
      function: other.function,
      reason: other.reason,
    }));
  return [...here, ...inOtherKeys(tune, at)].slice(0, MOST);
}

function inOtherKeys(
  { keys, keyPath, tonicOf, readingIn }: ChartReading,
  at: number,
): OtherReading[] {
  const own = keyPath.keys[at];
  const totals = keyPath.totals[at]!;
  return keys
    .flatMap((key, position) => {
      const more = totals[position]! - keyPath.total;
      const [best] = readingIn(at, position);
      if (position === own || more > HONEST_KEY || !best || best.role === 'unexplained') return [];
      const tonic = tonicOf(key);
      const reason = `${prettyNote(tonic)} ${key.mode} explains these bars almost as well`;
      const reading = {
        key: keyLabel(tonic, key),
        numeral: best.numeral,
        function: best.function,
        reason,
      };
      return [{ more, reading }];
    })
    .sort((a, b) => a.more - b.more)
    .map(({ reading }) => reading);
}
