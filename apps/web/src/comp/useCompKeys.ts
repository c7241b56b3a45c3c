import { useEffect } from 'react';
import { tinykeys } from 'tinykeys';
import { useOffer } from '../ui/commands';
import { isTaken } from '../ui/isTaken';
import { useCompositionStore } from '../engine/useComposition';
import { currentPlace } from '../place/selection';
import { compActions } from './desk/compActions';
import { COMP_COMMANDS, type CompCommandId } from './compCommands';
import { tapDown, tapUp } from './tap';
import { useCompDesk } from './desk/useCompDesk';

const barInHand = (): number => useCompDesk.getState().hit?.bar ?? currentPlace().bar;

/** Where the chord in hand begins. */
function chordPlace() {
  const { composed } = useCompositionStore.getState();
  return composed && compActions.placeOf(currentPlace(), composed.timeline);
}

const ACTIONS: Readonly<Record<CompCommandId, () => void>> = {
  hit: () => {
    const place = chordPlace();
    if (place) compActions.toggle(place);
  },
  earlier: () => {
    compActions.nudge(-1);
  },
  later: () => {
    compActions.nudge(1);
  },
  shorter: () => {
    compActions.lengthen(-1);
  },
  longer: () => {
    compActions.lengthen(1);
  },
  hold: compActions.nextHold,
  touch: compActions.nextTouch,
  accent: compActions.accent,
  softer: () => {
    compActions.louder(-1);
  },
  louder: () => {
    compActions.louder(1);
  },
  remove: () => {
    compActions.remove();
  },
  copy: () => {
    const bar = barInHand();
    compActions.copyBar(bar, bar + 1);
  },
  mend: () => void compActions.mend(barInHand()),
  set: () => void compActions.playSet(),
  plan: () => {
    useCompDesk.setState(({ plan }) => ({ plan: !plan }));
  },
  tap: tapDown,
};

/** Tapping takes a key that is held. */
const OFFERED = (Object.keys(COMP_COMMANDS) as CompCommandId[])
  .filter((id) => id !== 'tap')
  .map((id) => {
    const { shown, label } = COMP_COMMANDS[id];
    return { id: `comp ${id}`, group: 'Comp', shown, label, run: ACTIONS[id] };
  });

/** The keys of the Comp screen, while it is open. */
export function useCompKeys(): void {
  useOffer('comp', OFFERED);
  useEffect(() => {
    const bindings: Record<string, (event: KeyboardEvent) => void> = {};
    for (const id of Object.keys(COMP_COMMANDS) as CompCommandId[]) {
      for (const key of COMP_COMMANDS[id].keys) {
        bindings[key] = (event) => {
          if (isTaken(event) || (event.repeat && id === 'tap')) return;
          event.preventDefault();
          ACTIONS[id]();
        };
      }
    }
    const stop = tinykeys(window, bindings);
    const up = tinykeys(window, { j: tapUp }, { event: 'keyup' });
    return () => {
      stop();
      up();
    };
  }, []);
}
