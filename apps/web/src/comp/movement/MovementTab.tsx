import { deviceOf, type DeviceOffer } from '@drop-close/core';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useTune } from '../../document/store';
import type { ComposedChoruses } from '../../engine/protocol';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { prettyText } from '../../ui/symbol';
import { compActions } from '../desk/compActions';
import { isApplied } from '../desk/devices';
import { useCompDesk } from '../desk/useCompDesk';
import { AppliedList } from './AppliedList';
import { DeviceKind } from './DeviceKind';
import { readLine } from './readLine';
import { useHearTried } from './useHearTried';
import { appliedFrom, useOffers } from './useOffers';

/** What may move at the chord in hand: tried by ear and in the threads, then applied or left. */
export function MovementTab({ composed }: { composed: ComposedChoruses }) {
  const [text, setText] = useState('');
  const { notes, problem } = readLine(text);
  const here = useOffers(composed, problem ? [] : notes);
  const { trying } = useCompDesk();
  const { devices } = useTune().setup.comp;
  useHearTried(composed);
  const kinds = [...new Set(here.offers.map(({ device }) => device))];
  const tried = here.offers.find(
    ({ device, variant }) => trying?.device === device && trying.variant === variant,
  );
  return (
    <>
      {tried && trying && (
        <section className="trying" aria-label="What is tried">
          <p>
            <b>{deviceOf(tried.device).label}</b>, {prettyText(tried.label)}
          </p>
          <Chords offer={tried} />
          <p className="quiet">{prettyText(tried.why)}</p>
          <div className="hit-tools">
            <Button
              type="primary"
              size="small"
              onClick={() => {
                compActions.apply(trying);
              }}
            >
              Apply
            </Button>
            <Button
              size="small"
              onClick={() => {
                useCompDesk.setState({ trying: undefined });
              }}
            >
              Leave it
            </Button>
          </div>
        </section>
      )}
      {kinds.length === 0 && (
        <p className="quiet">Nothing moves at this chord; try its neighbours.</p>
      )}
      {kinds.map((kind) => (
        <DeviceKind
          key={kind}
          kind={kind}
          offers={here.offers.filter(({ device }) => device === kind)}
          stateOf={(offer) => {
            if (isApplied(devices, offer, here.at, here.chorus)) return 'applied';
            return tried === offer ? 'tried' : 'offered';
          }}
          onTry={(offer) => {
            useCompDesk.setState({ trying: appliedFrom(offer, here, notes) });
          }}
        />
      ))}
      <label className="line-field">
        A line to harmonise here
        <Input
          value={text}
          placeholder="G4 A4 B4 C5"
          status={problem ? 'error' : ''}
          onChange={(event) => {
            setText(event.target.value);
          }}
        />
      </label>
      {problem && <p className="fault">{problem}</p>}
      <AppliedList composed={composed} />
    </>
  );
}

const Chords = ({ offer }: { offer: DeviceOffer }) => (
  <p className="device-chords">
    {offer.chords.map(({ symbol, at }) => (
      <ChordSymbol key={at} symbol={symbol} />
    ))}
  </p>
);
