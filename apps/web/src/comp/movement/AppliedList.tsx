import { deviceOf, type AppliedDevice } from '@drop-close/core';
import { Button } from 'antd';
import { useTune } from '../../document/store';
import type { ComposedChoruses } from '../../engine/protocol';
import { selectPlace } from '../../tune/selection';
import { prettyText } from '../../ui/symbol';
import { compActions } from '../compActions';

/** Every device that is applied, where it stands, and the way to take it off. */
export function AppliedList({ composed }: { composed: ComposedChoruses }) {
  const { devices } = useTune().setup.comp;
  const { standing, timeline } = composed;
  if (!devices.length) return null;
  const barOf = (device: AppliedDevice): number | undefined => {
    const here = standing.find(
      ({ applied }) => applied.at === device.at && applied.chorus === device.chorus,
    );
    return here && timeline.bars.filter(({ at }) => at <= here.from).at(-1)?.number;
  };
  const rows = devices
    .map((device) => ({ device, bar: barOf(device) }))
    .sort((a, b) => (a.bar ?? Infinity) - (b.bar ?? Infinity));
  return (
    <section aria-label="Applied">
      <h3>Applied</h3>
      <ul className="applied">
        {rows.map(({ device, bar }) => (
          <li key={`${device.chorus} ${device.at} ${device.device} ${device.variant}`}>
            {bar === undefined ? (
              <span className="quiet">{prettyText(device.symbol)}, not standing now</span>
            ) : (
              <Button
                type="link"
                size="small"
                onClick={() => {
                  selectPlace({ bar, beat: 1 });
                }}
              >
                Bar {bar}, {prettyText(device.symbol)}
              </Button>
            )}
            <span>
              {deviceOf(device.device).label}, {prettyText(device.variant)}
            </span>
            <Button
              size="small"
              type="text"
              aria-label={`Take off: ${deviceOf(device.device).label}, ${device.symbol}`}
              onClick={() => {
                compActions.unapply(device);
              }}
            >
              Take off
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
