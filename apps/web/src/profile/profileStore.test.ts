import { defaultProfile } from '@drop-close/core';
import { begin } from '../saving/history';
import {
  changeProfile,
  profileNow,
  redoProfile,
  undoProfile,
  useProfileStore,
} from './profileStore';

beforeEach(() => {
  useProfileStore.setState({ history: begin(defaultProfile) });
});

it('takes a change in, undoes it and brings it again', () => {
  expect(changeProfile({ leftHanded: true })).toEqual([]);
  expect(profileNow().leftHanded).toBe(true);
  undoProfile();
  expect(profileNow()).toEqual(defaultProfile);
  redoProfile();
  expect(profileNow().leftHanded).toBe(true);
});

it('says what cannot be and keeps the last good profile', () => {
  changeProfile({ guitar: { ...defaultProfile.guitar, frets: 22 } });
  const problems = changeProfile({ guitar: { ...profileNow().guitar, frets: 0 } });
  expect(problems.map(({ path }) => path)).toContain('guitar.frets');
  expect(profileNow().guitar.frets).toBe(22);
});

it('makes one step of a number that is turned', () => {
  for (const frets of [21, 22, 23]) {
    changeProfile({ guitar: { ...profileNow().guitar, frets } }, 'frets');
  }
  undoProfile();
  expect(profileNow().guitar.frets).toBe(defaultProfile.guitar.frets);
});
