import { deviceOf, type DeviceId, type DeviceOffer } from '@drop-close/core';
import { Button, Input } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useTune } from '../../document/store';
import type { ComposedChoruses } from '../../engine/protocol';
import { useBand } from '../../playback/useBand';
import { Symbol } from '../../ui/Symbol';
import { prettyText } from '../../ui/symbol';
import { compActions } from '../compActions';
import { isApplied } from '../devices';
import { useCompDesk } from '../useCompDesk';
import { AppliedList } from './AppliedList';
import { readLine } from './readLine';
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
            <b>{deviceOf(tried.device).label}</b>, {prettyText(tried.variant)}
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
        <Kind
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

type OfferState = 'offered' | 'tried' | 'applied';

interface KindProps {
  readonly kind: DeviceId;
  readonly offers: readonly DeviceOffer[];
  readonly stateOf: (offer: DeviceOffer) => OfferState;
  readonly onTry: (offer: DeviceOffer) => void;
}

function Kind({ kind, offers, stateOf, onTry }: KindProps) {
  const { label, about } = deviceOf(kind);
  return (
    <section className="device" aria-label={label}>
      <h3 title={about}>{label}</h3>
      <div className="device-variants">
        {offers.map((offer) => {
          const state = stateOf(offer);
          return (
            <Button
              key={offer.variant}
              size="small"
              type={state === 'offered' ? 'default' : 'primary'}
              ghost={state === 'applied'}
              aria-pressed={state !== 'offered'}
              title={prettyText(offer.why)}
              onClick={() => {
                onTry(offer);
              }}
            >
              {prettyText(offer.variant)}
              {state === 'applied' && ' ✓'}
            </Button>
          );
        })}
      </div>
    </section>
  );
}

const Chords = ({ offer }: { offer: DeviceOffer }) => (
  <p className="device-chords">
    {offer.chords.map(({ symbol, at }) => (
      <Symbol key={at} symbol={symbol} />
    ))}
  </p>
);

/** What is tried is heard as soon as it is voiced, with the bar it leads into. */
function useHearTried({ id, standing, timeline }: ComposedChoruses): void {
  const { trying } = useCompDesk();
  const { hearBars } = useBand();
  const heard = useRef<unknown>(undefined);
  useEffect(() => {
    if (!trying) {
      heard.current = undefined;
      return;
    }
    const here = standing.find(({ applied }) => applied === trying || same(applied, trying));
    if (!here || heard.current === trying) return;
    heard.current = trying;
    const bars = timeline.bars.filter((bar) => bar.at < here.to + 1e-6);
    const from = timeline.bars.filter((bar) => bar.at <= here.from).at(-1);
    const to = bars.at(-1);
    if (from && to) hearBars(from.number, to.number);
    // Heard once for each answer of the engine.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id, trying]);
}

const same = (
  a: {
    readonly at: number;
    readonly chorus: number;
    readonly device: string;
    readonly variant: string;
  },
  b: typeof a,
): boolean =>
  a.at === b.at && a.chorus === b.chorus && a.device === b.device && a.variant === b.variant;
