import { presets, rooms } from '@drop-close/core';
import { useMatch, useNavigate } from 'react-router';
import { keysToMoveTo, tonicOf } from '../chart/keys';
import { useDocument } from '../document/store';
import { useHeading } from '../place/heading';
import { INSTRUMENT_OPTIONS } from '../profile/instrumentOptions';
import { useKeyName } from '../profile/useKeyName';
import { useOffer, type Command } from '../ui/commands';
import { setUp } from '../voice/setup/setUp';
import { ADDRESSES, PLACES } from './places';
import { SCREENS } from './screens';

const here = (id: string, label: string, words: string, run: () => void): Command => ({
  ...{ id, label, words, run, group: 'Here' },
});

/** What is chosen in a word: the instrument, the room, what matters how much. */
const SETUPS: readonly Command[] = [
  ...INSTRUMENT_OPTIONS.map(({ value, label }) =>
    here(`on ${value}`, `Voice it for ${label.toLowerCase()}`, 'instrument', () => {
      setUp({ instrument: value });
    }),
  ),
  ...Object.values(rooms).map((room) =>
    here(`room ${room.id}`, `Room: ${room.label.toLowerCase()}`, 'who else plays', () => {
      setUp({ room });
    }),
  ),
  ...presets.map(({ id, label, about, weights }) =>
    here(`taste ${id}`, `Taste: ${label.toLowerCase()}`, about, () => {
      setUp({ weights });
    }),
  ),
];

/** What can be done with the tune on the desk from any of its screens, besides what has a key. */
export function useTuneCommands(title: string): void {
  const navigate = useNavigate();
  const screen = useMatch('/tune/:id/:screen')?.params.screen;
  const goTo = ({ to, label }: { readonly to: string; readonly label: string }): Command => ({
    ...{ id: `screen ${to}`, group: 'Go to', label: `${label}: ${title}` },
    run: () => void navigate(to),
  });
  // On its own screen each is on the page, or has a key and is listed with it.
  const elsewhere = PLACES.filter(({ on }) => on !== screen);
  useOffer('this tune', [
    ...[...SCREENS, ...ADDRESSES].map(goTo),
    ...elsewhere.map(({ on, label, open }): Command => ({
      ...{ id: `open ${label}`, group: 'Go to', label },
      run: () => {
        open();
        void navigate(on);
      },
    })),
    ...useMoves(),
    ...SETUPS,
  ]);
}

/** The tune moved to other keys. */
function useMoves(): readonly Command[] {
  const { key } = useHeading();
  const keyName = useKeyName();
  const move = (semitones: number) => () => {
    useDocument.getState().dispatch({ type: 'transpose', semitones });
  };
  const others = keysToMoveTo(key).filter(({ semitones }) => semitones !== tonicOf(key));
  return [
    here('move up', 'Transpose the tune up a half step', 'key', move(1)),
    here('move down', 'Transpose the tune down a half step', 'key', move(-1)),
    ...others.map(({ name, semitones }) =>
      here(
        `move to ${semitones}`,
        `Transpose the tune to ${keyName(name)}`,
        'key',
        move(semitones - tonicOf(key)),
      ),
    ),
  ];
}
