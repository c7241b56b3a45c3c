import type { AppliedDevice, Arrangement } from '@drop-close/core';
import { useEffect, useMemo } from 'react';
import { useTune } from '../document/store';
import { Cancelled, engine } from '../engine/client';
import { Overtaken } from '../engine/newest';
import { clearComposition, useCompositionStore } from '../engine/useComposition';
import { useInstruments } from '../profile/useInstruments';
import { useHeading } from '../place/heading';
import { withApplied } from './desk/devices';
import { clearCompDesk, useCompDesk } from './desk/useCompDesk';
import { useSolos } from '../solo/useSolos';

/** Keeps the comped choruses in step with the tune. Used once, by the Comp screen. */
export function useComposing(): void {
  const { text, places, meter, key, setup } = useTune();
  const { tempo, feel } = useHeading();
  const instruments = useInstruments();
  const { trying } = useCompDesk();
  const { solos } = useSolos();
  const tried = useMemo(() => withTried(setup, trying), [setup, trying]);
  const solo = solos.find(({ id }) => id === setup.comp.behind)?.line;
  useEffect(() => {
    useCompositionStore.setState({ working: true });
    const question = { text, places, meter, key, setup: tried, instruments, tempo, feel };
    engine.compose(solo ? { ...question, solo } : question).then(
      (composed) => {
        useCompositionStore.setState({ composed, working: false, failure: undefined });
      },
      (error: unknown) => {
        if (error instanceof Overtaken) return;
        const failure = error instanceof Cancelled ? 'Comping was stopped.' : String(error);
        useCompositionStore.setState({ working: false, failure });
      },
    );
  }, [text, places, meter, key, tried, instruments, tempo, feel, solo]);
  useEffect(
    () => () => {
      clearComposition();
      clearCompDesk();
    },
    [],
  );
}

const withTried = (setup: Arrangement, trying: AppliedDevice | undefined): Arrangement =>
  trying
    ? { ...setup, comp: { ...setup.comp, devices: withApplied(setup.comp.devices, trying) } }
    : setup;
