import { defaultProfile } from '@drop-close/core';
import { keepProfile, readProfile } from './profileCopy';

class MemoryStorage {
  private readonly items = new Map<string, string>();
  getItem = (key: string): string | null => this.items.get(key) ?? null;
  setItem = (key: string, value: string): void => void this.items.set(key, value);
}
const storage = (): Storage => new MemoryStorage() as unknown as Storage;

it('gives back what was kept, with what the server had', () => {
  const kept = storage();
  const copy = {
    profile: { ...defaultProfile, leftHanded: true },
    stored: defaultProfile,
    version: 3,
  };
  keepProfile(copy, kept);
  expect(readProfile(kept)).toEqual(copy);
});

it('begins as everybody does where nothing is kept or it cannot be read', () => {
  expect(readProfile(storage()).profile).toEqual(defaultProfile);
  const broken = storage();
  broken.setItem('drop-close profile', '{');
  expect(readProfile(broken).profile).toEqual(defaultProfile);
});

it('takes over how things were written before there was a profile', () => {
  const earlier = storage();
  const state = { symbols: 'signs', notes: 'do ré mi', plain: false, lens: 'both' };
  earlier.setItem('drop-close preferences', JSON.stringify({ state, version: 0 }));
  const { profile, stored } = readProfile(earlier);
  expect(profile.writing).toEqual({
    symbols: 'signs',
    notes: 'do ré mi',
    plain: false,
    school: 'by function',
  });
  expect(stored).toEqual(defaultProfile);
});
