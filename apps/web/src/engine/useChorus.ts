import type { Arrangement, ChartAnalysis } from '@drop-close/core';
import equal from 'fast-deep-equal';
import { useEffect, useState } from 'react';
import { create } from 'zustand';
import { useTune } from '../document/store';
import { useProfile } from '../profile/profileStore';
import { useInstruments } from '../profile/useInstruments';
import { WRITTEN_ABOVE, usePreferences } from '../ui/preferences';
import { Cancelled, engine } from './client';
import { Overtaken } from './newest';
import type { VoicedChorus } from './protocol';

interface ChorusState {
  /** The last answer of the engine; stays until the next one is there. */
  readonly chorus: VoicedChorus | undefined;
  readonly working: boolean;
  readonly failure: string | undefined;
}

export const useChorusStore = create<ChorusState>(() => ({
  chorus: undefined,
  working: false,
  failure: undefined,
}));

export const useChorus = (): VoicedChorus | undefined => useChorusStore((state) => state.chorus);

interface ReadingState {
  /** The last reading of the changes; stays until the next one is there. */
  readonly analysis: ChartAnalysis | undefined;
  readonly failure: string | undefined;
}

const NO_READING: ReadingState = { analysis: undefined, failure: undefined };

export const useReadingStore = create<ReadingState>(() => NO_READING);

export const useAnalysis = (): ChartAnalysis | undefined =>
  useReadingStore((state) => state.analysis);

/** Keeps the reading of the changes in step with the tune. Used once, by the tune's page. */
export function useReading(): void {
  const { text, places, meter, key } = useTune();
  const { reader } = usePreferences();
  const { school } = useProfile().writing;
  const writtenAbove = WRITTEN_ABOVE[reader];
  useEffect(() => {
    engine.read({ text, places, meter, key, writtenAbove, school }).then(
      (analysis) => {
        useReadingStore.setState({ analysis, failure: undefined });
      },
      (error: unknown) => {
        if (!(error instanceof Overtaken)) useReadingStore.setState({ failure: String(error) });
      },
    );
  }, [text, places, meter, key, writtenAbove, school]);
  useEffect(
    () => () => {
      useReadingStore.setState(NO_READING);
    },
    [],
  );
}

/** An arrangement as far as its voicing goes: the same object while only its comping changes. */
function useVoicingOf(setup: Arrangement): Arrangement {
  const [kept, keep] = useState(setup);
  const voicing = { ...setup, comp: kept.comp };
  const same = equal(voicing, kept);
  if (!same) keep(voicing);
  return same ? kept : voicing;
}

/** Keeps the voiced chorus in step with the tune. Used once, by the tune's page. */
export function useVoicing(): void {
  const { text, places, meter, key, setup: whole } = useTune();
  const instruments = useInstruments();
  const setup = useVoicingOf(whole);
  useEffect(() => {
    useChorusStore.setState({ working: true });
    engine.voice({ text, places, meter, key, setup, instruments }).then(
      (chorus) => {
        useChorusStore.setState({ chorus, working: false, failure: undefined });
      },
      (error: unknown) => {
        if (error instanceof Overtaken) return;
        const failure = error instanceof Cancelled ? 'Voicing was stopped.' : String(error);
        useChorusStore.setState({ working: false, failure });
      },
    );
  }, [text, places, meter, key, setup, instruments]);
  useEffect(
    () => () => {
      useChorusStore.setState({ chorus: undefined, working: false, failure: undefined });
    },
    [],
  );
}
