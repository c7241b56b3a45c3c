import { useCallback } from 'react';
import { engine } from '../../engine/client';
import type { VoicedChorus } from '../../engine/protocol';
import { useAnalysis } from '../../engine/useChorus';
import { useHeading } from '../../place/heading';
import { useProfile } from '../../profile/profileStore';
import type { Ask } from './useDrill';

/** Questions made from a tune as it is voiced. */
export function useTuneQuestions({ id, timeline }: VoicedChorus): Ask {
  const analysis = useAnalysis();
  const { key } = useHeading();
  const { notes: naming } = useProfile().writing;
  return useCallback(
    (drill, seed, count) => {
      const numeralAt = new Map(
        analysis?.chords.map(({ bar, beat, numeral }) => [`${bar} ${beat}`, numeral]),
      );
      const numerals = timeline.events.map(
        ({ bar, beat }) => numeralAt.get(`${bar} ${beat}`) ?? '',
      );
      const tonic = key.replace(/m$/, '');
      return engine.question(id, { drill, seed, numerals, tonic, naming }, count);
    },
    [id, timeline, analysis, key, naming],
  );
}
