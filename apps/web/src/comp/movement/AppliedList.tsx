import { deviceOf, type AppliedDevice } from '@drop-close/core';
import { Button } from 'antd';
import { useTune } from '../../document/store';
import type { ComposedChoruses } from '../../engine/protocol';
import { selectPlace } from '../../place/selection';
import { useNotation } from '../../profile/useNotation';
import { prettyText } from '../../ui/symbol';
import { compActions } from '../desk/compActions';
import { sameDevice } from '../desk/devices';

/** Every device that is applied, where it stands, and the way to take it off. */
export function AppliedList({ composed }: { composed: ComposedChoruses }) {
  const { devices } = useTune().setup.comp;
  const { sentence } = useNotation();
  const { placed, timeline } = composed;
  if (!devices.length) return null;
  const rowOf = (device: AppliedDevice) => {
    const here = placed.find(({ applied }) => sameDevice(applied, device));
    const bar = here && timeline.bars.filter(({ at }) => at <= here.from).at(-1)?.number;
    return { device, bar, label: here?.offer.label ?? device.variant };
  };
  const rows = devices.map(rowOf).sort((a, b) => (a.bar ?? Infinity) - (b.bar ?? Infinity));
  return (
    <section aria-label="Applied">
      <h3>Applied</h3>
      <ul className="applied">
        {rows.map(({ device, bar, label }) => (
          <li key={`${device.chorus} ${device.at} ${device.device} ${device.variant}`}>
            {bar === undefined ? (
              <span className="quiet">{prettyText(device.symbol)}, does not fit here now</span>
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
              {deviceOf(device.device).label}, {sentence(label)}
            </span>
            <Button
              size="small"
              type="text"
              aria-label={`Remove: ${deviceOf(device.device).label}, ${device.symbol}`}
              onClick={() => {
                compActions.unapply(device);
              }}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
