import { jest } from '@jest/globals';
import type { BandPlan } from '@drop-close/core';
import { play, playOnceMade, stop, type PlayRequest } from './player';
import { usePlayer } from './usePlayer';

let arrive: () => void = () => undefined;
const opened = jest.fn();
const sound = {
  context: { currentTime: 0, resume: () => Promise.resolve() },
  open: opened,
  silence: () => undefined,
  stopVoices: () => undefined,
  setInstrument: () => undefined,
  setKit: () => undefined,
  setGain: () => undefined,
  play: () => undefined,
};

jest.mock('./synth', () => ({
  Synth: {
    load: () =>
      new Promise((resolve) => {
        arrive = () => {
          resolve(sound);
        };
      }),
  },
}));

const plan: BandPlan = { notes: [], length: 4, pickup: 0 };
const request: PlayRequest = {
  what: 'chord',
  plan,
  tempo: 90,
  meter: { beats: 4, unit: 4 },
  instrument: 'guitar',
};
const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

// One story: the sounds come once for the whole page.
test('while the sounds are on their way only the last press is played, and none after a stop', async () => {
  const first = play(request);
  const second = play({ ...request, what: 'chorus' });
  expect(usePlayer.getState()).toMatchObject({ loading: true, playing: 'chorus' });
  stop();
  expect(usePlayer.getState()).toMatchObject({ loading: false, playing: undefined });
  const third = play(request);
  const fourth = play({ ...request, tempo: 120 });
  await settled();
  arrive();
  await Promise.all([first, second, third, fourth]);
  expect(opened).toHaveBeenCalledTimes(1);
  expect(usePlayer.getState()).toMatchObject({
    loading: false,
    playing: 'chord',
    pass: { tempo: 120 },
  });
  stop();
  await play(request);
  expect(opened).toHaveBeenCalledTimes(2);
  stop();
});

test('what is still being made is played once it is there, unless it is stopped before or comes to nothing', async () => {
  const opens = opened.mock.calls.length;
  let make: (request: PlayRequest | undefined) => void = () => undefined;
  const making = () =>
    new Promise<PlayRequest | undefined>((resolve) => {
      make = resolve;
    });
  const first = playOnceMade('chorus', making);
  expect(usePlayer.getState()).toMatchObject({ loading: true, playing: 'chorus' });
  make({ ...request, what: 'chorus' });
  await first;
  expect(opened).toHaveBeenCalledTimes(opens + 1);

  const stopped = playOnceMade('chorus', making);
  stop();
  make({ ...request, what: 'chorus' });
  await stopped;
  const nothing = playOnceMade('bar', making);
  make(undefined);
  await nothing;
  expect(opened).toHaveBeenCalledTimes(opens + 1);
  expect(usePlayer.getState()).toMatchObject({ loading: false, playing: undefined });
});
