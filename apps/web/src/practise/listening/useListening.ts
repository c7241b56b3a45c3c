import type { Part, PassJudgement } from '@drop-close/core';
import { useEffect, useRef } from 'react';
import { usePlayer } from '../../playback/usePlayer';
import { isScripted, useEar } from './earStore';
import { RoundEar } from './roundEar';
import { scriptedInput } from './scriptedInput';

/**
 * Listens to what is played along, and judges each time round once it is over.
 * @param part what of the band is played by whoever is listened to; nothing where nothing is to be played
 */
export function useListening(
  part: Part | undefined,
  onJudged: (judged: PassJudgement) => void,
): void {
  const { from, keyboards } = useEar();
  const latest = useRef(onJudged);
  useEffect(() => {
    latest.current = onJudged;
  });
  useEffect(() => {
    if (!part) return undefined;
    const input = isScripted(from)
      ? scriptedInput(from, part)
      : keyboards.find(({ id }) => id === from);
    if (!input) return undefined;
    const ear = new RoundEar(part, (judged) => {
      latest.current(judged);
    });
    const stops = [
      input.listen((data) => {
        ear.hear(data);
      }),
      usePlayer.subscribe((now, before) => {
        ear.watch(now, before);
      }),
    ];
    return () => {
      for (const stop of stops) stop();
    };
  }, [from, keyboards, part]);
}
