import {
  holdsAt,
  lostBarsOf,
  misfitsOf,
  putBarsBack,
  type LostBars,
  type Misfit,
  type Positions,
  type SoloView,
} from '@drop-close/core';
import { App, Button } from 'antd';
import { createElement, useMemo } from 'react';
import { useSolos } from '../solo/useSolos';
import { fittedOf } from '../document/reading';
import { useDocument, useStoredTune, useTune } from '../document/store';
import { useInstrument } from '../profile/useInstrument';
import { useInstruments } from '../profile/useInstruments';
import { prettyText } from '../ui/symbol';
import { lostNotesName, misfitName } from './misfitWords';
import type { PlaceInHand } from './placeInHand';

/** Something that has no place in the chart as it is now, and what can be done with it. */
export interface MisfitEntry {
  readonly key: string;
  readonly name: string;
  readonly why: string;
  /** Puts it at the place in hand; missing where it would not hold there. */
  readonly put?: () => void;
  /** Why it cannot be put there. */
  readonly refusal?: string | undefined;
  readonly throwAway: () => void;
}

/** Everything of the arrangement and the solo lines that no longer fits. */
export function useMisfitEntries(place: PlaceInHand | undefined): readonly MisfitEntry[] {
  return [...useOfArrangement(place), ...useOfLines(place)];
}

function useOfArrangement(place: PlaceInHand | undefined): readonly MisfitEntry[] {
  const document = useStoredTune();
  const { positions } = useTune();
  const instruments = useInstruments();
  const instrument = useInstrument();
  const misfits = useMemo(
    () => misfitsOf(fittedOf(document), positions, document.places, instruments),
    [document, positions, instruments],
  );
  const { dispatch } = useDocument.getState();
  const entryOf = (misfit: Misfit, at: number): MisfitEntry => {
    const { items, why } = misfit;
    const holds = place && holdsAt(items[0], place.event.chord, positions.transposed, instrument);
    return {
      key: `arrangement ${at}`,
      name: misfitName(misfit),
      why,
      throwAway: () => {
        dispatch({ type: 'throw away', items });
      },
      ...(place && holds
        ? {
            put: () => {
              dispatch({ type: 'put back', items, place });
            },
          }
        : { refusal: place && `It does not read as ${prettyText(place.symbol)}` }),
    };
  };
  return misfits.map(entryOf);
}

/** Notes of solo lines whose bars are gone; they are saved with the line, so undo has a button of its own. */
function useOfLines(place: PlaceInHand | undefined): readonly MisfitEntry[] {
  const { positions } = useTune();
  const { solos, change, remove } = useSolos();
  const { notification } = App.useApp();
  const changed = (before: SoloView, after: SoloView, title: string): void => {
    change(after);
    const onClick = (): void => {
      change(before);
      notification.destroy(before.id);
    };
    const actions = createElement(Button, { onClick }, 'Undo');
    notification.info({ key: before.id, title, actions, duration: 12 });
  };
  return solos.flatMap(({ stored }) =>
    lostBarsOf(stored.line, stored.over, positions).map((lost): MisfitEntry => {
      const name = lostNotesName(lost.notes.length, stored.name);
      return {
        key: `${stored.id} ${lost.bars.join()}`,
        name,
        why: lost.bars.length > 1 ? 'its bars are gone' : 'its bar is gone',
        throwAway: () => {
          const after = without(stored, lost);
          if (after) changed(stored, after, `Thrown away: ${name}`);
          else remove.mutate(stored.id);
        },
        ...(place && {
          put: () => {
            changed(stored, putBack(stored, lost, place, positions), `Put back: ${name}`);
          },
        }),
      };
    }),
  );
}

/** The line without some of its notes; `undefined` where none are left. */
function without(solo: SoloView, { notes }: LostBars): SoloView | undefined {
  const left = solo.line.notes.filter((note) => !notes.includes(note));
  return left.length ? { ...solo, line: { ...solo.line, notes: left } } : undefined;
}

const putBack = (
  solo: SoloView,
  lost: LostBars,
  { number }: PlaceInHand,
  positions: Positions,
): SoloView => ({ ...solo, over: putBarsBack(solo.over, lost, number, positions) });
