import { DEVICE_GROUPS, deviceOf, type DeviceGroup, type DeviceOffer } from '@drop-close/core';
import { Input } from 'antd';
import { useState } from 'react';
import { useTune } from '../../document/store';
import type { ComposedChoruses } from '../../engine/protocol';
import { isApplied } from '../desk/devices';
import { useCompDesk } from '../desk/useCompDesk';
import { AppliedList } from './AppliedList';
import { DeviceKind, type OfferState } from './DeviceKind';
import { readLine } from './readLine';
import { Tried } from './Tried';
import { useHearTried } from './useHearTried';
import { appliedFrom, useOffers } from './useOffers';

/** What the hand does. */
const GROUP_LABELS: Readonly<Record<DeviceGroup, string>> = {
  'the whole grip': 'Move the whole grip',
  'hold and move': 'Hold some notes, move others',
  'a line': 'Play a line',
  'other chords': 'Other chords in its place',
};

/** What may move at the chord in hand: tried by ear and in the threads, then applied or left. */
export function MovementTab({ composed }: { composed: ComposedChoruses }) {
  const [text, setText] = useState('');
  const { notes, under, problem } = readLine(text);
  const here = useOffers(composed, problem ? [] : notes, problem ? [] : under);
  const { trying } = useCompDesk();
  const { devices } = useTune().setup.comp;
  useHearTried(composed);
  const kinds = [...new Set(here.offers.map(({ device }) => device))];
  const tried = here.offers.find(
    ({ device, variant }) => trying?.device === device && trying.variant === variant,
  );
  const stateOf = (offer: DeviceOffer): OfferState => {
    if (isApplied(devices, offer, here.at, here.chorus)) return 'applied';
    return tried === offer ? 'tried' : 'offered';
  };
  return (
    <>
      {tried && trying && <Tried offer={tried} applied={trying} />}
      {kinds.length === 0 && (
        <p className="quiet">No movement fits this chord; try the chords beside it.</p>
      )}
      {DEVICE_GROUPS.map((group) => {
        const own = kinds.filter((kind) => deviceOf(kind).group === group);
        return own.length === 0 ? null : (
          <section key={group} className="device-group" aria-label={GROUP_LABELS[group]}>
            <h3>{GROUP_LABELS[group]}</h3>
            {own.map((kind) => (
              <DeviceKind
                key={kind}
                kind={kind}
                offers={here.offers.filter(({ device }) => device === kind)}
                stateOf={stateOf}
                onTry={(offer) => {
                  useCompDesk.setState({ trying: appliedFrom(offer, here, notes) });
                }}
              />
            ))}
          </section>
        );
      })}
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
      {problem ? (
        <p className="fault">{problem}</p>
      ) : (
        <p className="quiet">
          After a note d asks for the diminished chord under it, s for a chord slid in by a half
          step, n for the note alone: G4 G#4s A4 B4d C5.
        </p>
      )}
      <AppliedList composed={composed} />
    </>
  );
}
