import {
  SCOPES,
  deviceOf,
  type AppliedDevice,
  type DeviceOffer,
  type MovedChord,
} from '@drop-close/core';
import { Button } from 'antd';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { useNotation } from '../../profile/useNotation';
import { compActions } from '../desk/compActions';
import { useCompDesk } from '../desk/useCompDesk';

interface TriedProps {
  readonly offer: DeviceOffer;
  readonly applied: AppliedDevice;
}

/** A chord that is another than the one before it. */
const isAnother = ({ symbol }: MovedChord, at: number, chords: readonly MovedChord[]): boolean =>
  chords[at - 1]?.symbol !== symbol;

/** What is tried, heard and drawn already: applied here, over the bar or the section, or left. */
export function Tried({ offer, applied }: TriedProps) {
  const { sentence } = useNotation();
  return (
    <section className="trying" aria-label="What is tried">
      <p>
        <b>{deviceOf(offer.device).label}</b>, {sentence(offer.label)}
      </p>
      <p className="device-chords">
        {offer.chords.filter(isAnother).map(({ symbol, at }) => (
          <ChordSymbol key={at} symbol={symbol} />
        ))}
      </p>
      <p className="quiet">{sentence(offer.why)}</p>
      <div className="hit-tools">
        <Button
          type="primary"
          size="small"
          onClick={() => {
            compActions.apply(applied);
          }}
        >
          Apply
        </Button>
        {SCOPES.map((scope) => (
          <Button
            key={scope}
            size="small"
            title={`At every chord of this ${scope} that it fits`}
            onClick={() => void compActions.applyOver(applied, scope)}
          >
            In the {scope}
          </Button>
        ))}
        <Button
          size="small"
          onClick={() => {
            useCompDesk.setState({ trying: undefined });
          }}
        >
          Cancel
        </Button>
      </div>
    </section>
  );
}
