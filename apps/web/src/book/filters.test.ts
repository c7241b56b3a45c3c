import type { TuneGlance } from '@drop-close/core';
import { filterTunes, formOf, optionsOf } from './filters';

const tune = (change: Partial<TuneGlance>): TuneGlance => ({
  id: change.title ?? 'x',
  title: 'Slack Water',
  key: 'C',
  meter: '4/4',
  tempo: 120,
  feel: 'swing',
  form: '',
  formName: '',
  bars: 12,
  problems: 0,
  homeKey: 'C major',
  landmarks: [],
  version: 1,
  updatedAt: '',
  ...change,
});
const BOOK = [
  tune({ title: 'Bilge Lamp', formName: 'twelve-bar blues in B♭', homeKey: 'Bb major' }),
  tune({ title: 'Ebb at Nine', formName: 'twelve-bar blues in C minor', homeKey: 'C minor' }),
  tune({ title: 'Café Lamp', form: 'A B', meter: '3/4', landmarks: ['backdoor', 'ii–V–I'] }),
];
const titles = (filters: Parameters<typeof filterTunes>[1]): string[] =>
  filterTunes(BOOK, filters).map(({ title }) => title);

it('finds words of the title in any order, whatever their case and accents', () => {
  expect(titles({ search: 'lamp CAFE' })).toEqual(['Café Lamp']);
  expect(titles({ search: '  ' })).toHaveLength(3);
});

it('finds tunes by key, meter, form and landmark, all of them at once', () => {
  expect(titles({ key: 'C minor' })).toEqual(['Ebb at Nine']);
  expect(titles({ form: 'twelve-bar blues' })).toEqual(['Bilge Lamp']);
  expect(titles({ landmark: 'backdoor' })).toEqual(['Café Lamp']);
  expect(titles({ landmark: 'backdoor', meter: '4/4' })).toEqual([]);
});

it('calls a form by its kind, not its key', () => {
  expect(BOOK.map(formOf)).toEqual(['twelve-bar blues', 'twelve-bar blues in minor', 'A B']);
});

it('offers only what some tune has, landmarks in their usual order', () => {
  expect(optionsOf(BOOK)).toEqual({
    keys: ['Bb major', 'C major', 'C minor'],
    meters: ['3/4', '4/4'],
    forms: ['A B', 'twelve-bar blues', 'twelve-bar blues in minor'],
    landmarks: ['ii–V–I', 'backdoor'],
  });
});

describe('tunes by what is known of them', () => {
  const known = new Map([
    ['Bilge Lamp', { share: 0.9, due: 1 }],
    ['Ebb at Nine', { share: 0.3, due: 4 }],
  ]);
  const found = (filters: Parameters<typeof filterTunes>[1]): string[] =>
    filterTunes(BOOK, filters, known).map(({ title }) => title);
  it('are found where something is due, was begun, or was not', () => {
    expect(found({ practice: 'due' })).toEqual(['Bilge Lamp', 'Ebb at Nine']);
    expect(found({ practice: 'begun', meter: '3/4' })).toEqual([]);
    expect(found({ practice: 'not begun' })).toEqual(['Café Lamp']);
  });
  it('stand by what is least known, or most due', () => {
    expect(found({ order: 'least known' })).toEqual(['Café Lamp', 'Ebb at Nine', 'Bilge Lamp']);
    expect(found({ order: 'most due' })).toEqual(['Ebb at Nine', 'Bilge Lamp', 'Café Lamp']);
  });
});
