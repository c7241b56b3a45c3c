import { instrumentsOf, noComp, type ChartAnalysis } from '@drop-close/core';
import equal from 'fast-deep-equal';
import { useEffect } from 'react';
import { create } from 'zustand';
import { tuneNow, useDocument, useTune } from '../document/store';
import { profileNow, useProfile, useProfileStore } from '../profile/profileStore';
import { WRITTEN_ABOVE, usePreferences } from '../ui/preferences';
import { Cancelled, engine } from './client';
import { Overtaken } from './newest';
import type { VoicedChorus, VoiceRequest } from './protocol';

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

/** What a voicing hangs on; the same to the last field while only the comping changes. */
function voicingQuestion(): VoiceRequest | undefined {
  const tune = tuneNow();
  if (!tune) return undefined;
  const { text, places, meter, key, setup } = tune;
  const instruments = instrumentsOf(profileNow());
  return { text, places, meter, key, setup: { ...setup, comp: noComp }, instruments };
}

/**
 * Keeps the voiced chorus in step with the tune until the returned function is called. The worker is asked
 * at once, not when the page has been drawn: the two work side by side.
 */
export function keepVoiced(): () => void {
  let asked: VoiceRequest | undefined;
  const ask = (): void => {
    const question = voicingQuestion();
    if (!question || equal(question, asked)) return;
    asked = question;
    useChorusStore.setState({ working: true });
    engine.voice(question).then(
      (chorus) => {
        useChorusStore.setState({ chorus, working: false, failure: undefined });
      },
      (error: unknown) => {
        if (error instanceof Overtaken) return;
        const failure = error instanceof Cancelled ? 'Voicing was stopped.' : String(error);
        useChorusStore.setState({ working: false, failure });
      },
    );
  };
  ask();
  const unsubscribes = [useDocument.subscribe(ask), useProfileStore.subscribe(ask)];
  return () => {
    for (const unsubscribe of unsubscribes) unsubscribe();
    useChorusStore.setState({ chorus: undefined, working: false, failure: undefined });
  };
}
