import {
  holdsAt,
  misfitsOf,
  partPositions,
  type ChartEvent,
  type Misfit,
  type PutBackPlace,
} from '@drop-close/core';
import { Button, Popover } from 'antd';
import { useMemo } from 'react';
import { fittedOf } from '../document/reading';
import { useDocument, useStoredTune, useTune } from '../document/store';
import type { TuneInHand } from '../document/types';
import { useProfile } from '../profile/profileStore';
import { useInstrument } from '../profile/useInstrument';
import { prettyText } from '../ui/symbol';
import { misfitName } from './misfitWords';
import { eventAt, useCurrentPlace, type BarAndBeat } from '../place/selection';

/** What was decided about bars and chords that are gone or are others now: a word while there is any. */
export function NoLongerFits() {
  const misfits = useMisfits();
  if (!misfits.length) return null;
  return (
    <Popover
      trigger="click"
      placement="bottom"
      title="No longer fits the chart"
      content={<MisfitList misfits={misfits} />}
    >
      <Button type="link" size="small" className="misfits-button">
        {misfits.length === 1 ? '1 no longer fits' : `${misfits.length} no longer fit`}
      </Button>
    </Popover>
  );
}

function useMisfits(): readonly Misfit[] {
  const document = useStoredTune();
  const { positions } = useTune();
  const profile = useProfile();
  return useMemo(
    () => misfitsOf(fittedOf(document), positions, document.places, profile),
    [document, positions, profile],
  );
}

function MisfitList({ misfits }: { misfits: readonly Misfit[] }) {
  const tune = useTune();
  const place = placeIn(tune, useCurrentPlace());
  const { dispatch } = useDocument.getState();
  const instrument = useInstrument();
  const fits = ({ items: [item] }: Misfit): boolean =>
    !!place && holdsAt(item, place.event.chord, tune.positions.transposed, instrument);
  const here = place && `bar ${place.number}, ${prettyText(place.symbol)}`;
  return (
    <div className="misfits">
      <p className="quiet">
        Nothing is lost: each is kept, and comes back with its bar or chord.
        {here && ` “Put here” means ${here}, the chord you are at.`}
      </p>
      <ul aria-label="No longer fits">
        {misfits.map((misfit, at) => {
          const name = misfitName(misfit);
          return (
            <li key={at}>
              <span>
                <b>{name}</b>
                <br />
                <span className="quiet">{misfit.why}</span>
              </span>
              <Button
                size="small"
                disabled={!fits(misfit)}
                title={
                  fits(misfit) || !place
                    ? undefined
                    : `It does not read as ${prettyText(place.symbol)}`
                }
                aria-label={`Put here: ${name}`}
                onClick={() => {
                  if (place) dispatch({ type: 'put back', items: misfit.items, place });
                }}
              >
                Put here
              </Button>
              <Button
                size="small"
                type="text"
                aria-label={`Throw away: ${name}`}
                onClick={() => {
                  dispatch({ type: 'throw away', items: misfit.items });
                }}
              >
                Throw away
              </Button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

interface PlaceInHand extends PutBackPlace {
  readonly event: ChartEvent;
  /** Of the bar, in the one chorus. */
  readonly number: number;
}

/** The chord and the bar in hand by their places; on the Comp screen bars count through all choruses. */
function placeIn(
  { positions, setup }: TuneInHand,
  { bar, beat }: BarAndBeat,
): PlaceInHand | undefined {
  const { barsEach, timeline } = positions;
  const chorus = bar < 1 || !barsEach ? 0 : Math.floor((bar - 1) / barsEach);
  const number = bar - chorus * barsEach;
  const { parts } = partPositions(positions, setup.splits);
  const event = parts[eventAt(parts, { bar: number, beat })];
  const inHand = timeline.bars.find((each) => each.number === number);
  if (!event || !inHand) return undefined;
  const { place, chord } = event;
  return { chord: place, symbol: chord.symbol, bar: inHand.place, chorus, number, event };
}
