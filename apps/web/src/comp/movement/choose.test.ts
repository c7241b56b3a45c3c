import type { DeviceOffer } from '@drop-close/core';
import { choicesIn, chosenAnew } from './choose';

const offer = (moving: string, voice: string, going: string): DeviceOffer => ({
  ...{ device: 'hold and move', variant: `${moving} ${voice} ${going}` },
  ...{ label: '', why: '', covers: 1, chords: [] },
  choices: [
    { name: 'Moving', value: moving },
    { name: 'Held in', value: voice },
    { name: 'Going', value: going },
  ],
});
const offers = [
  offer('all but the 3', 'any voice', 'up'),
  offer('all but the 7', 'any voice', 'down'),
  offer('all but the 3', 'the top voice', 'down'),
  offer('all but the 7', 'the top voice', 'up'),
];

it('each choice lists what the offers have, in their order', () => {
  expect([...choicesIn(offers)]).toEqual([
    ['Moving', ['all but the 3', 'all but the 7']],
    ['Held in', ['any voice', 'the top voice']],
    ['Going', ['up', 'down']],
  ]);
});
it('a voice chosen anew keeps the note where an offer has both, and turns round where it must', () => {
  expect(chosenAnew(offers, offers[0], 'Held in', 'the top voice')).toBe(offers[2]);
});
it('with nothing in hand the first is taken that has what is chosen', () => {
  expect(chosenAnew(offers, undefined, 'Going', 'down')).toBe(offers[1]);
});
it('what no offer has is not chosen', () => {
  expect(chosenAnew(offers, offers[0], 'Going', 'sideways')).toBeUndefined();
});
